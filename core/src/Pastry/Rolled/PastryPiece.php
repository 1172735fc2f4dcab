<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Rolled;

/** Alike pieces of one pie, as they are rolled and cut. */
final readonly class PastryPiece
{
    /**
     * @param  float  $lengthMm  of one: a disc has its diameter as length and width; nothing that has no outline, as leaves, has any
     * @param  float  $rolledGrams  all of them, as cut
     * @param  float  $keptGrams  all of them, as they stay on the pie; the rest is trimmed off
     * @param  float  $bakedTrimGrams  of what is trimmed off, what has been in the oven and cannot be rolled again
     */
    public function __construct(
        public PieceName $name,
        public int $pieces,
        public bool $isRound,
        public float $lengthMm,
        public float $widthMm,
        public float $thicknessMm,
        public float $rolledGrams,
        public float $keptGrams,
        public float $bakedTrimGrams = 0.0,
    ) {
    }

    /** Trimmings that are still raw. */
    public function backGrams(): float
    {
        return $this->rolledGrams - $this->keptGrams - $this->bakedTrimGrams;
    }
}
