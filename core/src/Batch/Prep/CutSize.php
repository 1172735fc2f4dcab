<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch\Prep;

use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Texture;
use Hojaldre\Core\Pie\Form;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Statement\Statement;

/** How small a vegetable or a piece of meat is cut, and why (common practice, no source). */
final readonly class CutSize
{
    private const FAMILIES = ['vegetables', 'fruit'];

    /** What goes raw into a closed fold has only the bake to cook through. */
    private const RAW_DICE_MM = 6.0;

    private const DICE_MM = 12.0;

    private const SLICE_MM = 5.0;

    /** Whether it has to be washed and cut at all. */
    public static function isCut(SolidLayer $layer): bool
    {
        return in_array(Pantry::family($layer->food->id), self::FAMILIES, true) || $layer->food->isRawFlesh();
    }

    public static function of(SolidLayer $layer, Form $form): Statement
    {
        $isRaw = $layer->steps === [];

        return match (true) {
            $layer->food->isRawFlesh() => new Statement('cut.meat', ['cutMm' => $form === Form::Folded ? self::DICE_MM - 2 : self::DICE_MM]),
            $isRaw && $form->isClosed() => new Statement('cut.raw', ['cutMm' => self::RAW_DICE_MM]),
            self::isSliced($layer->food) => new Statement('cut.slice', ['cutMm' => self::SLICE_MM]),
            default => new Statement('cut.dice', ['cutMm' => self::DICE_MM]),
        };
    }

    private static function isSliced(Food $food): bool
    {
        return in_array($food->texture, [Texture::Strands, Texture::Arcs], true);
    }
}
