<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Food;

use Hojaldre\Core\Food\Freezing;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Ice in a food, by hand. */
final class FreezingTest extends TestCase
{
    /** By hand: 1 - (-1.5 / T). At -3 °C half of what can freeze is ice, at -18 °C eleven twelfths. */
    #[TestWith([5.0, 0.0])]
    #[TestWith([-1.5, 0.0])]
    #[TestWith([-3.0, 0.5])]
    #[TestWith([-18.0, 0.916667])]
    public function test_ice_grows_as_it_gets_colder(float $celsius, float $share): void
    {
        self::assertEqualsWithDelta($share, Freezing::iceShare($celsius), 1e-6);
    }

    /** By hand: the slope of that, 1.5 / T squared. */
    public function test_most_ice_melts_just_below_the_freezing_point(): void
    {
        self::assertEqualsWithDelta(1.5 / 9, Freezing::meltsPerKelvin(-3.0), 1e-9);
        self::assertSame(0.0, Freezing::meltsPerKelvin(0.0));
        $slope = (Freezing::iceShare(-4.001) - Freezing::iceShare(-3.999)) / 0.002;
        self::assertEqualsWithDelta($slope, Freezing::meltsPerKelvin(-4.0), 1e-6);
    }

    public function test_a_third_of_the_solids_holds_water_that_never_freezes(): void
    {
        self::assertEqualsWithDelta(75.0 - 0.3 * 20.0, Freezing::freezable(75.0, 20.0), 1e-9);
        self::assertSame(0.0, Freezing::freezable(5.0, 80.0));
    }

    /** Lean beef, 75 % water: from -18 to 5 °C it takes about 280 to 300 kJ/kg (charts of enthalpy of foods, from memory). */
    public function test_thawing_beef_takes_what_the_charts_say(): void
    {
        $joules = 0.75 * 4190 + 0.25 * 2000;
        $melts = Freezing::LATENT_JOULES_PER_KG * Freezing::freezable(0.75, 0.22);
        $takes = Freezing::heat(5.0, $joules, $melts) - Freezing::heat(-18.0, $joules, $melts);
        self::assertEqualsWithDelta(285e3, $takes, 25e3);
    }

    #[TestWith([-25.0])]
    #[TestWith([-18.0])]
    #[TestWith([-4.0])]
    #[TestWith([-1.6])]
    #[TestWith([-1.5])]
    #[TestWith([0.5])]
    #[TestWith([40.0])]
    public function test_the_temperature_of_its_heat_is_its_temperature(float $celsius): void
    {
        self::assertEqualsWithDelta($celsius, Freezing::celsius(Freezing::heat($celsius, 3500.0, 220e3), 3500.0, 220e3), 1e-6);
        self::assertEqualsWithDelta($celsius, Freezing::celsius(Freezing::heat($celsius, 2000.0, 0.0), 2000.0, 0.0), 1e-9);
    }
}
