<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Sheet;

/** Pieces on one sheet. */
final readonly class Layout
{
    /** @param  list<Placement>  $pieces  in the order they are cut: along the rows */
    public function __construct(public LayoutKind $kind, public array $pieces)
    {
    }

    public function count(): int
    {
        return count($this->pieces);
    }

    /** The same, of a sheet that was looked at from its other side. */
    public function mirrored(): self
    {
        return new self($this->kind, array_map(static fn (Placement $one): Placement => new Placement($one->yMm, $one->xMm, 3 - $one->quarters), $this->pieces));
    }

    /** @param  non-empty-list<self>  $layouts
     * @return self the one with the most pieces; of those the first */
    public static function best(array $layouts): self
    {
        $best = $layouts[0];
        foreach ($layouts as $one) {
            $best = $one->count() > $best->count() ? $one : $best;
        }

        return $best;
    }
}
