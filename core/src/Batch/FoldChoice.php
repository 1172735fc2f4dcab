<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch;

use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Pastry\Even\WayName;
use Hojaldre\Core\Tin\FoldedPieces;

/** What a cook changes of folded pieces in one batch, so that dough and filling come out even; the design stays as it is. Null is as designed. */
final readonly class FoldChoice
{
    /**
     * @param  float|null  $eachGrams  of filling in each
     * @param  float|null  $lengthMm  across a disc, along a square or a rectangle
     * @param  WayName|null  $settled  what is done with the rest
     */
    public function __construct(
        #[Number(2, 2000, 'g')] public ?float $eachGrams,
        #[Number(1, 15, 'mm')] public ?float $thicknessMm,
        #[Number(FoldedPieces::LEAST_MM, FoldedPieces::MOST_MM, 'mm')] public ?float $lengthMm,
        public ?WayName $settled,
    ) {
    }

    public static function asDesigned(): self
    {
        return new self(null, null, null, null);
    }
}
