<?php

declare(strict_types=1);

namespace App\Label;

use App\Contract\Schema;

/** One line of what a piece feeds. */
#[Schema('NutrientRow')]
final readonly class NutrientRow
{
    /**
     * @param  string  $of100g  "1044 kJ / 250 kcal", "16 g"
     * @param  string  $range  of a piece, 8 in 10: "14 to 18 g"
     */
    public function __construct(public string $name, public string $of100g, public string $ofPiece, public string $range)
    {
    }
}
