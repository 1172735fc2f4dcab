<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Even;

/** One way in which dough, pieces and filling come out even. What it does not change is as it was. */
final readonly class WayToEven
{
    /**
     * @param  int  $pieces  that are filled
     * @param  float  $gramsEach  of filling
     * @param  float  $doughGrams  that is made in all
     * @param  float  $fillingLeftGrams  to freeze, or for another day
     * @param  int  $piecesLeft  unfilled, or filled and more than wanted, to freeze
     * @param  float|null  $tinMm  across, of a small tin that takes the rest, 30 mm deep
     */
    public function __construct(
        public WayName $name,
        public int $pieces,
        public float $gramsEach,
        public float $thicknessMm,
        public float $lengthMm,
        public float $doughGrams,
        public float $fillingLeftGrams = 0.0,
        public int $piecesLeft = 0,
        public ?float $tinMm = null,
    ) {
    }
}
