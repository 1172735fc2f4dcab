<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Advice;

use Hojaldre\Core\Advice\Outcome;
use Hojaldre\Core\Advice\Told;
use Hojaldre\Core\Advice\ToldSet;
use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

/** How far a forecast is from a cook's word: nothing inside it, by hand outside. */
final class OutcomeTest extends TestCase
{
    /** Golden is 0.85 to 1.5 and is surely met 15 % inside of that; 0.12 of brownness is one unit. */
    public function test_a_colour_misses_its_word_by_how_far_the_surely_met_part_of_it_is(): void
    {
        $forecast = Forecast::roughly(TroutQuiche::pie());
        $top = self::bake($forecast)->result->browned->topIndex;
        foreach ([[Brownness::Straw, 0.3, 0.6], [Brownness::LightGold, 0.6, 0.85], [Brownness::Golden, 0.85, 1.5], [Brownness::Dark, 1.5, 3.0]] as [$word, $from, $to]) {
            [$from, $to] = [$from + 0.15 * ($to - $from), $to - 0.15 * ($to - $from)];
            $miss = $top < $from ? ($top - $from) / 0.12 : ($top > $to ? ($top - $to) / 0.12 : 0.0);
            self::assertEqualsWithDelta([$miss], Outcome::misses($forecast, new Told(top: $word)), 1e-9, $word->value);
        }
        // past the last word there is no end, and before the first no beginning
        self::assertEqualsWithDelta([($top - 3.0 - 0.12) / 0.12], Outcome::misses($forecast, new Told(top: Brownness::Burnt)), 1e-9);
        self::assertEqualsWithDelta([($top - 0.85 * 0.3) / 0.12], Outcome::misses($forecast, new Told(top: Brownness::Pale)), 1e-9);
    }

    public function test_a_base_misses_by_its_water_and_an_underside_by_its_colour(): void
    {
        $forecast = Forecast::roughly(TroutQuiche::pie());
        $bake = self::bake($forecast);
        $base = $bake->base();
        self::assertGreaterThan(0.16, $base);
        self::assertLessThan(0.205, $base, 'this pie is dry, well inside the word');
        self::assertSame([0.0], Outcome::misses($forecast, new Told(base: BaseVerdict::Dry)));
        self::assertEqualsWithDelta([($base - 0.12 * 0.85) / 0.025], Outcome::misses($forecast, new Told(base: BaseVerdict::Crisp)), 1e-9);
        self::assertEqualsWithDelta([($base - 0.385 - 0.025) / 0.025], Outcome::misses($forecast, new Told(base: BaseVerdict::Soggy)), 1e-9);
        self::assertEqualsWithDelta([($base - 0.22 - 0.15 * 0.165) / 0.025], Outcome::misses($forecast, new Told(base: BaseVerdict::Soft)), 1e-9);
        self::assertCount(1, Outcome::misses($forecast, new Told(underside: Brownness::Golden)));
        self::assertCount(4, Outcome::misses($forecast, new Told(ToldSet::Tender, BaseVerdict::Dry, Brownness::Golden, Brownness::Golden)));
    }

    /** 1.2 minutes are one unit; the time in the oven is held against when it was ready, past its best and tough. */
    public function test_a_custard_misses_by_the_minutes_it_was_in_too_long_or_too_short(): void
    {
        $miss = static fn (Forecast $forecast, ToldSet $told): float => Outcome::misses($forecast, new Told($told))[0];
        $early = Forecast::roughly(self::out(24));
        $ready = self::bake($early)->minute(BakeEvent::TimeToLook);
        self::assertGreaterThan(30, $ready);
        self::assertSame(0.0, $miss($early, ToldSet::Runny));
        self::assertEqualsWithDelta((24 - $ready) / 1.2, $miss($early, ToldSet::Tender), 1e-9);
        $late = Forecast::roughly(self::out(70));
        [$ready, $over, $tough] = array_map(self::bake($late)->minute(...), [BakeEvent::TimeToLook, BakeEvent::Over, BakeEvent::Tough]);
        self::assertEqualsWithDelta((70 - $ready) / 1.2, $miss($late, ToldSet::Runny), 1e-9);
        self::assertEqualsWithDelta((70 - $over) / 1.2, $miss($late, ToldSet::Tender), 1e-9);
        self::assertEqualsWithDelta(max(0.0, 70 - $tough) / 1.2, $miss($late, ToldSet::Firm), 1e-9);
        self::assertEqualsWithDelta(min(0.0, 70 - $tough) / 1.2, $miss($late, ToldSet::Tough), 1e-9);
    }

    private static function out(float $minutes): Pie
    {
        return TroutQuiche::pie()->withBake(TroutQuiche::pie()->bake->withMinutes($minutes));
    }

    private static function bake(Forecast $forecast): SimulatedBake
    {
        return $forecast->bake ?? self::fail('Nothing was baked.');
    }
}
