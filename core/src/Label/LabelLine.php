<?php

declare(strict_types=1);

namespace Hojaldre\Core\Label;

use Hojaldre\Core\Food\Allergen;
use Hojaldre\Core\Food\Food;

/** One thing of an ingredient list, by the weight it had when it was used. */
final readonly class LabelLine
{
    /**
     * @param  list<Allergen>  $allergens  in the order of the law; of a made thing those of its parts stand with its parts
     * @param  list<self>  $parts  what a made thing, such as a dough, is made of, in falling order
     */
    public function __construct(public string $name, public float $grams, public array $allergens, public array $parts = [])
    {
    }

    public static function of(Food $food, float $grams): self
    {
        return new self($food->name, $grams, $food->allergens);
    }

    /**
     * In falling order of weight (docs/sources.md#eu-1169-2011, article 18); of two alike in the order they came.
     *
     * @param  list<self>  $lines
     * @return list<self>
     */
    public static function falling(array $lines): array
    {
        usort($lines, static fn (self $a, self $b): int => $b->grams <=> $a->grams);

        return $lines;
    }
}
