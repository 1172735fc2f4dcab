<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Sheet;

/**
 * Pieces cut from dough: from the first rolling, and from its scraps rolled together once more. What is left then is not
 * rolled again, it would be tough (common practice, no source).
 */
final readonly class Cutting
{
    /** A limit of ours (definition). */
    public const MOST_PIECES = 1000;

    /** Dough is sought in steps of so much of itself (numerics). */
    private const STEP = 1.01;

    /**
     * @param  float  $thicknessMm  rolled
     * @param  RolledSheet|null  $reroll  none where the scraps are less than a piece
     */
    private function __construct(
        public Cutter $cutter,
        public float $thicknessMm,
        private float $gramsPerMl,
        public RolledSheet $first,
        public ?RolledSheet $reroll,
    ) {
    }

    /** @param  float  $grams  of dough */
    public static function from(float $grams, Cutter $cutter, float $thicknessMm, float $gramsPerMl, Board $board): self
    {
        $first = RolledSheet::rolled($cutter, $grams * 1000 / $gramsPerMl / $thicknessMm, $board);

        return self::withReroll($first, $cutter, $thicknessMm, $gramsPerMl, $board);
    }

    /** From bought sheets. */
    public static function ofReady(int $sheets, float $widthMm, float $lengthMm, Cutter $cutter, float $thicknessMm, float $gramsPerMl, Board $board): self
    {
        return self::withReroll(RolledSheet::ready($cutter, $widthMm, $lengthMm, $sheets), $cutter, $thicknessMm, $gramsPerMl, $board);
    }

    /** The least dough that gives so many pieces, within one per cent. */
    public static function forPieces(int $pieces, Cutter $cutter, float $thicknessMm, float $gramsPerMl, Board $board): self
    {
        $grams = $pieces * self::gramsOf($cutter, $thicknessMm, $gramsPerMl);
        do {
            $cutting = self::from($grams, $cutter, $thicknessMm, $gramsPerMl, $board);
            $grams *= self::STEP;
        } while ($cutting->pieces() < $pieces);

        return $cutting;
    }

    /** How many bought sheets give so many pieces; no sheet is too small for one (refused before). */
    public static function readyForPieces(int $pieces, float $widthMm, float $lengthMm, Cutter $cutter, float $thicknessMm, float $gramsPerMl, Board $board): ?self
    {
        $each = RolledSheet::ready($cutter, $widthMm, $lengthMm, 1)->packing->best->count();
        if ($each === 0) {
            return null;
        }
        // the scraps of several sheets may save the last one
        for ($sheets = max(1, intdiv($pieces, 2 * $each)); ; $sheets++) {
            $cutting = self::ofReady($sheets, $widthMm, $lengthMm, $cutter, $thicknessMm, $gramsPerMl, $board);
            if ($cutting->pieces() >= $pieces) {
                return $cutting;
            }
        }
    }

    public function pieces(): int
    {
        return $this->first->pieces() + ($this->reroll?->pieces() ?? 0);
    }

    public function pieceGrams(): float
    {
        return self::gramsOf($this->cutter, $this->thicknessMm, $this->gramsPerMl);
    }

    /** All the dough, g. */
    public function grams(): float
    {
        return $this->first->areaMm2() * $this->gramsPerMm2();
    }

    /** What falls away at the first rolling. */
    public function scrapsGrams(): float
    {
        return $this->grams() - $this->first->pieces() * $this->pieceGrams();
    }

    /** What is left in the end. */
    public function leftGrams(): float
    {
        return $this->scrapsGrams() - ($this->reroll?->pieces() ?? 0) * $this->pieceGrams();
    }

    private function gramsPerMm2(): float
    {
        return $this->thicknessMm / 1000 * $this->gramsPerMl;
    }

    private static function gramsOf(Cutter $cutter, float $thicknessMm, float $gramsPerMl): float
    {
        return $cutter->areaMm2() * $thicknessMm / 1000 * $gramsPerMl;
    }

    private static function withReroll(RolledSheet $first, Cutter $cutter, float $thicknessMm, float $gramsPerMl, Board $board): self
    {
        $scraps = $first->areaMm2() - $first->pieces() * $cutter->areaMm2();
        $again = $scraps < $cutter->areaMm2() ? null : RolledSheet::rolled($cutter, $scraps, $board);

        return new self($cutter, $thicknessMm, $gramsPerMl, $first, $again === null || $again->pieces() === 0 ? null : $again);
    }
}
