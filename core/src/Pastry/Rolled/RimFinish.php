<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Rolled;

/** How the edge of a lined tin is finished. Widths: common practice, no source. */
enum RimFinish: string
{
    /** Rolled off level with the rim. */
    case Flush = 'flush';

    /** Folded in, for a thick rim. */
    case FoldedIn = 'folded-in';

    /** Left over the rim and trimmed after the blind bake, for all pastry shrinks. */
    case TrimmedAfter = 'trimmed-after';

    /** How far the sheet reaches beyond the rim, mm. */
    public function overMm(): float
    {
        return $this === self::FoldedIn ? 20.0 : 10.0;
    }

    /** How much of that goes into the oven, mm. */
    public function bakedMm(): float
    {
        return $this === self::Flush ? 0.0 : $this->overMm();
    }

    /** How much of it stays on the pie, mm. */
    public function keptMm(): float
    {
        return $this === self::FoldedIn ? $this->overMm() : 0.0;
    }
}
