<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\AtOven;

use Hojaldre\Core\AtOven\LeftOut;
use Hojaldre\Core\AtOven\LeftOutWhy;
use Hojaldre\Core\AtOven\PossibleBake;
use Hojaldre\Core\AtOven\PossibleBakes;
use Hojaldre\Core\AtOven\ProbeCheck;
use Hojaldre\Core\AtOven\Safety;
use Hojaldre\Core\AtOven\SafetyState;
use Hojaldre\Core\AtOven\Trace;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Kitchens;
use Hojaldre\Core\Forecast\Normal;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

/** A probe that lies is not believed, and an honest one is; ways and bars are the test's own. `./hojaldre drill probe` runs 200 bakes of each. */
final class ProbeCheckTest extends TestCase
{
    /** From 10 °C by 1.5 and by 2 K a minute, for an hour. */
    private static function possible(): PossibleBakes
    {
        return new PossibleBakes(array_map(
            static fn (float $rate): PossibleBake => new PossibleBake(array_map(static fn (int $minute): float => min(90.0, 10 + $rate * $minute), range(0, 60)), array_fill(0, 61, 0.0), 40.0, 40.0),
            [1.5, 1.75, 2.0],
        ));
    }

    /** @return list<array{float, float}> as the middle one of them has it, six a minute */
    private static function honest(float $from, float $to): array
    {
        return array_map(static fn (int $sixth): array => [$sixth / 6, 10 + 1.75 * $sixth / 6], range((int) (6 * $from), (int) (6 * $to)));
    }

    /**
     * @param  list<array{float, float}>  $readings
     * @param  list<float>  $plugged
     */
    private static function sift(array $readings, float $now = 60.0, array $plugged = []): Trace
    {
        return ProbeCheck::sift($readings, self::possible(), $now, null, $plugged);
    }

    /** @return list<LeftOutWhy> each once */
    private static function whys(Trace $trace): array
    {
        return array_values(array_unique(array_map(static fn (LeftOut $one): LeftOutWhy => $one->why, $trace->left), SORT_REGULAR));
    }

    /** In the hand, and then in a pie that is hot already: it does not begin to count when this one could be as hot. */
    public function test_a_probe_that_never_was_in_this_pie_does_not_count_when_the_pie_catches_up(): void
    {
        $other = array_map(static fn (int $sixth): array => [$sixth / 6, $sixth < 12 ? 33.0 : 82.0], range(0, 300));
        $trace = self::sift($other, 50.0);
        self::assertFalse($trace->isTrusted);
        self::assertNotSame(SafetyState::Measured, Safety::of($trace, 71.0, INF, 50.0)->state);
        // put where it belongs, and said so
        $back = self::sift([...array_slice($other, 0, 120), ...self::honest(21, 40)], 40.0, [20.5]);
        self::assertSame([true, SafetyState::Measured], [$back->isTrusted, Safety::of($back, 71.0, INF, 40.0)->state]);
        // the way from another pie is shorter than that
        $carried = self::sift([...array_map(static fn (int $sixth): array => [$sixth / 6, 80.0], range(0, 18)), ...self::honest(3.5, 40)], 40.0);
        self::assertSame([true, SafetyState::Measured], [$carried->isTrusted, Safety::of($carried, 71.0, INF, 40.0)->state]);
    }

    public function test_an_honest_probe_is_believed_whole(): void
    {
        $trace = self::sift(self::honest(0, 40));
        self::assertSame([241, 0, true], [count($trace->minutes), count($trace->left), $trace->isTrusted]);
        self::assertSame(SafetyState::Measured, Safety::of($trace, 71.0, INF, 40.0)->state);
    }

    public function test_each_reading_that_cannot_be_is_left_out_with_its_reason(): void
    {
        $with = static fn (array ...$more): array => self::whys(self::sift([...self::honest(0, 20), ...$more], 20.5));
        self::assertSame([LeftOutWhy::BeforeItWentIn], $with([-30.0, 85.0]));
        self::assertSame([LeftOutWhy::AheadOfTime], $with([50.0, 90.0]));
        self::assertSame([LeftOutWhy::NoFood], $with([20.3, 850.0]));
        self::assertSame([LeftOutWhy::TooHot], $with([20.3, 80.0]));
        self::assertSame([LeftOutWhy::TooCold], $with([20.3, 5.0]));
        self::assertSame([LeftOutWhy::Jumped], $with([20.3, 53.0]));
    }

    /** A first reading of 80, from another pie, and the way down from there. */
    public function test_a_probe_that_is_moved_over_from_another_pie_is_believed_once_it_has_settled(): void
    {
        $moved = array_map(static fn (array $one): array => [$one[0], $one[1] + 70 * exp(-$one[0] / 0.5)], self::honest(0, 20));
        $trace = self::sift($moved);
        self::assertSame(SafetyState::NotYet, Safety::of($trace, 71.0, INF, 20.0)->state);
        self::assertTrue($trace->isTrusted);
        self::assertEqualsWithDelta(45.0, (float) $trace->lastCelsius(), 0.5);
    }

    public function test_one_that_falls_out_says_so_and_counts_again_when_it_is_put_back(): void
    {
        $out = array_map(static fn (int $sixth): array => [20 + $sixth / 6, 180 - 135 * exp(-$sixth / 6 / 1.5)], range(1, 24));
        $fallen = self::sift([...self::honest(0, 20), ...array_slice($out, 0, 9)], 22.0);
        self::assertSame(SafetyState::ProbeFellOut, Safety::of($fallen, 71.0, INF, 22.0)->state);
        $all = [...self::honest(0, 20), ...$out, ...self::honest(26, 40)];
        self::assertSame(SafetyState::ProbeMoved, Safety::of(self::sift($all), 71.0, INF, 40.0)->state, 'nobody said that it is back');
        $back = self::sift($all, 60.0, [25.0]);
        self::assertSame(SafetyState::Measured, Safety::of($back, 71.0, INF, 40.0)->state);
        self::assertEqualsWithDelta(80.0, (float) $back->lastCelsius(), 0.5);
    }

    public function test_ten_seconds_of_a_loose_contact_are_nothing(): void
    {
        $loose = array_map(static fn (array $one): array => [$one[0], abs($one[0] - 15) < 0.05 ? 100.0 : $one[1]], self::honest(0, 20));
        $trace = self::sift($loose);
        self::assertSame([1, true, SafetyState::NotYet], [count($trace->left), $trace->isTrusted, Safety::of($trace, 71.0, INF, 20.0)->state]);
    }

    /** On the rack it cools, and that takes nothing back. */
    public function test_what_cools_on_the_rack_was_hot(): void
    {
        $rack = array_map(static fn (int $minute): array => [40.0 + $minute, 80.0 - 1.2 * $minute], range(1, 25));
        $trace = ProbeCheck::sift([...self::honest(0, 40), ...$rack], self::possible(), INF, 40.0);
        self::assertSame([], $trace->left);
        self::assertSame(SafetyState::Measured, Safety::of($trace, 71.0, INF, 65.0)->state);
    }

    /** A small sample of the drill. */
    public function test_no_lie_makes_a_hidden_bake_safe_too_early_and_no_honest_probe_is_refused(): void
    {
        $input = BakeInputs::of(Weights::of(TroutQuiche::withRawFish()));
        $possible = PossibleBakes::of($input);
        $draw = new Normal(23);
        foreach (Kitchens::drawn(2, 51) as $kitchen) {
            $true = PossibleBakes::run($input, $kitchen);
            $really = LyingProbe::isSafe($true, $input->safeCelsius);
            foreach (LyingProbe::WAYS as $way) {
                self::assertGreaterThanOrEqual($really - 1, LyingProbe::calledSafe($possible, $true, $way, $input->safeCelsius, $draw), $way);
            }
            self::assertLessThanOrEqual($really + 5, LyingProbe::calledSafe($possible, $true, 'honest', $input->safeCelsius, $draw));
        }
    }
}
