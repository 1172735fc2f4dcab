<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Record;

use Hojaldre\Core\AtOven\GateItemName as Gate;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Record\CauseName as Cause;
use Hojaldre\Core\Record\Clues;
use Hojaldre\Core\Record\DoneBake;
use Hojaldre\Core\Statement\Statement;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What the record says of each cause. Logarithms are hand sums of the weights of docs/model.md#faults: 2.5 for what was looked at or
 * weighed, half more for what was pressed over at the gate, 1.5 and more with the share for what is a little off, 3.5 for what is
 * logged by itself.
 */
final class CluesTest extends TestCase
{
    private static function as(Pie $done, mixed ...$with): DoneBake
    {
        return new DoneBake(TroutQuiche::pie(), $done, ...$with);
    }

    private static function same(mixed ...$with): DoneBake
    {
        return self::as(TroutQuiche::pie(), ...$with);
    }

    private static function times(float $factor, string ...$layers): Pie
    {
        $pie = TroutQuiche::pie();

        return $pie->withLayers(array_map(static fn (Layer $layer): Layer => in_array($layer->id(), $layers, true) ? $layer->scaled($factor) : $layer, $pie->layers));
    }

    private static function minutes(float $minutes): Pie
    {
        return TroutQuiche::pie()->withBake(TroutQuiche::pie()->bake->withMinutes($minutes));
    }

    private static function shell(float $factor): Pie
    {
        $crust = TroutQuiche::pie()->crust;

        return TroutQuiche::pie()->withCrust($crust->withShell(array_map(static fn (ShellStage $one): ShellStage => $one->withMinutes($factor * $one->minutes), $crust->shell), $crust->seal));
    }

    private static function salted(float $factor): Pie
    {
        $pie = TroutQuiche::pie();

        return $pie->withSeasonings(array_map(static fn (Ingredient $one): Ingredient => $one->scaled($factor), $pie->seasonings));
    }

    /** @return iterable<string, array{Cause, DoneBake, float, list<string>, list<string>}> */
    public static function clues(): iterable
    {
        // 315 g of leeks are designed: 375 are 0.190 more, 340 are 0.079, 330 are 0.048, 320 are 0.016
        yield 'nobody weighed the leeks' => [Cause::WetFilling, self::same(), 0.0, [], ['clue.not-weighed']];
        yield '60 g more of leeks' => [Cause::WetFilling, self::as(TroutQuiche::withLeeks(375), weighed: ['leeks']), 3.5, ['clue.heavier'], []];
        yield '25 g more' => [Cause::WetFilling, self::as(TroutQuiche::withLeeks(340), weighed: ['leeks']), 1.5 + 12 * 25 / 315, ['clue.heavier'], []];
        yield '15 g more say nothing' => [Cause::WetFilling, self::as(TroutQuiche::withLeeks(330), weighed: ['leeks']), 0.0, [], []];
        yield '5 g more are as designed' => [Cause::WetFilling, self::as(TroutQuiche::withLeeks(320), weighed: ['leeks']), -2.5, [], ['clue.weighed-right']];
        yield 'the heaviest of two counts' => [Cause::WetFilling, self::as(TroutQuiche::withLeeks(340), weighed: ['smoked-trout', 'leeks']), 1.5 + 12 * 25 / 315, ['clue.heavier'], []];
        yield '35 g less of leeks' => [Cause::DryFilling, self::as(TroutQuiche::withLeeks(280), weighed: ['leeks']), 1.5 + 12 * 35 / 315, ['clue.lighter'], []];
        yield '60 g more are not dry' => [Cause::DryFilling, self::as(TroutQuiche::withLeeks(375), weighed: ['leeks']), -2.5, [], ['clue.weighed-right']];
        yield 'less of all is no drier' => [Cause::DryFilling, self::as(self::times(0.8, 'leeks', 'smoked-trout', 'custard'), weighed: ['leeks', 'smoked-trout', 'custard']), 0.0, [], []];

        yield 'the custard was not weighed' => [Cause::ThinCustard, self::same(), 0.0, [], ['clue.custard-not-weighed']];
        yield 'as designed' => [Cause::ThinCustard, self::same(weighed: ['custard']), -2.5, [], ['clue.custard-weighed']];
        yield 'a fifth more dairy' => [Cause::ThinCustard, self::as(TroutQuiche::withCustard(5, 1.2 * 427.8), weighed: ['custard']), 3.0, ['clue.more-dairy'], []];
        yield 'a fifth more dairy is not eggy' => [Cause::EggyCustard, self::as(TroutQuiche::withCustard(5, 1.2 * 427.8), weighed: ['custard']), -2.5, [], ['clue.custard-weighed']];
        yield 'an egg more' => [Cause::EggyCustard, self::as(TroutQuiche::withCustard(6, 427.8), weighed: ['custard']), 3.0, ['clue.more-egg'], []];
        yield 'a twentieth more dairy says nothing for it' => [Cause::ThinCustard, self::as(TroutQuiche::withCustard(5, 1.05 * 427.8), weighed: ['custard']), -2.5, [], ['clue.custard-weighed']];

        $cool = Weights::of(TroutQuiche::pie())->startCelsius();
        yield 'a filling 8 K warmer' => [Cause::HotFilling, self::same(fillingCelsius: $cool + 8), 3.5, ['clue.filling-warm'], []];
        yield 'a filling 7 K warmer' => [Cause::HotFilling, self::same(fillingCelsius: $cool + 7), -6.0, [], ['clue.filling-cool']];
        yield 'pressed over at the gate' => [Cause::HotFilling, self::same(skipped: [Gate::FillingCool]), 3.0, ['clue.skipped'], []];
        yield 'and the probe ran ahead' => [Cause::HotFilling, self::same(skipped: [Gate::FillingCool], behindMinutes: -2.0), 4.0, ['clue.skipped', 'clue.ahead'], []];
        yield 'hardly ahead' => [Cause::HotFilling, self::same(behindMinutes: -1.9), 0.0, [], []];
        yield 'behind says nothing for heat' => [Cause::HotFilling, self::same(behindMinutes: 2.0), 0.0, [], []];
        yield 'ticked at the gate' => [Cause::HotFilling, self::same(looked: [Gate::FillingCool]), -2.5, [], ['clue.looked']];

        yield 'a quarter more of all' => [Cause::TooFull, self::as(self::times(1.25, 'leeks', 'smoked-trout', 'custard')), 3.0, ['clue.more-filling'], []];
        yield 'a fifth less of all' => [Cause::TooEmpty, new DoneBake(OtherPies::folds(), OtherPies::folds()->withFillingScaled(0.8)), 2.5, ['clue.less-filling'], []];
        yield 'a twentieth less' => [Cause::TooEmpty, new DoneBake(OtherPies::folds(), OtherPies::folds()->withFillingScaled(0.95)), 0.0, [], []];
        yield 'more of one thing is another fault' => [Cause::TooFull, self::as(TroutQuiche::withCustard(5, 2 * 427.8), weighed: ['custard']), 0.0, ['clue.full'], []];

        yield 'salted five times over' => [Cause::SaltOnSalt, self::as(self::salted(5)), 1.5, ['clue.salt'], []];
        yield 'salted five times over by design' => [Cause::SaltOnSalt, new DoneBake(self::salted(5), self::salted(5)), 0.0, ['clue.salt'], []];
        yield 'salted as usual' => [Cause::SaltOnSalt, self::same(), -0.5, [], ['clue.salt']];
        yield 'salted as usual is not bland' => [Cause::SaltForgotten, self::same(), -0.5, [], ['clue.salt']];

        yield 'the shell a third shorter' => [Cause::ShellShort, self::as(self::shell(2 / 3)), 3.5, ['clue.shell-minutes'], []];
        yield 'the shell a tenth shorter' => [Cause::ShellShort, self::as(self::shell(0.9)), 1.5 + 0.8, ['clue.shell-minutes'], []];
        yield 'the shell as designed' => [Cause::ShellShort, self::same(), -3.5, [], ['clue.shell-minutes']];
        yield 'the shell a tenth longer' => [Cause::ShellTooLong, self::as(self::shell(1.1)), 1.5 + 0.8, ['clue.shell-minutes'], []];
        yield 'a longer shell is not short' => [Cause::ShellShort, self::as(self::shell(1.1)), -3.5, [], ['clue.shell-minutes']];
        yield 'out five minutes early of 46' => [Cause::OutEarly, self::as(self::minutes(41)), 1.5 + 8 * 5 / 46, ['clue.bake-minutes'], []];
        yield 'out four minutes early of 46' => [Cause::OutEarly, self::as(self::minutes(42)), 1.5 + 8 * 4 / 46, ['clue.bake-minutes'], []];
        yield 'out three minutes early' => [Cause::OutEarly, self::as(self::minutes(43)), -3.5, [], ['clue.bake-minutes']];
        yield 'out five minutes late' => [Cause::OutLate, self::as(self::minutes(51)), 1.5 + 8 * 5 / 46, ['clue.bake-minutes'], []];
        yield 'out twenty minutes late' => [Cause::OutLate, self::as(self::minutes(66)), 3.5, ['clue.bake-minutes'], []];

        yield 'the oven was not measured' => [Cause::OvenCold, self::same(), 0.0, [], ['clue.oven-not-measured']];
        yield 'the oven read 18 too cold' => [Cause::OvenCold, self::same(ovenCelsius: -18.0), 2.5, ['clue.oven-reads'], []];
        yield 'seven are enough' => [Cause::OvenCold, self::same(ovenCelsius: -7.0), 2.5, ['clue.oven-reads'], []];
        yield 'six are not' => [Cause::OvenCold, self::same(ovenCelsius: -6.0), -2.5, [], ['clue.oven-reads']];
        yield 'too cold is not hot' => [Cause::OvenHot, self::same(ovenCelsius: -18.0), -2.5, [], ['clue.oven-reads']];
        yield 'cold, and the probe behind' => [Cause::OvenCold, self::same(ovenCelsius: -18.0, behindMinutes: 2.0), 5.0, ['clue.oven-reads', 'clue.behind'], []];
        yield 'cold, and the probe as foretold' => [Cause::OvenCold, self::same(ovenCelsius: -18.0, behindMinutes: 1.0), 1.0, ['clue.oven-reads'], ['clue.behind']];
        yield 'hot, and the probe ahead' => [Cause::OvenHot, self::same(ovenCelsius: 12.0, behindMinutes: -3.0), 5.0, ['clue.oven-reads', 'clue.ahead'], []];
        yield 'the probe ahead is not cold' => [Cause::OvenCold, self::same(behindMinutes: -3.0), -1.5, [], ['clue.ahead']];
        yield 'it went in before its heat' => [Cause::OvenCold, self::same(skipped: [Gate::OvenHot]), 1.5, ['clue.skipped'], ['clue.oven-not-measured']];
        yield 'that does not make it hot' => [Cause::OvenHot, self::same(skipped: [Gate::OvenHot]), 0.0, [], ['clue.oven-not-measured']];

        yield 'rested for eight minutes' => [Cause::CutEarly, self::same(restMinutes: 8.0), 2.5, ['clue.rested'], []];
        yield 'rested for nine' => [Cause::CutEarly, self::same(restMinutes: 9.0), -4.0, [], ['clue.rested']];
        yield 'nobody knows how long' => [Cause::CutEarly, self::same(), -0.5, [], ['clue.rest-not-known']];
        yield 'no rule for it' => [Cause::OverworkedDough, self::same(looked: Gate::cases()), 0.0, [], []];
    }

    /**
     * @param  list<string>  $for
     * @param  list<string>  $against
     */
    #[DataProvider('clues')]
    public function test_what_the_record_says(Cause $cause, DoneBake $bake, float $log, array $for, array $against): void
    {
        $clue = Clues::of($cause, $bake);
        self::assertEqualsWithDelta($log, $clue->log, 1e-9);
        $codes = static fn (Statement $one): string => $one->code;
        self::assertSame([$for, $against], [array_map($codes, $clue->for), array_map($codes, $clue->against)]);
    }

    /** @return iterable<string, array{Cause, Gate}> */
    public static function gates(): iterable
    {
        $pairs = [
            [Cause::NotDocked, Gate::Docked], [Cause::NotDocked, Gate::DockedTwice], [Cause::NoWeights, Gate::Weights], [Cause::WarmDough, Gate::ShellCold], [Cause::NotGreased, Gate::Greased], [Cause::NotSealed, Gate::Sealed],
            [Cause::NoVent, Gate::Vented], [Cause::NoGlaze, Gate::Glazed], [Cause::NoFoil, Gate::FoilReady], [Cause::RackTooHigh, Gate::Rack], [Cause::RackTooLow, Gate::Rack],
        ];
        foreach ($pairs as [$cause, $gate]) {
            yield "$cause->value, $gate->value" => [$cause, $gate];
        }
    }

    #[DataProvider('gates')]
    public function test_what_was_pressed_over_at_the_gate_speaks_for_it_and_what_was_ticked_against(Cause $cause, Gate $gate): void
    {
        $skipped = Clues::of($cause, self::same(skipped: [$gate], looked: [$gate]));
        self::assertEqualsWithDelta(3.0, $skipped->log, 1e-9);
        $item = $skipped->for[0]->with['item'] ?? null;
        self::assertSame("gate-stop.$gate->value", $item instanceof Statement ? $item->code : '');
        self::assertEqualsWithDelta(-2.5, Clues::of($cause, self::same(looked: [$gate]))->log, 1e-9);
        $others = array_values(array_filter(Gate::cases(), static fn (Gate $one): bool => $one !== $gate && ! ($cause === Cause::NotDocked && in_array($one, [Gate::Docked, Gate::DockedTwice], true))));
        self::assertEqualsWithDelta(0.0, Clues::of($cause, self::same(skipped: $others, looked: $others))->log, 1e-9);
    }

    public function test_figures_are_told_with_it(): void
    {
        self::assertEqualsWithDelta(60.0, Clues::of(Cause::WetFilling, self::as(TroutQuiche::withLeeks(375), weighed: ['leeks']))->for[0]->with['overGrams'], 1e-9);
        self::assertEqualsWithDelta(35.0, Clues::of(Cause::DryFilling, self::as(TroutQuiche::withLeeks(280), weighed: ['leeks']))->for[0]->with['overGrams'], 1e-9);
        self::assertEqualsWithDelta(20.0, Clues::of(Cause::ThinCustard, self::as(TroutQuiche::withCustard(5, 1.2 * 427.8), weighed: ['custard']))->for[0]->with['morePercent'], 1e-6);
        // six eggs for five: a sixth less dairy to each
        self::assertEqualsWithDelta(100 / 6, Clues::of(Cause::EggyCustard, self::as(TroutQuiche::withCustard(6, 427.8), weighed: ['custard']))->for[0]->with['morePercent'], 1e-6);
        self::assertEqualsWithDelta(20.0, Clues::of(Cause::TooEmpty, new DoneBake(OtherPies::folds(), OtherPies::folds()->withFillingScaled(0.8)))->for[0]->with['lessPercent'], 1e-6);
        self::assertEqualsWithDelta(25.0, Clues::of(Cause::TooFull, self::as(TroutQuiche::pie()->withFillingScaled(1.25)))->for[0]->with['morePercent'], 1e-6);
        $reads = Clues::of(Cause::OvenHot, self::same(ovenCelsius: 12.0))->for[0];
        self::assertSame([12.0, 'hotter'], [$reads->with['offKelvins'], $reads->with['way']]);
        self::assertSame('colder', Clues::of(Cause::OvenCold, self::same(ovenCelsius: -12.0))->for[0]->with['way']);
        self::assertTrue(Clues::of(Cause::CutEarly, self::same(restMinutes: 15.0))->rulesOut);
        self::assertTrue(Clues::of(Cause::HotFilling, self::same(fillingCelsius: 5.0))->rulesOut);
        self::assertFalse(Clues::of(Cause::CutEarly, self::same(restMinutes: 5.0))->rulesOut);
    }

    /** 315 g of leeks, 180 of trout, 250 of egg, 427.8 of dairy, 6 of salt in a tin 35 mm deep; more and less of all moves the line. */
    public function test_headroom_speaks_for_and_against_a_tin_that_is_too_full(): void
    {
        $room = static fn (Pie $pie): float => 35.0 - 3.0 - Weights::of($pie)->fillMm();
        foreach ([0.6, 0.8, 0.95, 1.0, 1.05, 1.1, 1.2] as $factor) {
            $pie = TroutQuiche::pie()->withFillingScaled($factor);
            $clue = Clues::of(Cause::TooFull, new DoneBake($pie, $pie));
            [$log, $code] = match (true) {
                $room($pie) < 2.0 => [0.0, 'clue.full'],
                $room($pie) > 6.0 => [-1.5, 'clue.headroom'],
                default => [0.0, ''],
            };
            self::assertEqualsWithDelta($log, $clue->log, 1e-9, "$factor");
            self::assertSame($code, ([...$clue->for, ...$clue->against][0] ?? null)->code ?? '', "$factor");
        }
    }
}
