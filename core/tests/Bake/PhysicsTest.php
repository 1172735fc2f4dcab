<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Bake\Doneness;
use Hojaldre\Core\Bake\HotSteel;
use Hojaldre\Core\Bake\LidSteam;
use Hojaldre\Core\Bake\Radiation;
use Hojaldre\Core\Bake\Vapour;
use Hojaldre\Core\Bake\WeepPlaces;
use Hojaldre\Core\Custard\Custard;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Roots;
use Hojaldre\Core\Forecast\Readings\LimitName;
use Hojaldre\Core\Forecast\Readings\Limits;
use Hojaldre\Core\Oven\ColourWish;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Single ideas of the bake, each worked by hand. */
final class PhysicsTest extends TestCase
{
    /** By hand: 5.67e-8 x (473^2 + 373^2) x (473 + 373) = 17.4 W/m2 K of a black face at 100 °C in an oven of 200. */
    public function test_radiation_between_two_black_faces_is_stefans(): void
    {
        self::assertEqualsWithDelta(17.41, Radiation::watts(1.0, 200, 100), 0.03);
        self::assertEqualsWithDelta(0.9 * 0.95, Radiation::FOOD_SHARE, 1e-12);
        // of a face as hot as the oven: 4 sigma T^3 = 4 x 5.67e-8 x 453.15^3
        self::assertEqualsWithDelta(4 * 5.67e-8 * 453.15 ** 3, Radiation::watts(1.0, 180, 180), 1e-6);
    }

    /** The formula of docs/model.md, worked by hand: X = 0.1 gives 1 - exp(-11 x 0.0794) = 0.582. */
    #[TestWith([0.0, 0.0])]
    #[TestWith([0.1, 0.5826])]
    #[TestWith([0.3, 0.9463])]
    #[TestWith([2.5, 1.0])]
    public function test_the_drier_a_thing_the_harder_it_holds_its_water(float $ratio, float $activity): void
    {
        self::assertEqualsWithDelta($activity, Vapour::activityShare($ratio), 1e-3);
    }

    /** Steam tables (docs/sources.md#incropera, from memory): 2 bar boils at 120.2 °C, and water held at half activity boils there too. */
    public function test_water_that_is_held_boils_as_if_under_pressure(): void
    {
        self::assertEqualsWithDelta(120.5, Vapour::boundBoilsAtCelsius(0.5), 0.6);
        self::assertEqualsWithDelta(100, Vapour::boundBoilsAtCelsius(1.0), 0.3);
        self::assertSame(Vapour::boundBoilsAtCelsius(0.02), Vapour::boundBoilsAtCelsius(0.001), 'no table goes to dry bone');
    }

    /** Latent heat at 100 °C 2.257 MJ/kg, specific heat 4.19 kJ/kg K (docs/sources.md#incropera, from memory). */
    public function test_the_constants_of_water_are_those_of_the_handbook(): void
    {
        self::assertEqualsWithDelta(2.257e6, Vapour::LATENT_JOULES_PER_KG, 0.01e6);
        self::assertEqualsWithDelta(4190, Vapour::WATER_JOULES_PER_KG_KELVIN, 30);
        self::assertSame(273.15, Vapour::KELVIN);
    }

    public function test_a_custard_thickens_over_six_degrees_and_is_then_set(): void
    {
        self::assertSame([0.0, 0.0, 0.5, 1.0, 1.0], array_map(static fn (float $t): float => Doneness::setShare($t, 78.0), [60.0, 72.0, 75.0, 78.0, 90.0]));
    }

    /** Worked by hand from docs/model.md: 120 g to an egg of 50 g is l = 2.4, hence 70 + 9. */
    public function test_the_set_point_is_the_formula_of_the_model(): void
    {
        $of = static fn (float $grams, float $yolk = 1 / 3, float $fat = 0.0): float => (new Custard(1, $grams, 0, $yolk, $fat))->setsAtCelsius();
        self::assertEqualsWithDelta(79.0, $of(120), 1e-9);
        self::assertEqualsWithDelta(70 + 9 * 0.5 ** 0.6, $of(60), 1e-9);
        self::assertEqualsWithDelta(86.0, $of(1000), 1e-9);
        self::assertEqualsWithDelta(70 + 16 - 1.0, $of(1000, 0.0), 1e-9, 'however thin, dairy adds 16 at most');
        self::assertEqualsWithDelta(79.0 + 2.0, $of(120, 1.0), 1e-9);
        self::assertEqualsWithDelta(79.0 - 1.0, $of(120, 0.0), 1e-9);
        self::assertEqualsWithDelta(79.0 + 0.6, $of(120, fat: 0.20), 1e-9);
        self::assertEqualsWithDelta(79.0 + 1.5, $of(120, fat: 0.60), 1e-9);
        self::assertEqualsWithDelta(79.0, $of(120, fat: 0.05), 1e-9);
    }

    public function test_a_value_on_its_limit_is_inside(): void
    {
        $limits = Limits::between(75, LimitName::Rubber, 110, LimitName::Loose);
        self::assertSame([-1, 0, 0, 0, 1], array_map($limits->side(...), [74.999, 75.0, 90.0, 110.0, 110.001]));
        self::assertSame([true, false], [$limits->holds(110.0), $limits->holds(111.0)]);
        self::assertSame(0, Limits::none()->side(1e9));
        self::assertSame([0, 1], [Limits::upTo(14, LimitName::Soggy)->side(-5), Limits::upTo(14, LimitName::Soggy)->side(15)]);
    }

    /** By hand: u = 1 at 9 K past it gives 1 / (1 + 1/3) / 6; far past it no more than 3 / 6 a minute; 4 K before it nothing. */
    public function test_over_cooking_goes_ten_times_as_fast_for_ten_kelvins_and_has_an_upper_end(): void
    {
        self::assertEqualsWithDelta(0.125, Doneness::overRate(87.0, 78.0), 1e-9);
        self::assertEqualsWithDelta(0.1 / (1 + 0.1 / 3) / 6, Doneness::overRate(77.0, 78.0), 1e-9);
        self::assertEqualsWithDelta(0.5, Doneness::overRate(150.0, 78.0), 1e-4);
        self::assertSame([0.0, true], [Doneness::overRate(74.0, 78.0), Doneness::overRate(74.1, 78.0) > 0]);
    }

    /** By hand: 22 kJ/m2 K on one and a half times the area, 18 W/m2 K from the oven. */
    public function test_hot_steel_gets_colder_by_what_it_gives_and_warm_again_by_the_oven(): void
    {
        self::assertEqualsWithDelta(200.0, HotSteel::after(200, 200, 0, 20), 1e-9);
        $holds = 22_000 * 1.5;
        $takes = 18 * 1.5 * 20;
        self::assertEqualsWithDelta(($holds * 200 + $takes * 200 - 4000 * 20) / ($holds + $takes), HotSteel::after(200, 200, 4000, 20), 1e-9);
        self::assertGreaterThan(150.0, HotSteel::after(150, 200, 0, 20));
        self::assertSame(200.0, HotSteel::after(210, 200, 0, 20), 'never hotter than the oven');
    }

    /** By hand from the steam table: saturated vapour weighs 130.2 g a m3 at 60 °C, 17.3 at 20, 83.1 at 50; it crosses at 15 mm/s. */
    public function test_steam_goes_from_the_warmer_of_filling_and_lid_to_the_colder(): void
    {
        self::assertEqualsWithDelta(0.015 * (0.98 * 0.1302 - 0.0173), LidSteam::kgPerM2Second(60, 20, 0.9), 2e-5);
        self::assertEqualsWithDelta(0.015 * (0.98 * 0.0173 - 0.0831), LidSteam::kgPerM2Second(20, 50, 0.9), 2e-5);
        // a lid that has dried to half activity keeps half of its steam
        self::assertEqualsWithDelta(0.015 * (0.98 * 0.0173 - 0.5826 * 0.0831), LidSteam::kgPerM2Second(20, 50, 0.1), 2e-5);
    }

    /** By hand: ten times as fast for each 20 K. */
    public function test_roots_get_tender_ten_times_as_fast_for_twenty_kelvins(): void
    {
        self::assertEqualsWithDelta(1.0, Roots::minutesWorth(95.0), 1e-9);
        self::assertEqualsWithDelta(0.1, Roots::minutesWorth(75.0), 1e-9);
        self::assertEqualsWithDelta(10.0, Roots::minutesWorth(115.0), 1e-9);
        self::assertSame([true, false], [Roots::isRoot(Pantry::food('swede')), Roots::isRoot(Pantry::food('leeks'))]);
    }

    /** The formula of docs/model.md and its slope, worked by differences. */
    public function test_the_rise_of_activity_is_its_slope(): void
    {
        foreach ([0.02, 0.1, 0.3, 1.0] as $ratio) {
            [$activity, $rise] = Vapour::activityAndRise($ratio);
            self::assertEqualsWithDelta(Vapour::activityShare($ratio), $activity, 1e-12);
            self::assertEqualsWithDelta((Vapour::activityShare($ratio + 1e-6) - Vapour::activityShare($ratio - 1e-6)) / 2e-6, $rise, 1e-4);
        }
        self::assertSame([1.0, 0.0], Vapour::activityAndRise(2.5));
    }

    public function test_a_wish_for_colour_lies_inside_what_that_cook_is_content_with_and_deeper_wishes_are_deeper(): void
    {
        $before = [-1.0, -1.0];
        foreach (ColourWish::cases() as $wish) {
            [[$from, $to], [$palest, $darkest]] = [$wish->band(), $wish->limits()];
            self::assertTrue($palest <= $from && $from < $to && $to < $darkest, $wish->value);
            self::assertTrue($from > $before[0] && $to > $before[1]);
            $before = [$from, $to];
        }
        // as docs/model.md states them
        self::assertSame([[0.0, 0.3], [0.3, 0.85], [0.7, 1.6], [1.2, 2.4]], array_map(static fn (ColourWish $wish): array => $wish->band(), ColourWish::cases()));
        self::assertSame([[0.0, 1.0], [0.1, 1.7], [0.3, 2.6], [0.5, 3.0]], array_map(static fn (ColourWish $wish): array => $wish->limits(), ColourWish::cases()));
        // light gold is what is wanted as straw at its deepest and as gold at its palest
        self::assertGreaterThan(ColourWish::Gold->band()[0], ColourWish::Straw->band()[1]);
        self::assertLessThan(3.01, ColourWish::Deep->limits()[1], 'burnt is nobody\'s wish');
    }

    public function test_places_of_weep_grow_together(): void
    {
        $twice = (new WeepPlaces(1.0, 2.0, 3.0))->scaled(2.0);
        self::assertSame([2.0, 4.0, 6.0], [$twice->lowKg, $twice->midKg, $twice->topKg]);
    }
}
