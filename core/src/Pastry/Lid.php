<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry;

use Hojaldre\Core\Document\Number;

/** Pastry over the filling: closed but for its vent, or a lattice. */
final readonly class Lid
{
    /** Open from here on it is a lattice (judgement). */
    public const LATTICE_SHARE = 0.1;

    /** What is commonly left open: a slit to vent, or the gaps of a lattice (common practice, no source). */
    public const VENT_SHARE = 0.01;

    public const USUAL_LATTICE_SHARE = 0.4;

    /**
     * @param  float  $thicknessMm  rolled
     * @param  float  $openShare  of the top that is not covered: 0.01 for a vent, 0.3 to 0.6 for a lattice
     * @param  bool  $ventedLate  the vent is cut when it is nearly done, so that little juice boils out; until then it is closed
     */
    public function __construct(
        #[Number(1, 15, 'mm')] public float $thicknessMm,
        #[Number(0, 0.8, 'of the top')] public float $openShare,
        public Glaze $glaze,
        public bool $ventedLate = false,
    ) {
    }

    /** Open while it bakes. */
    public function bakedOpenShare(): float
    {
        return $this->ventedLate && ! $this->isLattice() ? 0.0 : $this->openShare;
    }

    public function isLattice(): bool
    {
        return $this->openShare >= self::LATTICE_SHARE;
    }
}
