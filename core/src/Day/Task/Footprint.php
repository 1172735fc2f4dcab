<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Task;

use Hojaldre\Core\Day\DayOven;
use Hojaldre\Core\Tin\CupsTin;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\FoldShape;
use Hojaldre\Core\Tin\RectangularTin;
use Hojaldre\Core\Tin\Tin;

/** How much of a shelf one tin or one folded piece takes, with the air around it. */
final readonly class Footprint
{
    /** Rim of a tin and air around it, and air around a piece on a tray, mm in all (common practice, no source). */
    private const TIN_MM = 20.0;

    private const PIECE_MM = 12.0;

    private function __construct(private float $lengthMm, private float $wideMm, private bool $isTray)
    {
    }

    public static function of(Tin $tin): self
    {
        if ($tin instanceof FoldedPieces) {
            [$long, $wide] = match ($tin->fold) {
                FoldShape::Patty => [$tin->lengthMm, $tin->lengthMm],
                FoldShape::Parcel => [$tin->lengthMm * M_SQRT1_2, $tin->lengthMm * M_SQRT1_2],
                FoldShape::Rectangle => [$tin->lengthMm, $tin->wideMm() / 2],
                default => [$tin->lengthMm, $tin->lengthMm / 2],
            };

            return new self($long + self::PIECE_MM, $wide + self::PIECE_MM, false);
        }
        $across = 2 * $tin->radiusMm($tin->depthMm()) + self::TIN_MM;
        $long = $tin instanceof RectangularTin ? max($tin->lengthMm, $tin->widthMm) + $tin->flareMm + self::TIN_MM : $across;

        return new self($long, $across, $tin instanceof CupsTin);
    }

    /** On one shelf of an oven; none where it is too large for it. A tray of cups takes a shelf. */
    public function aShelf(DayOven $oven): int
    {
        return $this->isTray ? 1 : $oven->aShelf($this->lengthMm, $this->wideMm);
    }
}
