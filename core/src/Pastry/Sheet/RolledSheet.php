<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Sheet;

/** A sheet with the pieces that are cut from it; so many of them alike. */
final readonly class RolledSheet
{
    /** How long a rolled sheet is to its width at most: longer ones run off and spring back (judgement). */
    private const LONGEST = 2.2;

    public function __construct(
        public float $widthMm,
        public float $lengthMm,
        public int $sheets,
        public Packing $packing,
    ) {
    }

    public function pieces(): int
    {
        return $this->sheets * $this->packing->best->count();
    }

    public function areaMm2(): float
    {
        return $this->sheets * $this->widthMm * $this->lengthMm;
    }

    /** A lump rolled to this area in all, as wide as gives most pieces; in several sheets where the board is too small. */
    public static function rolled(Cutter $cutter, float $areaMm2, Board $board): self
    {
        $sheets = max(1, (int) ceil($areaMm2 / $board->areaMm2() - 1e-9));
        $each = $areaMm2 / $sheets;
        $best = null;
        foreach (self::widths($cutter, $each, $board) as $width) {
            $packing = Packing::on($cutter, $width, $each / $width);
            if ($best === null || $packing->best->count() > $best->packing->best->count()) {
                $best = new self($width, $each / $width, $sheets, $packing);
            }
        }
        $side = sqrt($each);

        return $best ?? new self($side, $side, $sheets, Packing::on($cutter, $side, $side));
    }

    /** A sheet of given size, with one more disc than rows hold where that goes. */
    public static function ready(Cutter $cutter, float $widthMm, float $lengthMm, int $sheets): self
    {
        return new self($widthMm, $lengthMm, $sheets, Packing::on($cutter, $widthMm, $lengthMm, isPushed: true));
    }

    /**
     * Widths that so many pieces, or half pieces, just fill; and those of a square and of the board.
     *
     * @return list<float>
     */
    private static function widths(Cutter $cutter, float $areaMm2, Board $board): array
    {
        $widest = min($board->widthMm, sqrt($areaMm2));
        $narrowest = max($areaMm2 / $board->lengthMm, sqrt($areaMm2 / self::LONGEST));
        $widths = [$widest, $narrowest];
        foreach ($cutter->shape === CutShape::Disc ? [$cutter->lengthMm / 2] : [$cutter->lengthMm, $cutter->widthMm] as $step) {
            for ($at = 1; $at * $step <= $widest; $at++) {
                if ($at * $step >= $narrowest) {
                    $widths[] = $at * $step;
                }
            }
        }
        if ($cutter->shape === CutShape::Disc) {
            // three rows and more, each in the gaps of the last
            for ($rows = 2; ($width = $cutter->lengthMm * (1 + ($rows - 1) * M_SQRT3 / 2)) <= $widest; $rows++) {
                if ($width >= $narrowest) {
                    $widths[] = $width;
                }
            }
        }

        return $widths;
    }
}
