<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tin;

use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Whole;
use Hojaldre\Core\Refusal\Refusal;

/**
 * No tin at all: dough closed over a filling, pasties, turnovers, parcels, hand pies. A seam takes 8 mm of the dough; what it
 * encloses is a pocket. Full, the pocket is as high in its middle as a share of the largest circle in it, and 0.6 of that on the
 * average of its floor (judgement, against what hand pies and pasties commonly take): a half-moon of a 12 cm disc holds about
 * 55 ml, of 15 cm 120, of 20 cm 310; a parcel of a 14 cm square about 100.
 */
final readonly class FoldedPieces implements Judged, Tin
{
    /** A limit of ours (definition). */
    public const LEAST_MM = 80.0;

    /** A limit of ours (definition). */
    public const MOST_MM = 300.0;

    private const SEAM_MM = 8.0;

    /** Height of a full pocket to the radius of the largest circle in it (judgement). */
    private const HEIGHT_SHARES = ['half-moon' => 0.84, 'top-crimp' => 1.05, 'turnover' => 0.84, 'parcel' => 0.5, 'rectangle' => 0.84, 'patty' => 0.42];

    /** A pasty that stands on its belly is narrower than one that lies on its side, by so much, and higher by as much (judgement). */
    private const STANDS_SHARE = 0.8;

    /** Mean depth of a full pocket to that in its middle. */
    public const MEAN_SHARE = 0.6;

    /**
     * @param  int  $pieces  pies
     * @param  float  $lengthMm  of the dough before it is closed: diameter of a disc, side of a square
     * @param  float|null  $widthMm  of a rectangle, which is folded across it; null of all others
     */
    public function __construct(
        public FoldShape $fold,
        #[Whole(1, 60)] public int $pieces,
        #[Number(self::LEAST_MM, self::MOST_MM, 'mm')] public float $lengthMm,
        #[Number(self::LEAST_MM, self::MOST_MM, 'mm')] public ?float $widthMm,
    ) {
    }

    public static function halfMoons(int $pieces, float $diameterMm): self
    {
        return new self(FoldShape::HalfMoon, $pieces, $diameterMm, null);
    }

    public function refusals(): array
    {
        return match (true) {
            $this->fold === FoldShape::Rectangle && $this->widthMm === null => [new Refusal('fold-width-missing', '/widthMm')],
            $this->fold !== FoldShape::Rectangle && $this->widthMm !== null => [new Refusal('fold-width-told', '/widthMm', ['lengthMm' => $this->lengthMm])],
            default => [],
        };
    }

    /** The same with other measures; a rectangle keeps its proportions. */
    public function resized(float $lengthMm): self
    {
        return new self($this->fold, $this->pieces, $lengthMm, $this->widthMm === null ? null : $this->widthMm * $lengthMm / $this->lengthMm);
    }

    public function of(int $pieces): self
    {
        return new self($this->fold, $pieces, $this->lengthMm, $this->widthMm);
    }

    /** A disc and a square are as wide as they are long. */
    public function wideMm(): float
    {
        return $this->widthMm ?? $this->lengthMm;
    }

    /** Dough of one pie before it is closed. */
    public function doughMm2(): float
    {
        return $this->fold->isOfDiscs() ? $this->fold->cuts() * M_PI_4 * $this->lengthMm ** 2 : $this->lengthMm * $this->wideMm();
    }

    /** Mean depth of a full pocket. */
    public function depthMm(): float
    {
        return self::MEAN_SHARE * self::HEIGHT_SHARES[$this->fold->value] * $this->inscribedMm();
    }

    /** Half its width, as a short cylinder of the same area would have it. */
    public function radiusMm(float $heightMm): float
    {
        return sqrt($this->pocketMm2() / M_PI);
    }

    public function floorAreaMm2(): float
    {
        return $this->pieces * $this->pocketMm2();
    }

    /** All the rest of the dough: what covers it, and the seam. */
    public function wallAreaMm2(): float
    {
        return $this->pieces * ($this->doughMm2() - $this->pocketMm2());
    }

    public function volumeMl(float $depthMm): float
    {
        return $this->floorAreaMm2() * $depthMm / 1000;
    }

    public function depthForVolumeMm(float $millilitres): float
    {
        return $millilitres * 1000 / $this->floorAreaMm2();
    }

    /** The pocket is the space inside the dough already. */
    public function lined(float $thicknessMm): self
    {
        return $this;
    }

    /** More pies of the same size, the nearest whole number. */
    public function scaledInArea(float $factor): self
    {
        return $this->of(max(1, (int) round($this->pieces * $factor)));
    }

    /** Floor of one pocket. */
    private function pocketMm2(): float
    {
        [$long, $wide] = $this->pocketSidesMm();

        return match ($this->fold) {
            FoldShape::HalfMoon => M_PI_2 * $long ** 2,
            FoldShape::TopCrimp => self::STANDS_SHARE * M_PI_2 * $long ** 2,
            FoldShape::Patty => M_PI * $long ** 2,
            FoldShape::Turnover => $long ** 2 / 2,
            FoldShape::Parcel, FoldShape::Rectangle => $long * $wide,
        };
    }

    /** Radius of the largest circle in the floor of a pocket (elementary geometry). */
    private function inscribedMm(): float
    {
        [$long, $wide] = $this->pocketSidesMm();

        return match ($this->fold) {
            FoldShape::HalfMoon, FoldShape::TopCrimp => $long / 2,
            FoldShape::Patty => $long,
            FoldShape::Turnover => $long * (1 - M_SQRT1_2),
            FoldShape::Parcel, FoldShape::Rectangle => min($long, $wide) / 2,
        };
    }

    /**
     * What the seam leaves: the radius of a disc, the legs of a triangle, the sides of a square or a rectangle.
     *
     * @return array{float, float}
     */
    private function pocketSidesMm(): array
    {
        $seam = self::SEAM_MM;

        return match ($this->fold) {
            FoldShape::HalfMoon, FoldShape::TopCrimp, FoldShape::Patty => [$this->lengthMm / 2 - $seam, $this->lengthMm / 2 - $seam],
            FoldShape::Turnover => [$this->lengthMm - 2 * $seam, $this->lengthMm - 2 * $seam],
            FoldShape::Parcel => [($this->lengthMm - 2 * $seam) * M_SQRT1_2, ($this->lengthMm - 2 * $seam) * M_SQRT1_2],
            FoldShape::Rectangle => [$this->lengthMm - 2 * $seam, $this->wideMm() / 2 - $seam],
        };
    }
}
