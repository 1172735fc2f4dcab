<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch;

use Hojaldre\Core\Pastry\Rolled\PastryPieces;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Tin\FoldedPieces;

/** One line of a batch with its design. */
final readonly class PieOfBatch
{
    /** The design as this batch makes it. */
    public Pie $pie;

    /** @param  int  $number  its place in the batch, from 1 */
    public function __construct(public int $number, public BatchLine $line, Pie $design)
    {
        $fold = $line->fold;
        $tin = $design->tin;
        $this->pie = ! $tin instanceof FoldedPieces || ($fold->thicknessMm === null && $fold->lengthMm === null) ? $design
            : $design->withTin($tin->resized($fold->lengthMm ?? $tin->lengthMm))->withCrust($design->crust->rolledTo($fold->thicknessMm ?? $design->crust->thicknessMm));
    }

    /** Another number of the same. */
    public function of(int $count): self
    {
        return new self($this->number, new BatchLine($this->line->pie, $count, $this->line->lining, $this->line->fold), $this->pie);
    }

    public function folded(): ?FoldedPieces
    {
        return $this->pie->tin instanceof FoldedPieces ? $this->pie->tin : null;
    }

    /** How often the design is made: tins, or pieces of as many as it has. */
    public function times(): float
    {
        return $this->line->count / ($this->folded()->pieces ?? 1);
    }

    public function portions(): float
    {
        return $this->times() * $this->pie->portions;
    }

    /** The rolled dough of one tin, or of as many pieces as the design has. */
    public function pieces(): PastryPieces
    {
        return PastryPieces::of($this->pie->tin, $this->pie->crust, $this->line->lining);
    }
}
