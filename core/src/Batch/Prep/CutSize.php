<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch\Prep;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\PieceSize;
use Hojaldre\Core\Food\Roots;
use Hojaldre\Core\Food\Texture;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Form;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Statement\Statement;

/** How small a vegetable or a piece of meat is cut, and why (common practice, no source). */
final readonly class CutSize
{
    private const FAMILIES = ['vegetables', 'fruit'];

    /** What goes raw into a closed fold has only the bake to cook through. */
    private const RAW_DICE_MM = 6.0;

    private const SLICE_MM = 5.0;

    /** Whether it has to be washed and cut at all. */
    public static function isCut(SolidLayer $layer): bool
    {
        return in_array(Pantry::family($layer->food->id), self::FAMILIES, true) || $layer->food->isRawFlesh();
    }

    public static function of(SolidLayer $layer, Pie $pie): Statement
    {
        $form = $pie->form();
        $isRaw = $layer->steps === [];

        return match (true) {
            $layer->food->isRawFlesh() => new Statement('cut.meat', ['cutMm' => $form === Form::Folded ? PieceSize::DICE_MM - 2 : PieceSize::DICE_MM]),
            $isRaw && $form->isClosed() && Roots::isRoot($layer->food) => self::root($pie),
            $isRaw && $form->isClosed() => new Statement('cut.raw', ['cutMm' => self::RAW_DICE_MM]),
            self::isSliced($layer->food) => new Statement('cut.slice', ['cutMm' => self::SLICE_MM]),
            default => new Statement('cut.dice', ['cutMm' => PieceSize::DICE_MM]),
        };
    }

    /** A root that goes in raw, against the minutes of this bake: tender, and up to which size; or still hard. */
    private static function root(Pie $pie): Statement
    {
        $outMinutes = $pie->bake->minutes();
        $tenderMinutes = SimulatedBake::of(Weights::of($pie))?->minute(BakeEvent::Tender) ?? INF;
        $mostMm = Roots::mostMm($outMinutes - $tenderMinutes);

        return $mostMm >= self::RAW_DICE_MM
            ? new Statement('cut.root-tender', ['cutMm' => self::RAW_DICE_MM, 'tenderMinutes' => ceil($tenderMinutes), 'outMinutes' => $outMinutes, 'mostMm' => floor($mostMm)])
            : new Statement('cut.root-hard', ['cutMm' => self::RAW_DICE_MM, 'outMinutes' => $outMinutes]);
    }

    private static function isSliced(Food $food): bool
    {
        return in_array($food->texture, [Texture::Strands, Texture::Arcs], true);
    }
}
