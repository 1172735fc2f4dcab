<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Food;

use Hojaldre\Core\Food\AmountParser;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\VolumeSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A US cup of each food against the household weights of docs/sources.md#usda-sr-legacy (from memory, rounded). */
final class CupsTest extends TestCase
{
    /** @return iterable<string, array{string, float, float}> id, g a cup, tolerance */
    public static function cups(): iterable
    {
        $liquids = ['whole-milk' => 244, 'skimmed-milk' => 245, 'buttermilk' => 245, 'single-cream' => 240, 'whipping-cream' => 238, 'soured-cream' => 230, 'yoghurt' => 245, 'ricotta' => 246, 'cottage-cheese' => 226, 'mayonnaise' => 220, 'egg' => 243, 'butter' => 227, 'olive-oil' => 216, 'cream-cheese' => 232];
        foreach ($liquids as $id => $grams) {
            yield $id => [$id, $grams, 0.08];
        }
        foreach (['flour' => 125, 'dry-crumbs' => 108, 'cornflour' => 128, 'semolina' => 167, 'hard-cheese' => 113, 'white-cheese' => 150, 'walnuts' => 117, 'almonds' => 143, 'hazelnuts' => 115, 'mushrooms' => 70, 'spinach' => 30, 'onions' => 160, 'leeks' => 89, 'carrots' => 128, 'potatoes' => 150, 'peas' => 145, 'tomatoes' => 180, 'chickpeas' => 160] as $id => $grams) {
            yield $id => [$id, $grams, 0.25];
        }
    }

    #[DataProvider('cups')]
    public function test_a_cup_weighs_what_the_table_says(string $id, float $grams, float $tolerance): void
    {
        self::assertEqualsWithDelta($grams, (new AmountParser(CookUnits::of(VolumeSystem::Us)))->read('1 cup', Pantry::food($id))->value, $tolerance * $grams);
    }
}
