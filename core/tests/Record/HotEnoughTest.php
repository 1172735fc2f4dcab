<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Record;

use Hojaldre\Core\AtOven\Trace;
use Hojaldre\Core\Record\FaultName;
use Hojaldre\Core\Record\HotEnough;
use PHPUnit\Framework\TestCase;

final class HotEnoughTest extends TestCase
{
    /** From 10 °C to so much at the last minute, one reading a minute. */
    private static function trace(float $mostCelsius, int $lastMinute): Trace
    {
        return Trace::of(array_map(static fn (int $minute): array => [(float) $minute, 10 + ($mostCelsius - 10) * $minute / $lastMinute], range(0, $lastMinute)));
    }

    public function test_a_middle_is_hot_enough_only_by_a_probe_that_saw_it(): void
    {
        self::assertSame(HotEnough::Measured, HotEnough::of(self::trace(73, 45), 45, 71, []));
        self::assertSame(HotEnough::NotReached, HotEnough::of(self::trace(64, 45), 45, 71, []));
        self::assertSame(HotEnough::NotMeasured, HotEnough::of(Trace::of([]), 45, 71, []));
    }

    /** 70 °C for two minutes is as good (Food Standards Agency); half an hour at 69 with a probe that reads a degree high is more than that. */
    public function test_long_enough_at_less_is_as_good(): void
    {
        $long = [...array_map(static fn (int $minute): array => [(float) $minute, 10.0 + 59 * min(1.0, $minute / 40)], range(0, 70))];
        self::assertSame(HotEnough::Measured, HotEnough::of(Trace::of($long), 70, 71, []));
    }

    public function test_a_probe_that_was_gone_before_the_end_says_nothing_of_the_end(): void
    {
        self::assertSame(HotEnough::NotMeasured, HotEnough::of(self::trace(50, 30), 45, 71, []));
        self::assertSame(HotEnough::NotReached, HotEnough::of(self::trace(50, 44), 45, 71, []));
    }

    public function test_a_middle_that_was_judged_raw_is_raw_whatever_a_probe_said(): void
    {
        self::assertSame(HotEnough::JudgedRaw, HotEnough::of(self::trace(80, 45), 45, 71, [FaultName::Stuck, FaultName::RawMiddle]));
    }

    public function test_what_is_doubtful_is_what_was_seen_to_be_too_cold(): void
    {
        self::assertSame([false, false, true, true], array_map(static fn (HotEnough $one): bool => $one->isDoubtful(), HotEnough::cases()));
    }
}
