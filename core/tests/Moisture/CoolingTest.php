<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Moisture;

use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Moisture\Cooling;
use Hojaldre\Core\Moisture\CoolingPlan;
use Hojaldre\Core\Moisture\CoolingVessel;
use Hojaldre\Core\Safety\CoolingLimits;
use Hojaldre\Core\Safety\CoolingVerdict;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class CoolingTest extends TestCase
{
    /**
     * The plane wall of the books (Incropera, one-term solution, docs/sources.md#incropera), cooled equally on both faces: at the middle
     * theta = C1 exp(-z^2 Fo), z tan z = Bi. k 0.5, rho c 3.6e6, 20 to each side. Coefficients from the table, from memory:
     * Bi 0.1: 0.3111, 1.0160; Bi 0.5: 0.6533, 1.0701; Bi 1: 0.8603, 1.1191.
     */
    #[TestWith([0.1, 0.3111, 1.0160])]
    #[TestWith([0.5, 0.6533, 1.0701])]
    #[TestWith([1.0, 0.8603, 1.1191])]
    public function test_it_agrees_with_the_plane_wall_of_the_books(float $biot, float $z, float $c): void
    {
        $half = 0.02;
        $h = $biot * 0.5 / $half;
        $cooling = Cooling::slab(2 * $half, 0.5, 3.6e6, 90.0, 0.0, 60.0, [20.0, $h, $h]);
        // (60 - 20)/(90 - 20) at the middle
        $minutes = log($c * 70 / 40) / $z ** 2 * $half ** 2 / (0.5 / 3.6e6) / 60;
        self::assertEqualsWithDelta($minutes, $cooling->minutesTo(60.0), 0.02 * $minutes);
    }

    /** Thin and stirred: Newton's law, theta = exp(-t (h1 + h2)/(rho c d)), by hand. */
    public function test_a_thin_layer_cools_by_newtons_law(): void
    {
        $cooling = Cooling::slab(0.004, 5.0, 3.6e6, 80.0, 0.0, 30.0, [20.0, 10.0, 6.0]);
        $minutes = log(60 / 10) * 3.6e6 * 0.004 / 16 / 60;
        self::assertEqualsWithDelta($minutes, $cooling->minutesTo(30.0), 0.025 * $minutes);
    }

    /** "Cooling is 30 to 60 min" (common practice, no source): a pan of vegetables, 500 to 600 g. */
    public function test_a_filling_for_a_tart_cools_in_half_an_hour_to_an_hour(): void
    {
        $leeks = Pantry::food('leeks');
        foreach ([CoolingVessel::Tray, CoolingVessel::Pan] as $vessel) {
            $minutes = CoolingPlan::of(600, $leeks->per100g, $leeks->gramsPerMl, $vessel, 21)->forDoughMinutes;
            self::assertTrue($minutes !== null && $minutes > 18 && $minutes < 65, "$vessel->value $minutes");
        }
    }

    public function test_more_deeper_hotter_and_in_a_warmer_kitchen_take_longer(): void
    {
        $food = Pantry::food('pumpkin');
        $minutes = static fn (float $grams, CoolingVessel $vessel, float $kitchen, float $from): float => CoolingPlan::of($grams, $food->per100g, $food->gramsPerMl, $vessel, $kitchen, $from)->forDoughMinutes ?? 999.0;
        $usual = $minutes(800, CoolingVessel::Tray, 20, 90);
        self::assertGreaterThan($usual, $minutes(1600, CoolingVessel::Tray, 20, 90));
        self::assertGreaterThan($usual, $minutes(800, CoolingVessel::Pan, 20, 90));
        self::assertGreaterThan($minutes(800, CoolingVessel::Pan, 20, 90), $minutes(800, CoolingVessel::Bowl, 20, 90));
        self::assertGreaterThan($usual, $minutes(800, CoolingVessel::Tray, 24, 90));
        self::assertLessThan($usual, $minutes(800, CoolingVessel::Tray, 20, 70));
        self::assertSame(0.0, $minutes(800, CoolingVessel::Tray, 20, 22));
    }

    public function test_what_steams_off_cools_it_faster(): void
    {
        $dry = Cooling::slab(0.02, 0.5, 3.6e6, 90, 0.0, 25, [20, 10, 7]);
        $wet = Cooling::slab(0.02, 0.5, 3.6e6, 90, 0.7, 25, [20, 10, 7]);
        self::assertLessThan(0.75 * (float) $dry->minutesTo(25), (float) $wet->minutesTo(25));
        self::assertEqualsWithDelta(1.0, (float) $wet->minutesTo(25) / (float) Cooling::slab(0.02, 0.5, 3.6e6, 90, 0.7, 24, [20, 10, 7])->minutesTo(25), 0.01, 'to whatever it is watched');
    }

    public function test_egg_may_meet_it_before_dough(): void
    {
        $food = Pantry::food('spinach');
        $plan = CoolingPlan::of(900, $food->per100g, $food->gramsPerMl, CoolingVessel::Tray, 21);
        self::assertLessThan($plan->forDoughMinutes, $plan->forEggMinutes);
        self::assertEqualsWithDelta(900 / 1000 / (1000 * $food->gramsPerMl) / 0.12 * 1000, $plan->depthMm, 1e-6);
    }

    /** The published rule (docs/sources.md#food-code): 57 to 21 °C in two hours, to 5 °C in six in all. */
    public function test_put_away_when_it_is_told_the_rule_is_kept_and_half_an_hour_later_it_is_not(): void
    {
        $food = Pantry::food('leeks');
        $verdict = static function (float $grams, CoolingVessel $vessel, float $from) use ($food): CoolingVerdict {
            $cooling = Cooling::of($grams, $food->per100g, $food->gramsPerMl, 90, $vessel, 23, $from, 5.0);

            return CoolingLimits::judge($cooling->minutesTo(57), $cooling->minutesTo(21), $cooling->minutesTo(5));
        };
        foreach ([[600.0, CoolingVessel::Tray], [1000.0, CoolingVessel::Pan]] as [$grams, $vessel]) {
            $by = CoolingPlan::of($grams, $food->per100g, $food->gramsPerMl, $vessel, 23)->fridgeByMinutes;
            self::assertNotNull($by);
            self::assertSame(CoolingVerdict::WithinLimits, $verdict($grams, $vessel, $by));
            self::assertNotSame(CoolingVerdict::WithinLimits, $verdict($grams, $vessel, $by + 30));
        }
    }

    public function test_what_is_too_deep_to_cool_safely_is_told(): void
    {
        $food = Pantry::food('leeks');
        self::assertNull(CoolingPlan::of(4000, $food->per100g, $food->gramsPerMl, CoolingVessel::Bowl, 21)->fridgeByMinutes);
        self::assertNull(CoolingPlan::of(6000, $food->per100g, $food->gramsPerMl, CoolingVessel::Bowl, 21)->forDoughMinutes);
    }

    public function test_in_a_kitchen_of_thirty_degrees_it_never_gets_to_twenty_five_by_itself(): void
    {
        $food = Pantry::food('leeks');
        self::assertNull(CoolingPlan::of(400, $food->per100g, $food->gramsPerMl, CoolingVessel::Tray, 30)->forDoughMinutes);
    }
}
