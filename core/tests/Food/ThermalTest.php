<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Food;

use Hojaldre\Core\Food\Composition;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Thermal;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ThermalTest extends TestCase
{
    /**
     * Worked example of docs/sources.md#singh-heldman (from memory): 15 % protein, 20 % starch, 1 % fibre, 0.5 % ash, 20 % fat, 43.5 % water
     * at 25 °C has 2.865 kJ/kg K; the coefficients there are rounded otherwise, 0.2 % apart.
     */
    public function test_the_worked_example_of_a_textbook_comes_out(): void
    {
        $food = new Composition(water: 43.5, protein: 15, fat: 20, carbohydrate: 20, fibre: 1, ash: 0.5, salt: 0);
        self::assertEqualsWithDelta(2865, Thermal::of($food, 25)->specificHeat(), 6);
    }

    /** Pure water against steam tables (docs/sources.md#incropera, table A.6, from memory): cp J/kg K, rho kg/m3, k W/m K. */
    #[TestWith([17, 4184, 999, 0.598])]
    #[TestWith([47, 4180, 989, 0.640])]
    #[TestWith([77, 4195, 974, 0.668])]
    #[TestWith([97, 4214, 961, 0.679])]
    public function test_water_is_water(float $celsius, float $cp, float $rho, float $k): void
    {
        $water = Thermal::ofParts(['water' => 1.0], $celsius);
        self::assertEqualsWithDelta($cp, $water->specificHeat(), 0.006 * $cp);
        self::assertEqualsWithDelta($rho, $water->density(), 0.006 * $rho);
        self::assertEqualsWithDelta($k, $water->conductivity(), 0.02 * $k);
    }

    /**
     * The published table of each part by itself (docs/sources.md#choi-okos, from memory), worked out by hand at 50 °C: density kg/m3,
     * specific heat J/kg K, conductivity W/m K.
     */
    #[TestWith(['water', 987.94, 4185.34, 0.64246])]
    #[TestWith(['protein', 1303.98, 2065.36, 0.23181])]
    #[TestWith(['fat', 904.71, 2045.86, 0.16646])]
    #[TestWith(['carbohydrate', 1583.58, 1632.08, 0.25995])]
    #[TestWith(['fibre', 1293.21, 1925.80, 0.23787])]
    #[TestWith(['ash', 2409.77, 1177.88, 0.39241])]
    public function test_each_part_of_a_food_has_its_own_properties(string $part, float $density, float $heat, float $conducts): void
    {
        $alone = Thermal::ofParts([$part => 3.0], 50);
        self::assertEqualsWithDelta($density, $alone->density(), 0.01);
        self::assertEqualsWithDelta($heat, $alone->specificHeat(), 0.01);
        self::assertEqualsWithDelta($conducts, $alone->conductivity(), 1e-5);
    }

    /** By hand: a kilo of water and one of fat at 50 °C fill 1.01221 and 1.10533 litres. */
    public function test_parts_are_mixed_by_weight_for_heat_and_by_volume_for_conduction(): void
    {
        $both = Thermal::ofParts(['water' => 1.0, 'fat' => 1.0], 50);
        self::assertEqualsWithDelta((4185.34 + 2045.86) / 2, $both->specificHeat(), 0.01);
        self::assertEqualsWithDelta(2000 / (1.01221 + 1.10533), $both->density(), 0.02);
        self::assertEqualsWithDelta((1.01221 * 0.64246 + 1.10533 * 0.16646) / (1.01221 + 1.10533), $both->conductivity(), 1e-5);
    }

    /** Measured values in handbooks lie here (docs/sources.md#choi-okos and its tables, from memory): milk, butter, lean meat, potato. */
    #[TestWith(['whole-milk', 3.85, 3.98, 0.53, 0.58])]
    #[TestWith(['butter', 2.0, 2.7, 0.19, 0.25])]
    #[TestWith(['chicken-breast', 3.4, 3.75, 0.47, 0.53])]
    #[TestWith(['potatoes', 3.4, 3.8, 0.5, 0.6])]
    public function test_foods_have_the_heat_and_conductivity_that_handbooks_give(string $id, float $cpLow, float $cpHigh, float $kLow, float $kHigh): void
    {
        $thermal = Thermal::of(Pantry::food($id)->per100g, 20);
        self::assertGreaterThan($cpLow * 1000, $thermal->specificHeat());
        self::assertLessThan($cpHigh * 1000, $thermal->specificHeat());
        self::assertGreaterThan($kLow, $thermal->conductivity());
        self::assertLessThan($kHigh, $thermal->conductivity());
    }

    public function test_more_water_means_more_heat_to_store_and_more_conducted(): void
    {
        $last = [0.0, 0.0];
        foreach ([20, 40, 60, 80] as $water) {
            $thermal = Thermal::of(new Composition($water, 10, 10, 80 - $water, 0, 0, 0), 60);
            self::assertGreaterThan($last[0], $thermal->specificHeat());
            self::assertGreaterThan($last[1], $thermal->conductivity());
            $last = [$thermal->specificHeat(), $thermal->conductivity()];
        }
    }
}
