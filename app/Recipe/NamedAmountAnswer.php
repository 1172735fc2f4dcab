<?php

declare(strict_types=1);

namespace App\Recipe;

use App\Contract\Schema;
use Hojaldre\Core\Recipe\Into;
use Hojaldre\Core\Recipe\NamedAmount;

/** A food that a line names, what it was taken for, and where it goes. */
#[Schema('NamedAmount')]
final readonly class NamedAmountAnswer
{
    /**
     * @param  string  $food  its id
     * @param  float|null  $nowGrams  after what is done to it, where the line says so
     * @param  float  $besideGrams  of another food in the same words: the yolk of "4 eggs and a yolk"
     * @param  bool  $isSaid  the amount was told and not assumed
     * @param  bool  $isSure  the name was known as it stands
     */
    private function __construct(
        public string $food, public string $name, public string $words, public float $grams, public float $leastGrams, public float $mostGrams, public ?float $nowGrams, public float $besideGrams,
        public bool $isSaid, public bool $isSure, public Into $into,
    ) {
    }

    public static function of(NamedAmount $one): self
    {
        $span = $one->entry->span();

        return new self(
            $one->food->id, $one->food->name, $one->entry->words, round($span->value, 2), round($span->least, 2), round($span->most, 2),
            $one->entry->after === null ? null : round($one->entry->after->value, 2), round(array_sum(array_column($one->entry->others, 'grams')), 2), $one->isSaid, $one->isSure, $one->into,
        );
    }
}
