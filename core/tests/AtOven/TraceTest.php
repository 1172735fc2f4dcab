<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\AtOven;

use Hojaldre\Core\AtOven\CoolingWatch;
use Hojaldre\Core\AtOven\LeftOut;
use Hojaldre\Core\AtOven\Safety;
use Hojaldre\Core\AtOven\SafetyState;
use Hojaldre\Core\AtOven\Trace;
use Hojaldre\Core\Safety\CoolingVerdict;
use PHPUnit\Framework\TestCase;

/** What a probe says, and what is made of it. */
final class TraceTest extends TestCase
{
    /** @return list<array{float, float}> */
    private static function held(float $celsius, float $minutes, float $from = 0.0): array
    {
        $readings = [];
        for ($minute = 0.0; $minute <= $minutes; $minute += 0.5) {
            $readings[] = [$from + $minute, $celsius];
        }

        return $readings;
    }

    public function test_rubbish_is_left_out_and_what_is_good_stays(): void
    {
        $trace = Trace::of([[0.0, 12.0], [0.5, 12.5], [1.0, 850.0], [1.5, NAN], [2.0, -80.0], [2.5, 14.0], [3.0, 92.0], [3.5, 15.0]]);
        self::assertSame([12.0, 12.5, 14.0, 92.0, 15.0], $trace->celsius, 'what no food can have; what this pie cannot have is sifted out by ProbeCheck');
        self::assertSame([1.0, 1.5, 2.0], array_map(static fn (LeftOut $one): float => $one->minute, $trace->left));
        self::assertSame(3.5, $trace->lastMinute());
    }

    /** One reading above is a loose contact; a minute of them is a middle that is hot, and is not when they fall again. */
    public function test_hot_enough_is_a_minute_of_readings_that_later_ones_do_not_take_back(): void
    {
        self::assertNull(Trace::of([...self::held(65.0, 2.0), [2.5, 80.0]])->heldFrom(72.0));
        self::assertNull(Trace::of([...self::held(65.0, 2.0), ...self::held(73.0, 0.5, 2.5)])->heldFrom(72.0), 'half a minute');
        self::assertSame(3.5, Trace::of([...self::held(65.0, 2.0), ...self::held(73.0, 1.0, 2.5)])->heldFrom(72.0));
        self::assertNull(Trace::of([...self::held(65.0, 2.0), ...self::held(73.0, 1.0, 2.5), [4.0, 66.0]])->heldFrom(72.0), 'taken back');
        self::assertNull(Trace::of([[0.0, 80.0], [2.5, 80.0], [5.0, 80.0]])->heldFrom(72.0), 'gaps');
        self::assertLessThan(0.1, Trace::of([...self::held(75.0, 4.0), [4.5, 50.0]])->lethalMinutes(1.0), 'what is colder later was never hot');
    }

    public function test_readings_come_in_any_order_and_twice(): void
    {
        $trace = Trace::of([[2.0, 22.0], [0.0, 20.0], [1.0, 21.0], [1.0, 21.0]]);
        self::assertSame([0.0, 1.0, 2.0], $trace->minutes);
        self::assertEqualsWithDelta(21.4, $trace->celsiusNear(1.4), 1e-6);
        self::assertNull($trace->celsiusNear(9.0));
        self::assertTrue(Trace::of([])->isEmpty());
        self::assertNull(Trace::of([])->lastCelsius());
    }

    /**
     * Published pairs of time and temperature (UK Food Standards Agency): each makes it safe, and nearly half of each does not.
     */
    public function test_lethality_by_the_published_pairs_and_a_probe_that_may_read_a_degree_too_high(): void
    {
        foreach ([[60.0, 45.0], [65.0, 10.0], [70.0, 2.0], [75.0, 0.5], [80.0, 0.1]] as [$celsius, $minutes]) {
            $whole = Trace::of(array_map(static fn (int $i): array => [$i * $minutes / 200, $celsius + 1], range(0, 200)));
            self::assertEqualsWithDelta(2.1, $whole->lethalMinutes(Safety::READS_HIGH_KELVINS), 0.25, "$celsius °C");
        }
        self::assertEqualsWithDelta(2.0 * 10 ** (-1 / 7.5), Trace::of(self::held(70.0, 2.0))->lethalMinutes(1.0), 1e-3);
    }

    public function test_the_clock_never_says_safe(): void
    {
        self::assertSame(SafetyState::NotMeasured, Safety::of(null, 71.0, 40.0, 39.0)->state);
        self::assertSame(SafetyState::LikelyNotMeasured, Safety::of(null, 71.0, 40.0, 41.0)->state);
        self::assertSame(SafetyState::NotYet, Safety::of(Trace::of(self::held(65.0, 2.0, 30.0)), 71.0, 30.0, 32.0)->state, 'the forecast says otherwise, the probe counts');
        self::assertSame(SafetyState::ProbeSilent, Safety::of(Trace::of(self::held(50.0, 20.0)), 71.0, 40.0, 25.0)->state);
        $measured = Safety::of(Trace::of([...self::held(65.0, 5.0), [5.5, 69.0], ...self::held(72.0, 1.0, 6.0)]), 71.0, 40.0, 7.0);
        self::assertSame(SafetyState::Measured, $measured->state);
        self::assertSame(7.0, $measured->minute);
        self::assertSame(SafetyState::NotYet, Safety::of(Trace::of([[0.0, 71.5]]), 71.0, 40.0, 0.5)->state, 'a degree on the safe side');
        self::assertSame(SafetyState::Measured, Safety::of(Trace::of(self::held(66.0, 12.0)), 71.0, 40.0, 12.0)->state, 'held long enough at 65');
    }

    public function test_a_gap_counts_nothing_towards_safety(): void
    {
        self::assertSame(0.0, Trace::of([[0.0, 70.0], [5.0, 70.0]])->lethalMinutes(0.0));
        self::assertEqualsWithDelta(1.0, Trace::of([[0.0, 70.0], [1.0, 70.0]])->lethalMinutes(0.0), 1e-3);
    }

    /** From 57 to 21 °C in two hours, to 5 °C in six (FDA Food Code 3-501.14). */
    public function test_cooling_is_watched_by_the_probe_where_there_is_one(): void
    {
        $falls = static fn (float $warmAt, float $coldAt): Trace => Trace::of([[40.0, 75.0], [46.0, 60.0], [50.0, 57.0], [60.0, 45.0], [90.0, 30.0], [$warmAt, 21.0], [$coldAt, 5.0]]);
        self::assertSame(CoolingVerdict::WithinLimits, CoolingWatch::of($falls(165.0, 400.0), 40.0, [10.0, 80.0, 300.0])->verdict);
        self::assertSame(CoolingVerdict::TooSlowToWarm, CoolingWatch::of($falls(171.0, 400.0), 40.0, [10.0, 80.0, 300.0])->verdict);
        self::assertSame(CoolingVerdict::TooSlowToCold, CoolingWatch::of($falls(165.0, 411.0), 40.0, [10.0, 80.0, 300.0])->verdict);
        $watch = CoolingWatch::of(Trace::of([[40.0, 75.0], [46.0, 60.0], [50.0, 57.0]]), 40.0, [8.0, 80.0, 300.0]);
        self::assertTrue($watch->isMeasured);
        self::assertNull($watch->verdict, 'not to be told yet');
        self::assertSame([10.0, 130.0, 370.0], [$watch->hotMinute, $watch->warmByMinute, $watch->coldByMinute]);
        $forecast = CoolingWatch::of(null, 40.0, [10.0, 131.0, 300.0]);
        self::assertFalse($forecast->isMeasured);
        self::assertSame(CoolingVerdict::TooSlowToWarm, $forecast->verdict);
    }
}
