<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch;

use Hojaldre\Core\Pastry\Even\DoughAndFilling;
use Hojaldre\Core\Pastry\Rolled\PastryPieces;
use Hojaldre\Core\Pastry\Sheet\Cutting;

/** What one pie of a batch takes of a dough. */
final readonly class DoughUse
{
    /**
     * @param  PastryPieces  $pieces  of one tin, or of as many folded pieces as the design has
     * @param  float  $rolledGrams  for all of them
     * @param  float  $backGrams  raw trimmings and scraps of all of them
     * @param  float  $bakedTrimGrams  trimmed off after the blind bake
     * @param  float  $stripsFromTrimmingsGrams  that are cut from trimmings and not rolled for
     * @param  Cutting|null  $cutting  of pieces that are cut out of a sheet
     */
    public function __construct(
        public PieOfBatch $of,
        public PastryPieces $pieces,
        public float $rolledGrams,
        public float $backGrams,
        public float $bakedTrimGrams,
        public float $stripsFromTrimmingsGrams,
        public ?Cutting $cutting,
        public ?DoughAndFilling $even,
    ) {
    }
}
