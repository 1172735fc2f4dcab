<?php

declare(strict_types=1);

namespace Hojaldre\Core\Label;

use Hojaldre\Core\Food\Allergen;
use Hojaldre\Core\Food\AllergenName;
use Hojaldre\Core\Food\AllergensKnown;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;

/** One thing of an ingredient list, by the weight it had when it was used. */
final readonly class LabelLine
{
    /**
     * @param  list<Allergen>  $allergens  in the order of the law; of a made thing those of its parts stand with its parts
     * @param  list<AllergenName>  $names  the cereals and nuts among them
     * @param  AllergensKnown  $known  how far; of a made thing its parts say it
     * @param  list<self>  $parts  what a made thing, such as a dough, is made of, in falling order
     */
    public function __construct(public string $name, public float $grams, public array $allergens, public array $parts = [], public array $names = [], public AllergensKnown $known = AllergensKnown::Sure)
    {
    }

    public static function of(Food $food, float $grams): self
    {
        $food = Pantry::declared($food);

        return new self($food->name, $grams, $food->allergens, [], $food->allergenNames, $food->allergensKnown);
    }

    /** @return list<AllergenName|Allergen> as they are printed: a cereal and a nut by their names, the other groups by theirs */
    public function printed(): array
    {
        $printed = [];
        foreach ($this->allergens as $group) {
            $names = array_values(array_filter($this->names, static fn (AllergenName $one): bool => $one->group() === $group));
            $printed = [...$printed, ...($names === [] ? [$group] : $names)];
        }

        return $printed;
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
