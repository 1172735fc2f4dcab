<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Sheet;

use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Tin\FoldedPieces;

/** The outline of one piece: how long and how wide it is. A disc and a half-moon have their diameter as length, a square its side. */
final readonly class Cutter implements Judged
{
    public function __construct(
        public CutShape $shape,
        #[Number(20, 400, 'mm')] public float $lengthMm,
        #[Number(10, 400, 'mm')] public float $widthMm,
    ) {
    }

    public static function disc(float $diameterMm): self
    {
        return new self(CutShape::Disc, $diameterMm, $diameterMm);
    }

    /** What is cut out for a folded pie. */
    public static function of(FoldedPieces $tin): self
    {
        return $tin->fold->isOfDiscs() ? self::disc($tin->lengthMm) : self::rectangle($tin->lengthMm, $tin->wideMm());
    }

    public static function halfMoon(float $diameterMm): self
    {
        return new self(CutShape::HalfMoon, $diameterMm, $diameterMm / 2);
    }

    public static function rectangle(float $lengthMm, float $widthMm): self
    {
        return new self($lengthMm === $widthMm ? CutShape::Square : CutShape::Rectangle, $lengthMm, $widthMm);
    }

    public function refusals(): array
    {
        $wanted = match ($this->shape) {
            CutShape::Disc, CutShape::Square => $this->lengthMm,
            CutShape::HalfMoon => $this->lengthMm / 2,
            CutShape::Rectangle => $this->widthMm,
        };

        return abs($wanted - $this->widthMm) > 1e-6 ? [new Refusal('cutter-width', '/widthMm', ['widthMm' => $wanted])] : [];
    }

    public function areaMm2(): float
    {
        return match ($this->shape) {
            CutShape::Disc => M_PI_4 * $this->lengthMm ** 2,
            CutShape::HalfMoon => M_PI_4 / 2 * $this->lengthMm ** 2,
            CutShape::Square, CutShape::Rectangle => $this->lengthMm * $this->widthMm,
        };
    }
}
