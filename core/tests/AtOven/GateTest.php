<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\AtOven;

use Hojaldre\Core\AtOven\ActAnswer;
use Hojaldre\Core\AtOven\ActName;
use Hojaldre\Core\AtOven\CueName;
use Hojaldre\Core\AtOven\Gate;
use Hojaldre\Core\AtOven\GateItem;
use Hojaldre\Core\AtOven\GateItemName;
use Hojaldre\Core\AtOven\Leg;
use Hojaldre\Core\AtOven\LegName;
use Hojaldre\Core\AtOven\Legs;
use Hojaldre\Core\AtOven\OvenAct;
use Hojaldre\Core\AtOven\PossibleBakes;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Oven\Oven;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Statement\Statement;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

/** The gate asks what this pie needs and no more; acts come when cooks expect them. */
final class GateTest extends TestCase
{
    /** @var array<string, list<Leg>> each is baked once */
    private static array $legs = [];

    /** @return list<Leg> */
    private static function legs(Pie $pie): array
    {
        return self::$legs[md5(serialize($pie))] ??= Legs::of($pie, PossibleBakes::of(BakeInputs::of(Weights::of($pie))));
    }

    /**
     * @param  list<GateItem>  $gate
     * @return list<GateItemName>
     */
    private static function names(array $gate): array
    {
        return array_map(static fn (GateItem $item): GateItemName => $item->name, $gate);
    }

    /** @param  list<GateItem>  $gate */
    private static function item(array $gate, GateItemName $name): GateItem
    {
        return array_values(array_filter($gate, static fn (GateItem $item): bool => $item->name === $name))[0] ?? self::fail("no $name->value");
    }

    /** @return list<string> */
    private static function codes(GateItem $item, int $cost = 0): array
    {
        return array_map(static fn (Statement $one): string => $one->code, $item->costs[$cost]->says);
    }

    private static function lidded(Glaze $glaze = Glaze::Egg, bool $late = false): Pie
    {
        $pie = TroutQuiche::pie();

        return $pie->withCrust(new Crust(Pantry::food('shortcrust'), 3, [], Seal::None, lid: new Lid(3, 0.01, $glaze, $late)));
    }

    public function test_an_open_quiche_asks_for_no_vent_and_no_glaze_and_a_pasty_asks_for_no_tin(): void
    {
        $quiche = self::names(Gate::ofBake(TroutQuiche::pie()));
        self::assertContains(GateItemName::DockedTwice, $quiche);
        self::assertContains(GateItemName::ShellCold, $quiche);
        self::assertContains(GateItemName::FillingCool, $quiche);
        foreach ([GateItemName::Vented, GateItemName::Glazed, GateItemName::Sealed, GateItemName::Greased, GateItemName::FoilReady] as $not) {
            self::assertNotContains($not, $quiche);
        }
        $folds = self::names(Gate::ofBake(OtherPies::folds()));
        foreach ([GateItemName::Sealed, GateItemName::Vented, GateItemName::TrayUnder] as $wanted) {
            self::assertContains($wanted, $folds);
        }
        foreach ([GateItemName::Greased, GateItemName::DockedTwice, GateItemName::ShellCold] as $not) {
            self::assertNotContains($not, $folds);
        }
    }

    public function test_what_was_set_aside_for_the_top_is_named_and_foil_is_wanted_where_it_is_used(): void
    {
        self::assertSame(Pantry::food('hazelnuts')->name, self::item(Gate::ofBake(OtherPies::nutsOnTop()), GateItemName::TopOn)->title->with['food']);
        self::assertContains(GateItemName::FoilReady, self::names(Gate::ofBake(OtherPies::deep())));
        self::assertNotContains(GateItemName::TopOn, self::names(Gate::ofBake(TroutQuiche::pie())));
    }

    public function test_an_empty_shell_has_a_gate_of_its_own(): void
    {
        $names = self::names(Gate::ofShell(TroutQuiche::pie()));
        self::assertSame([GateItemName::OvenHot, GateItemName::Rack, GateItemName::Greased, GateItemName::Docked, GateItemName::Weights, GateItemName::ShellCold], $names);
        self::assertTrue(GateItemName::OvenHot->isMeasured());
        self::assertFalse(GateItemName::Vented->isMeasured());
    }

    public function test_a_vent_that_is_cut_late_is_an_act_and_not_a_thing_of_the_gate(): void
    {
        self::assertContains(GateItemName::Vented, self::names(Gate::ofBake(self::lidded())));
        self::assertNotContains(GateItemName::Vented, self::names(Gate::ofBake(self::lidded(late: true))));
        self::assertContains(ActName::Vent, array_map(static fn (OvenAct $act): ActName => $act->name, self::legs(self::lidded(late: true))[0]->acts));
        self::assertNotContains(GateItemName::Glazed, self::names(Gate::ofBake(self::lidded(Glaze::None))));
        self::assertContains('gate-cost.top', self::codes(self::item(Gate::ofBake(self::lidded()), GateItemName::Glazed)), 'without its glaze it is paler');
    }

    public function test_a_hot_filling_costs_what_cooks_say_and_the_wait_grows_with_its_heat(): void
    {
        $raw = TroutQuiche::pie()->withCrust(new Crust(Pantry::food('shortcrust'), 3, [], Seal::None));
        $item = self::item(Gate::ofBake($raw), GateItemName::FillingCool);
        self::assertSame([35.0, 45.0, 60.0, 80.0], array_map(static fn ($cost): ?float => $cost->atCelsius, $item->costs));
        self::assertContains('gate-cost.fat-melts', self::codes($item, 3));
        self::assertContains('gate-cost.egg-thickens', self::codes($item, 3));
        self::assertContains('gate-cost.fat-softens', self::codes($item));
        self::assertNotContains('gate-cost.egg-thickens', self::codes($item), '35 °C is hand-warm');
        $waits = array_map(static fn ($cost): ?float => $cost->waitMinutes, $item->costs);
        self::assertSame($waits, array_values(array_unique($waits)));
        self::assertLessThan($waits[3], $waits[0]);
        self::assertEqualsWithDelta(45.0, $waits[3], 20.0, 'half an hour to an hour on a tray: common practice, no source');
        $shell = self::item(Gate::ofBake(TroutQuiche::pie()), GateItemName::FillingCool);
        self::assertNotContains('gate-cost.fat-melts', self::codes($shell, 3), 'a baked shell has no raw fat to melt');
    }

    public function test_a_filling_that_is_meant_to_be_hot_is_not_asked_about(): void
    {
        $pie = TroutQuiche::pie();
        $hot = $pie->withLayers(array_map(static fn (Layer $layer): Layer => $layer instanceof SolidLayer ? new SolidLayer($layer->id, $layer->food, $layer->bought, $layer->steps, $layer->binder, 80.0) : $layer, $pie->layers));
        self::assertGreaterThan(40.0, Weights::of($hot)->startCelsius());
        self::assertNotContains(GateItemName::FillingCool, self::names(Gate::ofBake($hot)));
    }

    public function test_a_cold_oven_costs_minutes_the_more_the_colder_and_is_there_ten_kelvins_a_minute_later(): void
    {
        $item = self::item(Gate::ofBake(TroutQuiche::pie()), GateItemName::OvenHot);
        self::assertSame(170.0, $item->wantedCelsius, 'five degrees below 175 are near enough');
        self::assertSame([165.0, 150.0, 125.0, 75.0], array_map(static fn ($cost): ?float => $cost->atCelsius, $item->costs));
        self::assertSame([1.0, 3.0, 5.0, 10.0], array_map(static fn ($cost): ?float => $cost->waitMinutes, $item->costs));
        $later = static fn (int $cost): float => array_values(array_filter($item->costs[$cost]->says, static fn (Statement $one): bool => $one->code === 'gate-cost.later'))[0]->with['byMinutes'] ?? 0.0;
        self::assertGreaterThan($later(1), $later(3));
        self::assertGreaterThanOrEqual(5.0, $later(3));
    }

    public function test_the_dial_is_told_where_the_oven_is_known_to_lie(): void
    {
        $pie = TroutQuiche::pie();
        $cold = $pie->withBake(new \Hojaldre\Core\Oven\BakePlan($pie->bake->stages, $pie->bake->on, new Oven('Galley', -12), $pie->bake->tinMaterial));
        $title = self::item(Gate::ofBake($cold), GateItemName::OvenHot)->title;
        self::assertSame('gate.oven-hot-dial', $title->code);
        self::assertSame(187.0, $title->with['dialovenCelsius']);
        self::assertSame('gate.oven-hot', self::item(Gate::ofBake($pie), GateItemName::OvenHot)->title->code);
    }

    public function test_the_first_look_is_at_eighty_to_ninety_in_a_hundred_of_the_minutes(): void
    {
        foreach ([TroutQuiche::pie(), OtherPies::deep(), OtherPies::shallow(), OtherPies::folds()] as $pie) {
            $legs = self::legs($pie);
            $bake = $legs[count($legs) - 1];
            $share = ($bake->act('look') ?? self::fail('no look'))->minute / ($bake->act('out') ?? self::fail('no out'))->minute;
            self::assertGreaterThanOrEqual(0.8, $share);
            self::assertLessThanOrEqual(0.9, $share);
        }
    }

    public function test_a_shell_is_asked_by_what_is_seen(): void
    {
        [$shell, $bake] = self::legs(TroutQuiche::pie());
        self::assertSame([LegName::Shell, LegName::Bake], [$shell->name, $bake->name]);
        self::assertSame(['weights-out', 'shell-look', 'out'], array_map(static fn (OvenAct $act): string => $act->id, $shell->acts));
        $again = [];
        foreach (($shell->act('shell-look') ?? self::fail('no look'))->answers as $answer) {
            $again[$answer->code] = $answer->againMinutes;
        }
        self::assertSame(5.0, $again['edge-brown-base-wet'], 'common practice, no source: back for five');
        self::assertGreaterThanOrEqual(2.0, $again['dark-or-shiny']);
        self::assertLessThanOrEqual(3.0, $again['dark-or-shiny']);
        self::assertNull($again['matt']);
        self::assertSame(1.0, $again['puffed']);
        self::assertCount(1, self::legs(OtherPies::folds()), 'a pasty has no empty shell');
        $sealed = self::legs(TroutQuiche::pie()->withCrust(new Crust(Pantry::food('shortcrust'), 3, TroutQuiche::pie()->crust->shell, Seal::Egg)))[0];
        self::assertSame(['weights-out', 'shell-look', 'seal', 'out'], array_map(static fn (OvenAct $act): string => $act->id, $sealed->acts));
        self::assertSame(2.0, ($sealed->act('out')->minute ?? 0.0) - ($sealed->act('seal')->minute ?? 0.0));
    }

    public function test_the_cue_is_what_a_cook_would_look_at(): void
    {
        $cue = static function (Pie $pie): ?CueName {
            $legs = self::legs($pie);

            return $legs[count($legs) - 1]->act('look')?->cue;
        };
        self::assertSame(CueName::Tremble, $cue(TroutQuiche::pie()));
        self::assertSame(CueName::Pick, $cue(OtherPies::deep()));
        self::assertSame(CueName::Underside, $cue(OtherPies::folds()));
        self::assertSame(CueName::Pick, $cue(self::lidded()));
    }

    public function test_answers_go_from_early_to_late_and_only_the_last_look_takes_it_out(): void
    {
        [, $bake] = self::legs(TroutQuiche::pie());
        $look = $bake->act('look')->answers ?? [];
        self::assertSame(['less', 'like', 'more'], array_map(static fn (ActAnswer $one): string => $one->code, $look));
        self::assertLessThan(0.0, $look[0]->movesOutMinutes);
        self::assertGreaterThan(0.0, $look[2]->movesOutMinutes);
        $out = $bake->act('out')->answers ?? [];
        self::assertSame([true, true, false], array_map(static fn (ActAnswer $one): bool => $one->takesOut, $out));
        self::assertGreaterThanOrEqual(1.0, $out[2]->againMinutes);
        self::assertLessThanOrEqual(8.0, $out[2]->againMinutes);
        $folds = self::legs(OtherPies::folds())[0]->act('look')->answers ?? [];
        self::assertSame([4.0, 0.0, 0.0], array_map(static fn (ActAnswer $one): float => $one->movesOutMinutes, $folds));
    }

    public function test_what_changes_between_two_stages_is_an_act(): void
    {
        $pie = TroutQuiche::pie();
        $first = new Stage(190, $pie->bake->first()->mode, 15, Rack::Low);
        $moved = $pie->withBake($pie->bake->withStages([$first, new Stage(175, $pie->bake->first()->mode, 31, Rack::Middle, tent: true, shield: true)]));
        $act = self::legs($moved)[1]->act('move1') ?? self::fail('no move');
        self::assertSame(15.0, $act->minute);
        self::assertSame(['move.rack', 'move.tent-on', 'move.shield-on', 'move.cooler'], array_map(static fn ($one): string => $one->code, (array) $act->title->with['changes']));
        self::assertNull(self::legs($pie)[1]->act('move1'));
        self::assertNotNull(self::legs(OtherPies::deep())[1]->act('turn'), 'an hour and more: turn it once');
    }
}
