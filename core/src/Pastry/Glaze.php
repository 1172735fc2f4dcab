<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry;

use Hojaldre\Core\Food\Allergen;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\Tin;

/** What is brushed on a lid before it goes in. */
enum Glaze: string
{
    case None = 'none';
    case Egg = 'egg';

    /** Yolk and a little cream. */
    case Yolk = 'yolk';

    case Milk = 'milk';

    /** Brushed on a lid, and on one folded piece, g (common practice, no source: an egg does four lids or a dozen pasties). */
    private const LID_GRAMS = 12.0;

    private const FOLD_GRAMS = 4.0;

    /** Id of the food that it is made of; the little cream beside a yolk is not worth a line. */
    public function food(): ?string
    {
        return match ($this) {
            self::None => null,
            self::Egg => 'egg',
            self::Yolk => 'egg-yolk',
            self::Milk => 'whole-milk',
        };
    }

    /** Brushed on one tin, or on all pieces of a fold, g. */
    public static function gramsOn(Tin $tin): float
    {
        return $tin instanceof FoldedPieces ? self::FOLD_GRAMS * $tin->pieces : self::LID_GRAMS;
    }

    /** @return list<Allergen> that it brings, in the order of the law */
    public function allergens(): array
    {
        return match ($this) {
            self::None => [],
            self::Egg => [Allergen::Egg],
            self::Yolk => [Allergen::Egg, Allergen::Milk],
            self::Milk => [Allergen::Milk],
        };
    }
}
