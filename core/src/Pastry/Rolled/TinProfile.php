<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Rolled;

use Hojaldre\Core\Tin\CupsTin;
use Hojaldre\Core\Tin\FlutedTin;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\RectangularTin;
use Hojaldre\Core\Tin\Tin;

/** What a sheet runs along in a tin: across the floor, up the true slope of the sides. */
final readonly class TinProfile
{
    /**
     * @param  int  $tins  that are lined one by one: the cups of a tray
     * @param  float  $floorLengthMm  of a round one its diameter, to the outermost of the flutes
     * @param  float  $sideMm  along the slope, floor to rim
     */
    private function __construct(
        public int $tins,
        public bool $isRound,
        public float $floorLengthMm,
        public float $floorWidthMm,
        public float $sideMm,
        public float $rimLengthMm,
        public float $rimWidthMm,
    ) {
    }

    public static function of(Tin $tin): self
    {
        $depth = $tin->depthMm();
        if ($tin instanceof RectangularTin) {
            return new self(
                1, false, $tin->lengthMm, $tin->widthMm, hypot($depth, $tin->flareMm / 2), $tin->lengthMm + $tin->flareMm, $tin->widthMm + $tin->flareMm,
            );
        }
        if ($tin instanceof FoldedPieces) {
            return new self($tin->pieces, $tin->fold->isOfDiscs(), $tin->lengthMm, $tin->wideMm(), 0.0, $tin->lengthMm, $tin->wideMm());
        }
        [$floor, $rim] = $tin instanceof FlutedTin ? [$tin->floorDiameterMm, $tin->rimDiameterMm] : [2 * $tin->radiusMm(0), 2 * $tin->radiusMm($depth)];

        return new self($tin instanceof CupsTin ? $tin->cups : 1, true, $floor, $floor, hypot($depth, ($rim - $floor) / 2), $rim, $rim);
    }

    /** A disc for it: floor, both sides, and so much over the rim on each. */
    public function sheetLengthMm(float $overMm): float
    {
        return $this->floorLengthMm + 2 * ($this->sideMm + $overMm);
    }

    public function sheetWidthMm(float $overMm): float
    {
        return $this->floorWidthMm + 2 * ($this->sideMm + $overMm);
    }

    /** How far a sheet of this length climbs the sides; beyond the rim it hangs over. */
    public function climbsMm(float $sheetLengthMm): float
    {
        return ($sheetLengthMm - $this->floorLengthMm) / 2;
    }

    /** What hangs over the rim, mm; less than nothing where it does not reach it. */
    public function overhangMm(float $sheetLengthMm): float
    {
        return $this->climbsMm($sheetLengthMm) - $this->sideMm;
    }

    public function rimOutlineMm(): float
    {
        return $this->isRound ? M_PI * $this->rimLengthMm : 2 * ($this->rimLengthMm + $this->rimWidthMm);
    }

    /** Area of a sheet of these sides, of one tin. */
    public function areaMm2(float $lengthMm, float $widthMm): float
    {
        return $this->isRound ? M_PI_4 * $lengthMm * $widthMm : $lengthMm * $widthMm;
    }
}
