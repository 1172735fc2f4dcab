<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use PHPUnit\Framework\TestCase;

/** The verdicts against what cooks say of such bakes (common practice, no source): false alarms are counted as carefully as misses. */
final class PracticeTest extends TestCase
{
    /** @var array<string, Forecast> */
    private static array $forecasts = [];

    public function test_there_are_twenty_good_and_twenty_bad_bakes_half_of_each_only_looked_at(): void
    {
        foreach ([true, false] as $isGood) {
            $all = array_filter(Practice::all(), static fn (PracticeBake $one): bool => $one->isGood() === $isGood);
            self::assertGreaterThanOrEqual(20, count($all));
            $fitted = count(array_filter($all, static fn (PracticeBake $one): bool => $one->isFitted));
            self::assertEqualsWithDelta(count($all) / 2, $fitted, 1.0);
        }
    }

    public function test_what_cooks_are_content_with_is_hardly_ever_red_in_either_half(): void
    {
        foreach ([true, false] as $isFitted) {
            $told = $red = [];
            foreach (self::half($isFitted) as $bake) {
                foreach ($bake->contentWith as $name) {
                    $told[] = $name;
                    if (self::isRed($bake, $name)) {
                        $red[] = "$bake->name: $name->value";
                    }
                }
            }
            self::assertGreaterThan(30, count($told));
            self::assertLessThanOrEqual(0.05 * count($told), count($red), implode(', ', $red));
        }
    }

    public function test_every_bad_bake_is_flagged_in_the_right_reading(): void
    {
        foreach (Practice::all() as $bake) {
            if (! $bake->isGood()) {
                self::assertNotSame([], array_filter($bake->faults, static fn (ReadingName $name): bool => self::isRed($bake, $name)), $bake->name);
            }
        }
    }

    public function test_minutes_lie_where_practice_has_them_in_either_half(): void
    {
        foreach ([true, false] as $isFitted) {
            $timed = array_filter(self::half($isFitted), static fn (PracticeBake $one): bool => $one->minutes !== null);
            $near = array_filter($timed, static fn (PracticeBake $one): bool => self::minute($one) >= 0.85 * $one->minutes[0] && self::minute($one) <= 1.15 * $one->minutes[1]);
            $inside = array_filter($timed, static fn (PracticeBake $one): bool => self::minute($one) >= $one->minutes[0] && self::minute($one) <= $one->minutes[1]);
            self::assertGreaterThanOrEqual(0.9 * count($timed), count($near));
            self::assertGreaterThanOrEqual(0.5 * count($timed), count($inside));
        }
    }

    /** A cook takes it out, then it is set, then past its best, then tough: no pie has them in another order. */
    public function test_events_come_in_an_order_that_can_happen(): void
    {
        foreach (Practice::all() as $bake) {
            $forecast = self::forecast($bake);
            $minutes = array_map(static fn (BakeEvent $event): float => $forecast->bake?->minute($event) ?? INF, [BakeEvent::TimeToLook, BakeEvent::Set, BakeEvent::Tough]);
            $sorted = $minutes;
            sort($sorted);
            self::assertSame($sorted, $minutes, $bake->name);
            self::assertLessThanOrEqual($forecast->bake?->minute(BakeEvent::Over) ?? INF, $minutes[0], $bake->name);
        }
    }

    /** Common practice, no source: the time in which a custard is right is some five to ten minutes wide. */
    public function test_the_time_to_take_it_out_is_some_minutes_wide(): void
    {
        $widths = [];
        foreach (Practice::all() as $bake) {
            $sim = self::forecast($bake)->bake;
            if ($sim !== null && is_finite($sim->minute(BakeEvent::Over)) && $bake->isGood()) {
                $widths[] = $sim->minute(BakeEvent::Over) - $sim->minute(BakeEvent::TimeToLook);
            }
        }
        sort($widths);
        self::assertGreaterThan(3.0, $widths[0]);
        self::assertGreaterThan(4.5, $widths[intdiv(count($widths), 2)]);
        self::assertLessThan(10.0, $widths[intdiv(count($widths), 2)]);
    }

    /** @return list<PracticeBake> */
    private static function half(bool $isFitted): array
    {
        return array_values(array_filter(Practice::all(), static fn (PracticeBake $one): bool => $one->isFitted === $isFitted));
    }

    private static function isRed(PracticeBake $bake, ReadingName $name): bool
    {
        return self::forecast($bake)->reading($name)?->inTrouble() ?? false;
    }

    private static function minute(PracticeBake $bake): float
    {
        return self::forecast($bake)->bake?->minute($bake->minutes[2] ?? BakeEvent::Set) ?? INF;
    }

    private static function forecast(PracticeBake $bake): Forecast
    {
        return self::$forecasts[$bake->name] ??= Forecast::of($bake->pie);
    }
}
