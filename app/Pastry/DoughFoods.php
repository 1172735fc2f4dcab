<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Contract\Schema;

/** What commonly goes into a dough, by what it is there for: ids of foods (common practice, no source). */
#[Schema('DoughFoods')]
final readonly class DoughFoods
{
    /**
     * @param  list<string>  $flours
     * @param  list<string>  $fats
     * @param  list<string>  $liquids
     * @param  list<string>  $eggs
     * @param  list<string>  $flavourings
     */
    private function __construct(public array $flours, public array $fats, public array $liquids, public array $eggs, public array $flavourings)
    {
    }

    public static function usual(): self
    {
        return new self(
            ['flour', 'wholemeal-flour', 'gluten-free-flour', 'rice-flour', 'cornflour'], ['unsalted-butter', 'butter', 'lard', 'suet', 'ghee', 'margarine', 'olive-oil', 'sunflower-oil', 'coconut-oil'],
            ['water', 'whole-milk', 'buttermilk', 'yoghurt', 'strained-yoghurt', 'cream-cheese', 'creme-fraiche', 'soured-cream'], ['egg', 'egg-yolk', 'egg-white'], ['hard-cheese', 'parmesan', 'thyme', 'sage', 'parsley'],
        );
    }
}
