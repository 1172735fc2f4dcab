<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Record;

use Hojaldre\Core\AtOven\Trace;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Record\ColourWord;
use Hojaldre\Core\Record\FaultName;
use Hojaldre\Core\Record\Foretold;
use Hojaldre\Core\Record\HotEnough;
use Hojaldre\Core\Record\SaltWord;
use Hojaldre\Core\Record\SliceWord;
use PHPUnit\Framework\TestCase;

/** What is eaten, sold and put away was measured, or was in until the forecast clears it on its cautious side. */
final class HotEnoughTest extends TestCase
{
    /** From 10 °C to so much at the last minute, three readings a minute. */
    private static function trace(float $mostCelsius, int $lastMinute): Trace
    {
        return Trace::of(array_map(static fn (int $third): array => [$third / 3, 10 + ($mostCelsius - 10) * min(1.0, $third / 3 / ($lastMinute - 2))], range(0, 3 * $lastMinute)));
    }

    /** A pie that is likely safe at 36 minutes, and at 42 in nine bakes of ten; 71 °C. */
    private static function foretold(?float $high = 42.0, bool $whenSet = false): Foretold
    {
        return new Foretold(BaseVerdict::Dry, SliceWord::Holds, ColourWord::Golden, SaltWord::Enough, 45, 0.2, 1.0, 1.2, 79.0, 88.0, 71.0, 36.0, $high, 40.0, 20.0, 100.0, 240.0, $whenSet);
    }

    /** @param  list<FaultName>  $faults */
    private static function of(Trace $trace, float $out, ?Foretold $foretold = null, ?float $measured = null, bool $seen = false, array $faults = [], ?SliceWord $slice = null): HotEnough
    {
        return HotEnough::of($trace, $out, $foretold ?? self::foretold(), $measured, $seen, $faults, $slice);
    }

    public function test_what_was_measured_counts_whatever_the_clock_says(): void
    {
        self::assertSame(HotEnough::Measured, self::of(self::trace(74, 30), 30));
        self::assertSame(HotEnough::NotReached, self::of(self::trace(64, 50), 50), 'long enough by the forecast, and not hot');
        self::assertSame([HotEnough::Measured, HotEnough::NotReached], [self::of(Trace::of([]), 20, measured: 72.0), self::of(Trace::of([]), 50, measured: 71.5)], 'a probe may read a degree too high');
    }

    public function test_without_a_measurement_the_late_end_of_the_forecast_decides(): void
    {
        self::assertSame([HotEnough::NotMeasured, HotEnough::NotMeasured, HotEnough::ByForecast], array_map(static fn (float $out): HotEnough => self::of(Trace::of([]), $out), [1.0, 41.0, 42.0]));
        self::assertSame(HotEnough::NotMeasured, self::of(Trace::of([]), 200.0, self::foretold(null)), 'what is not simulated is safe at no minute');
    }

    public function test_a_custard_that_was_seen_to_be_set_is_hot_and_one_that_runs_when_it_is_cut_was_not(): void
    {
        $quiche = self::foretold(whenSet: true);
        self::assertSame(HotEnough::BySign, self::of(Trace::of([]), 38, $quiche, seen: true));
        self::assertSame(HotEnough::NotMeasured, self::of(Trace::of([]), 38, $quiche, seen: false), 'nobody looked');
        self::assertSame(HotEnough::NotMeasured, self::of(Trace::of([]), 38, self::foretold(), seen: true), 'raw flesh gives no sign');
        self::assertSame(HotEnough::NotMeasured, self::of(Trace::of([]), 20, $quiche, seen: true), 'far too early to be seen');
        self::assertSame(HotEnough::NotMeasured, self::of(Trace::of([]), 38, $quiche, seen: true, slice: SliceWord::Loose));
    }

    /** 70 °C for two minutes is as good (Food Standards Agency); half an hour at 69 with a probe that reads a degree high is more than that. */
    public function test_long_enough_at_less_is_as_good(): void
    {
        $long = [...array_map(static fn (int $minute): array => [(float) $minute, 10.0 + 59 * min(1.0, $minute / 40)], range(0, 70))];
        self::assertSame(HotEnough::Measured, self::of(Trace::of($long), 70));
    }

    public function test_a_probe_that_was_gone_before_the_end_says_nothing_of_the_end(): void
    {
        self::assertSame(HotEnough::NotMeasured, self::of(self::trace(50, 30), 40));
        self::assertSame(HotEnough::NotReached, self::of(self::trace(50, 39), 40));
        self::assertSame(HotEnough::ByForecast, self::of(self::trace(50, 30), 45));
    }

    public function test_a_middle_that_was_judged_raw_is_raw_whatever_a_probe_said(): void
    {
        self::assertSame(HotEnough::JudgedRaw, self::of(self::trace(80, 45), 45, faults: [FaultName::Stuck, FaultName::RawMiddle]));
    }

    public function test_what_nothing_clears_is_doubtful(): void
    {
        self::assertSame([false, false, false, true, true, true], array_map(static fn (HotEnough $one): bool => $one->isDoubtful(), HotEnough::cases()));
    }
}
