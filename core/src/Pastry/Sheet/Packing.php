<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Sheet;

/** Pieces on a sheet of given size: the layout that holds most, and what the others would hold. */
final readonly class Packing
{
    /** @param  list<Layout>  $others  the best of the other kinds, most pieces first */
    private function __construct(public Layout $best, public array $others)
    {
    }

    /** @param  bool  $isPushed  whether to look for one disc more than rows hold, which is hard to cut by eye and takes time */
    public static function on(Cutter $cutter, float $widthMm, float $lengthMm, bool $isPushed = false): self
    {
        $layouts = match ($cutter->shape) {
            CutShape::Disc => DiscRows::on($cutter->lengthMm, $widthMm, $lengthMm),
            CutShape::HalfMoon => HalfMoonRows::on($cutter->lengthMm, $widthMm, $lengthMm),
            CutShape::Square, CutShape::Rectangle => Blocks::on($cutter->lengthMm, $cutter->widthMm, $widthMm, $lengthMm),
        };
        if ($layouts === []) {
            return new self(new Layout(LayoutKind::Squares, []), []);
        }
        $best = Layout::best($layouts);
        $pushed = $isPushed && $cutter->shape === CutShape::Disc ? OneMoreDisc::on($best, $cutter->lengthMm, $widthMm, $lengthMm) : $best;
        $others = [];
        foreach ($layouts as $one) {
            if ($one->kind !== $pushed->kind && (! isset($others[$one->kind->value]) || $one->count() > $others[$one->kind->value]->count())) {
                $others[$one->kind->value] = $one;
            }
        }
        usort($others, static fn (Layout $a, Layout $b): int => $b->count() <=> $a->count());

        return new self($pushed, $others);
    }
}
