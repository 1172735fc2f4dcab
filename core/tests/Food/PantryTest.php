<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Food;

use Hojaldre\Core\Document\DocumentReader;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Pantry\Borrowed;
use Hojaldre\Core\Food\Pantry\Cheeses;
use Hojaldre\Core\Food\Pantry\Dairy;
use Hojaldre\Core\Food\Pantry\DryGoods;
use Hojaldre\Core\Food\Pantry\Eggs;
use Hojaldre\Core\Food\Pantry\Fruit;
use Hojaldre\Core\Food\Pantry\Liquids;
use Hojaldre\Core\Food\Pantry\MeatAndFish;
use Hojaldre\Core\Food\Pantry\Preparations;
use Hojaldre\Core\Food\Pantry\Vegetables;
use Hojaldre\Core\Food\Role;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PantryTest extends TestCase
{
    public function test_a_kitchen_begins_with_more_than_a_hundred_foods_of_every_kind(): void
    {
        $of = static fn (Role $role): int => count(array_filter(Pantry::all(), static fn (Food $food): bool => $food->role === $role));
        self::assertGreaterThanOrEqual(100, count(Pantry::all()));
        self::assertGreaterThanOrEqual(15, $of(Role::Dairy));
        self::assertGreaterThanOrEqual(80, $of(Role::Solid));
        self::assertGreaterThanOrEqual(15, count(Cheeses::ROWS));
        self::assertGreaterThanOrEqual(30, count(Vegetables::ROWS));
        self::assertSame([], array_diff(array_keys(Preparations::ROWS), array_map(static fn (Food $food): string => $food->id, Pantry::all())));
    }

    public function test_no_food_stands_in_two_tables_and_no_two_are_called_the_same(): void
    {
        $tables = [Eggs::ROWS, Dairy::ROWS, Liquids::ROWS, Cheeses::ROWS, MeatAndFish::ROWS, Vegetables::ROWS, Fruit::ROWS, DryGoods::ROWS, Borrowed::ROWS];
        self::assertSame(array_sum(array_map(count(...), $tables)), count(Pantry::all()));
        $names = array_map(static fn (Food $food): string => $food->name, Pantry::all());
        self::assertSame($names, array_unique($names));
    }

    public function test_every_food_can_go_out_in_a_file_and_come_in_again(): void
    {
        foreach (Pantry::all() as $food) {
            self::assertEquals($food, DocumentReader::read(Food::class, json_decode((string) json_encode(DocumentWriter::write($food)), true)), $food->id);
        }
    }

    public function test_every_composition_sums_to_a_hundred(): void
    {
        foreach (Pantry::all() as $food) {
            self::assertEqualsWithDelta(100, $food->per100g->sum(), 0.6, $food->id);
            self::assertLessThanOrEqual($food->per100g->ash + 0.01, $food->per100g->salt, "{$food->id}: salt is part of ash");
        }
    }

    public function test_no_food_is_lighter_packed_than_a_heap_can_be_or_heavier_than_itself(): void
    {
        foreach (Pantry::all() as $food) {
            self::assertGreaterThan(0.1, $food->packingShare(), $food->id);
            self::assertLessThanOrEqual(1.0, $food->packingShare(), $food->id);
        }
    }

    public function test_no_preparation_takes_off_more_than_water_and_fat_or_goes_below_the_floor_by_more_than_a_third(): void
    {
        foreach (array_keys(Preparations::ROWS) as $id) {
            $food = Pantry::food($id);
            foreach (Pantry::preparations($id) as $preparation) {
                self::assertLessThanOrEqual($preparation->yieldHigh, $preparation->yieldLow, $id);
                self::assertLessThanOrEqual(1.0, $preparation->yieldHigh, $id);
                self::assertLessThanOrEqual($preparation->minutesHigh, $preparation->minutesLow, $id);
                self::assertNotSame('', $preparation->how, $id);
                self::assertGreaterThan(1 - $food->losableGrams(1), $preparation->yieldLow, "$id is not burnt to a crust");
                self::assertGreaterThan($food->floorYield * 0.66, $preparation->yieldLow, $id);
            }
        }
    }

    public function test_the_floor_of_every_food_leaves_what_is_neither_water_nor_fat(): void
    {
        foreach (Pantry::all() as $food) {
            self::assertGreaterThanOrEqual(1 - $food->losableGrams(1) - 1e-9, $food->floorYield, $food->id);
        }
    }

    /** USDA FoodData Central, SR Legacy, from memory: g water and g fat per 100 g, to within 1.5 g. */
    #[TestWith(['egg', 76.2, 9.5])]
    #[TestWith(['whole-milk', 88.1, 3.3])]
    #[TestWith(['leeks', 83.0, 0.3])]
    #[TestWith(['mushrooms', 92.5, 0.3])]
    #[TestWith(['butter', 15.9, 81.1])]
    #[TestWith(['hazelnuts', 5.3, 60.8])]
    public function test_compositions_agree_with_the_published_table(string $id, float $water, float $fat): void
    {
        $food = Pantry::food($id);
        self::assertEqualsWithDelta($water, $food->per100g->water, 1.5);
        self::assertEqualsWithDelta($fat, $food->per100g->fat, 1.5);
    }

    /** Regulation (EU) 1169/2011, annex I: salt = sodium x 2.5. Sodium in mg per 100 g from USDA SR Legacy, from memory. */
    #[TestWith(['egg', 142])]
    #[TestWith(['hard-cheese', 653])]
    #[TestWith(['blue-cheese', 1146])]
    #[TestWith(['dry-crumbs', 732])]
    public function test_salt_is_two_and_a_half_times_the_published_sodium(string $id, int $sodiumMg): void
    {
        self::assertEqualsWithDelta($sodiumMg / 1000 * 2.5, Pantry::food($id)->per100g->salt, 0.02);
    }

    public function test_shortcrust_is_what_its_formula_makes_it(): void
    {
        $parts = ['wheat' => 100, 'butter' => 50, 'water' => 25, 'salt' => 1];
        $butter = Pantry::food('butter')->per100g;
        $whole = array_sum($parts);
        // plain wheat flour, USDA SR Legacy from memory: water 11.9 %, fat 1 %
        $water = (100 * 0.119 + 50 * $butter->water / 100 + 25) / $whole * 100;
        $fat = (100 * 0.0098 + 50 * $butter->fat / 100) / $whole * 100;
        self::assertEqualsWithDelta($water, Pantry::food('shortcrust')->per100g->water, 0.1);
        self::assertEqualsWithDelta($fat, Pantry::food('shortcrust')->per100g->fat, 0.1);
    }

    public function test_a_yolk_and_a_white_set_as_half_an_egg_each(): void
    {
        $halves = array_map(static fn (string $id): float => Pantry::food($id)->eggs(Pantry::food($id)->pieces['large']), ['egg-yolk', 'egg-white']);
        self::assertEqualsWithDelta(0.5, $halves[0], 0.01);
        self::assertEqualsWithDelta(0.5, $halves[1], 0.01);
        self::assertSame(1.0, Pantry::food('egg')->eggs(50));
    }

    public function test_every_food_of_animal_or_grain_names_its_allergen(): void
    {
        $named = static fn (Food $food): array => array_column($food->allergens, 'value');
        self::assertSame(['egg'], $named(Pantry::food('egg-white')));
        self::assertSame(['fish'], $named(Pantry::food('smoked-trout')));
        self::assertSame(['gluten', 'milk'], $named(Pantry::food('shortcrust')));
        self::assertSame(['nuts'], $named(Pantry::food('hazelnuts')));
    }
}
