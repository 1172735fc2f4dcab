<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Even;

use Hojaldre\Core\Pastry\Sheet\Board;
use Hojaldre\Core\Pastry\Sheet\Cutter;
use Hojaldre\Core\Pastry\Sheet\Cutting;
use Hojaldre\Core\Tin\FoldedPieces;

/** Dough, discs and filling of folded pies: which is short, by how much, and how to end even. Each way out is cut anew. */
final readonly class DoughAndFilling
{
    /** (judgement: thinner tears, thicker does not fold) */
    private const THINNEST_MM = 2.0;

    private const THICKEST_MM = 8.0;

    private const THICKNESS_STEP_MM = 0.1;

    private const SIZE_STEP_MM = 5.0;

    private const SIZE_STEPS = 8;

    /** Left over is what is worth a box in the freezer, g (judgement). */
    private const WORTH_GRAMS = 20.0;

    private const SMALL_TIN_MM = 80.0;

    private const SMALL_TIN_DEEP_MM = 30.0;

    /**
     * @param  FoldedPieces  $tin  how it is folded, and how large
     * @param  float  $doughGrams  that is there
     * @param  float  $fillingGrams  that is there
     * @param  int  $wanted  pieces that are wanted
     * @param  float  $fillingGramsPerMl  as it lies, pressed
     * @param  float|null  $eachGrams  of filling in each, where the cook has chosen; null for what is usual
     */
    public function __construct(
        public FoldedPieces $tin,
        public float $thicknessMm,
        public float $doughGrams,
        private float $doughGramsPerMl,
        public float $fillingGrams,
        private float $fillingGramsPerMl,
        public int $wanted,
        private Board $board,
        private ?float $eachGrams = null,
    ) {
    }

    public function withEach(float $grams): self
    {
        return new self($this->tin, $this->thicknessMm, $this->doughGrams, $this->doughGramsPerMl, $this->fillingGrams, $this->fillingGramsPerMl, $this->wanted, $this->board, $grams);
    }

    public function discs(): int
    {
        return $this->cut($this->thicknessMm, $this->tin->lengthMm);
    }

    /** Pieces that the filling is enough for, at its usual weight in each. */
    public function fills(): float
    {
        return $this->fillingGrams / $this->eachGrams();
    }

    /** Of filling in each piece: as chosen, or as usual. */
    public function eachGrams(): float
    {
        return $this->eachGrams ?? $this->filling($this->tin->lengthMm)->usualGrams;
    }

    /** @param  float  $lengthMm  across a disc, along a square or a rectangle */
    public function filling(float $lengthMm): PieceFilling
    {
        $one = $this->tin->resized($lengthMm)->of(1);

        return PieceFilling::of($one->volumeMl($one->depthMm()), $this->fillingGramsPerMl);
    }

    /** Filling over, where it is more than nothing; short, where it is less; g. */
    public function overGrams(): float
    {
        return $this->fillingGrams - $this->discs() * $this->eachGrams();
    }

    public function verdict(): EvenVerdict
    {
        $half = $this->eachGrams() / 2;

        return match (true) {
            $this->overGrams() > $half => EvenVerdict::FillingOver,
            $this->overGrams() < -$half => EvenVerdict::FillingShort,
            default => EvenVerdict::Even,
        };
    }

    /** @return list<WayToEven> what changes least first */
    public function ways(): array
    {
        $verdict = $this->verdict();
        $ways = $verdict === EvenVerdict::Even ? [] : [
            $this->otherWeight(), $this->otherThickness(), $this->otherSize(),
            ...($verdict === EvenVerdict::FillingOver ? [$this->moreDough(), $this->freezeFilling(), $this->secondTin()] : [$this->fewerPieces()]),
        ];

        return array_values(array_filter([...$ways, $this->freezePieces()], static fn (?WayToEven $way): bool => $way !== null));
    }

    private function otherWeight(): ?WayToEven
    {
        $discs = $this->discs();
        $each = $discs > 0 ? $this->fillingGrams / $discs : 0.0;

        return $this->filling($this->tin->lengthMm)->fits($each) ? new WayToEven(WayName::Weight, $discs, $each, $this->thicknessMm, $this->tin->lengthMm, $this->doughGrams) : null;
    }

    /** As many as the filling is enough for, of the same dough: rolled just so much thinner, or as thick as still gives them. */
    private function otherThickness(): ?WayToEven
    {
        $wanted = (int) floor($this->fills() + 1e-9);
        $now = $this->discs();
        $step = $wanted > $now ? -self::THICKNESS_STEP_MM : self::THICKNESS_STEP_MM;
        $found = null;
        for ($mm = $this->thicknessMm + $step; $wanted > 0 && $mm > self::THINNEST_MM - 1e-9 && $mm < self::THICKEST_MM + 1e-9; $mm += $step) {
            $pieces = $this->cut($mm, $this->tin->lengthMm);
            if ($step > 0 && $pieces < $wanted) {
                break;
            }
            $found = $pieces >= $wanted && $pieces !== $now ? new WayToEven(WayName::Thickness, $wanted, $this->fillingGrams / $wanted, $mm, $this->tin->lengthMm, $this->doughGrams, piecesLeft: $pieces - $wanted) : $found;
            if ($step < 0 && $found !== null) {
                break;
            }
        }

        return $found;
    }

    /** Discs a little larger or smaller: of those that end within half a piece, the one nearest to the size that was wanted. */
    private function otherSize(): ?WayToEven
    {
        for ($step = 1; $step <= self::SIZE_STEPS; $step++) {
            foreach ([$this->tin->lengthMm + $step * self::SIZE_STEP_MM, $this->tin->lengthMm - $step * self::SIZE_STEP_MM] as $mm) {
                $pieces = $mm < FoldedPieces::LEAST_MM || $mm > FoldedPieces::MOST_MM ? 0 : $this->cut($this->thicknessMm, $mm);
                $usual = $this->filling(max(FoldedPieces::LEAST_MM, $mm))->usualGrams;
                if ($pieces > 0 && abs($this->fillingGrams - $pieces * $usual) <= $usual / 2) {
                    return new WayToEven(WayName::Size, $pieces, $this->fillingGrams / $pieces, $this->thicknessMm, $mm, $this->doughGrams);
                }
            }
        }

        return null;
    }

    private function moreDough(): ?WayToEven
    {
        $pieces = (int) floor($this->fills() + 1e-9);
        if ($pieces <= $this->discs() || $pieces > Cutting::MOST_PIECES) {
            return null;
        }
        $dough = Cutting::forPieces($pieces * $this->tin->fold->cuts(), Cutter::of($this->tin), $this->thicknessMm, $this->doughGramsPerMl, $this->board)->grams();

        return new WayToEven(WayName::MoreDough, $pieces, $this->fillingGrams / $pieces, $this->thicknessMm, $this->tin->lengthMm, $dough);
    }

    private function freezeFilling(): ?WayToEven
    {
        $discs = $this->discs();

        return $discs < 1 ? null : new WayToEven(WayName::FreezeFilling, $discs, $this->eachGrams(), $this->thicknessMm, $this->tin->lengthMm, $this->doughGrams, $this->overGrams());
    }

    /** The rest in a small tin, as wide as it fills 30 mm deep. */
    private function secondTin(): ?WayToEven
    {
        $mm = 2 * sqrt(max(0.0, $this->overGrams()) / $this->fillingGramsPerMl * 1000 / self::SMALL_TIN_DEEP_MM / M_PI);

        return $mm < self::SMALL_TIN_MM || $this->discs() < 1 ? null
            : new WayToEven(WayName::SecondTin, $this->discs(), $this->eachGrams(), $this->thicknessMm, $this->tin->lengthMm, $this->doughGrams, tinMm: $mm);
    }

    private function fewerPieces(): ?WayToEven
    {
        $pieces = (int) floor($this->fills() + 1e-9);

        return $pieces < 1 ? null : new WayToEven(WayName::FewerPieces, $pieces, $this->fillingGrams / $pieces, $this->thicknessMm, $this->tin->lengthMm, $this->doughGrams, piecesLeft: $this->discs() - $pieces);
    }

    /** More come out than are wanted: the rest is frozen unbaked. */
    private function freezePieces(): ?WayToEven
    {
        $pieces = min($this->discs(), (int) floor($this->fills() + 0.5));
        $left = $this->fillingGrams - $pieces * $this->eachGrams();

        return $pieces <= $this->wanted ? null : new WayToEven(
            WayName::FreezePieces, $pieces, $this->eachGrams(), $this->thicknessMm, $this->tin->lengthMm, $this->doughGrams,
            $left > self::WORTH_GRAMS ? $left : 0.0, $pieces - $this->wanted,
        );
    }

    /** Pies that come of the dough. */
    private function cut(float $thicknessMm, float $lengthMm): int
    {
        return intdiv(Cutting::from($this->doughGrams, Cutter::of($this->tin->resized($lengthMm)), $thicknessMm, $this->doughGramsPerMl, $this->board)->pieces(), $this->tin->fold->cuts());
    }
}
