<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\AtOven;

use Hojaldre\Core\AtOven\Gate;
use Hojaldre\Core\AtOven\GateCost;
use Hojaldre\Core\AtOven\GateItem;
use Hojaldre\Core\AtOven\GateItemName;
use Hojaldre\Core\AtOven\PossibleBakes;
use Hojaldre\Core\Bake\BakeResult;
use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Bake\Resolution;
use Hojaldre\Core\Bake\Simulation;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pastry\Lining;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the gate asks of a pie, and what it says it costs. */
final class PricesTest extends TestCase
{
    /** @return iterable<string, array{Pie, list<GateItemName>, list<GateItemName>}> */
    public static function gates(): iterable
    {
        $with = static fn (?Lid $lid, Lining $lining = Lining::Tin): Pie => TroutQuiche::pie()->withCrust(new Crust(Pantry::food('shortcrust'), 3, [], Seal::None, $lining, $lid));
        $full = TroutQuiche::pie()->withFillingScaled(1.12);
        yield 'a raw crust without a lid' => [$with(null), [GateItemName::Greased], [GateItemName::Sealed, GateItemName::Vented, GateItemName::DockedTwice]];
        yield 'a lid' => [$with(new Lid(3, 0.01, Glaze::Egg)), [GateItemName::Sealed, GateItemName::Vented, GateItemName::Glazed, GateItemName::TrayUnder], []];
        yield 'a lid that is vented late' => [$with(new Lid(3, 0.01, Glaze::Egg, true)), [GateItemName::Sealed], [GateItemName::Vented]];
        yield 'a lattice lets its steam out' => [$with(new Lid(3, 0.4, Glaze::None)), [GateItemName::Sealed], [GateItemName::Vented, GateItemName::Glazed]];
        yield 'a dish without a lining' => [$with(new Lid(3, 0.01, Glaze::None), Lining::LidOnly), [GateItemName::Vented], [GateItemName::Greased]];
        yield 'full to the rim' => [$full, [GateItemName::TrayUnder], [GateItemName::Vented]];
        yield 'half full' => [TroutQuiche::pie()->withFillingScaled(0.5), [], [GateItemName::TrayUnder]];
        yield 'nuts under a lid are not on top' => [OtherPies::nutsOnTop()->withCrust(OtherPies::nutsOnTop()->crust->withLid(new Lid(3, 0.01, Glaze::None))), [], [GateItemName::TopOn]];
        yield 'raw meat folded in' => [OtherPies::folds(), [GateItemName::OvenHot, GateItemName::Rack, GateItemName::FillingCool], [GateItemName::TopOn, GateItemName::FoilReady]];
    }

    /**
     * @param  list<GateItemName>  $wanted
     * @param  list<GateItemName>  $not
     */
    #[DataProvider('gates')]
    public function test_the_gate_asks_what_this_pie_needs(Pie $pie, array $wanted, array $not): void
    {
        $names = array_map(static fn (GateItem $item): GateItemName => $item->name, Gate::ofBake($pie));
        self::assertSame([], array_udiff($wanted, $names, static fn (GateItemName $a, GateItemName $b): int => $a->value <=> $b->value));
        self::assertSame([], array_uintersect($not, $names, static fn (GateItemName $a, GateItemName $b): int => $a->value <=> $b->value));
    }

    public function test_a_filling_may_be_eight_kelvins_warmer_than_designed(): void
    {
        $item = array_values(array_filter(Gate::ofBake(TroutQuiche::pie()), static fn (GateItem $one): bool => $one->name === GateItemName::FillingCool))[0];
        $starts = Weights::of(TroutQuiche::pie())->startCelsius();
        self::assertSame(round($starts + 8), $item->wantedCelsius);
        self::assertSame(round($starts), $item->title->with['fillingCelsius']);
    }

    public function test_fat_melts_only_where_raw_dough_lies_under_it_and_egg_thickens_only_where_there_is_some(): void
    {
        $codes = static function (Pie $pie): array {
            $item = array_values(array_filter(Gate::ofBake($pie), static fn (GateItem $one): bool => $one->name === GateItemName::FillingCool))[0] ?? self::fail('it is asked');

            return array_map(static fn (Statement $one): string => $one->code, $item->costs[3]->says);
        };
        self::assertNotContains('gate-cost.egg-thickens', $codes(OtherPies::folds()), 'no egg is in it');
        self::assertContains('gate-cost.fat-melts', $codes(OtherPies::folds()));
        $dish = TroutQuiche::pie()->withCrust(new Crust(Pantry::food('shortcrust'), 3, [], Seal::None, Lining::LidOnly, new Lid(3, 0.01, Glaze::None)));
        self::assertNotContains('gate-cost.fat-melts', $codes($dish), 'no dough lies under it');
        self::assertContains('gate-cost.egg-thickens', $codes($dish));
    }

    /** 100 K are gained in ten minutes, so half of it is missing for twenty; an oven that is on has 120 °C at least. */
    public function test_a_cold_oven_is_baked_as_half_of_it_missing_for_twice_as_long(): void
    {
        $pie = OtherPies::shallow();
        $first = $pie->bake->first();
        self::assertSame([160.0, 34.0], [$first->ovenCelsius, $first->minutes]);
        $cold = $pie->withBake($pie->bake->withStages([$first->with(ovenCelsius: 120.0, minutes: 20.0), $first->with(minutes: 14.0)]));
        $ready = static fn (Pie $of): float => PossibleBakes::ready(Simulation::run(BakeInputs::of(Weights::of($of)), null, Resolution::coarse()), BakeInputs::of(Weights::of($pie)), INF);
        $item = array_values(array_filter(Gate::ofBake($pie), static fn (GateItem $one): bool => $one->name === GateItemName::OvenHot))[0];
        $says = array_values(array_filter($item->costs[3]->says, static fn (Statement $one): bool => $one->code === 'gate-cost.later'))[0] ?? self::fail('it takes longer');
        self::assertSame(round($ready($cold) - $ready($pie)), $says->with['byMinutes']);
        self::assertSame([60.0, 10.0], [$item->costs[3]->atCelsius, $item->costs[3]->waitMinutes]);
    }

    /** @return iterable<string, array{Pie, GateItemName, Pie}> the pie, what is forgotten, and the pie as it is baked then */
    public static function forgotten(): iterable
    {
        $quiche = TroutQuiche::pie();
        $racked = static fn (Rack $rack): Pie => $quiche->withBake($quiche->bake->withStages([$quiche->bake->first()->with(rack: $rack)]));
        yield 'the high rack for the low one' => [$racked(Rack::Low), GateItemName::Rack, $racked(Rack::High)];
        yield 'the low rack for the high one' => [$racked(Rack::High), GateItemName::Rack, $racked(Rack::Low)];
        $deep = OtherPies::deep();
        yield 'no foil' => [$deep, GateItemName::FoilReady, $deep->withBake($deep->bake->withStages(array_map(static fn (Stage $one): Stage => $one->with(tent: false, shield: false), $deep->bake->stages)))];
        $lidded = static fn (Glaze $glaze): Pie => $quiche->withCrust(new Crust(Pantry::food('shortcrust'), 3, [], Seal::None, lid: new Lid(3, 0.01, $glaze)));
        yield 'no glaze' => [$lidded(Glaze::Yolk), GateItemName::Glazed, $lidded(Glaze::None)];
    }

    /** Told: a minute and more, a wetter base, a brown that has another word and is 0.15 and more away; else that it costs little. */
    #[DataProvider('forgotten')]
    public function test_the_price_is_what_another_bake_has_for_it(Pie $pie, GateItemName $name, Pie $other): void
    {
        $bake = static fn (Pie $of): BakeResult => Simulation::run(BakeInputs::of(Weights::of($of)), null, Resolution::coarse());
        [$as, $then] = [$bake($pie), $bake($other)];
        $later = PossibleBakes::ready($then, BakeInputs::of(Weights::of($pie)), INF) - PossibleBakes::ready($as, BakeInputs::of(Weights::of($pie)), INF);
        $verdict = static fn (BakeResult $of): BaseVerdict => BaseVerdict::of($of->baseRatio, $of->baseBakedShare);
        $wetness = static fn (BakeResult $of): int => (int) array_search($verdict($of), BaseVerdict::cases(), true);
        $expected = [];
        if (abs($later) >= 1) {
            $expected[$later > 0 ? 'gate-cost.later' : 'gate-cost.earlier'] = ['byMinutes' => abs(round($later))];
        }
        if ($wetness($then) > $wetness($as)) {
            $expected['gate-cost.base'] = ['from' => $verdict($as)->value, 'to' => $verdict($then)->value];
        }
        foreach (['top' => [$as->browned->topIndex, $then->browned->topIndex], 'rim' => [$as->browned->rimIndex, $then->browned->rimIndex]] as $where => [$from, $to]) {
            if (abs($to - $from) >= 0.15 && Brownness::of($from) !== Brownness::of($to)) {
                $expected["gate-cost.$where"] = ['from' => Brownness::of($from)->value, 'to' => Brownness::of($to)->value];
            }
        }
        $item = array_values(array_filter(Gate::ofBake($pie), static fn (GateItem $one): bool => $one->name === $name))[0] ?? self::fail('it is asked');
        $told = [];
        foreach ($item->costs[0]->says as $one) {
            $told[$one->code] = $one->with;
        }
        self::assertEquals($expected === [] ? ['gate-cost.little' => []] : $expected, $told);
        self::assertNull($item->costs[0]->atCelsius);
    }

    /** From 45 °C on it melts, below it softens (figures of the base, docs/model.md). */
    public function test_fat_softens_before_it_melts(): void
    {
        $item = array_values(array_filter(Gate::ofBake(OtherPies::folds()), static fn (GateItem $one): bool => $one->name === GateItemName::FillingCool))[0];
        $fat = array_map(static fn (GateCost $cost): string => implode(' ', array_filter(array_map(static fn (Statement $one): string => $one->code, $cost->says), static fn (string $code): bool => str_starts_with($code, 'gate-cost.fat'))), $item->costs);
        self::assertSame(['gate-cost.fat-softens', 'gate-cost.fat-melts', 'gate-cost.fat-melts', 'gate-cost.fat-melts'], $fat);
    }
}
