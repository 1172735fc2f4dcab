<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use Hojaldre\Core\Forecast\BillLine;

#[Schema('BillLine')]
final readonly class BillLineAnswer
{
    /** @param  float  $grams  as bought */
    private function __construct(public string $food, public string $name, public string $words, public float $grams, public ?float $cost)
    {
    }

    public static function of(BillLine $line): self
    {
        $one = $line->ingredient;

        return new self($one->food->id, $one->food->name, $one->amount->words, round($one->grams(), 1), $line->cost);
    }
}
