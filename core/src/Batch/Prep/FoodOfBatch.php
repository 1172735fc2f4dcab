<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch\Prep;

use Hojaldre\Core\Batch\PieOfBatch;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\Step;

/** One layer of one pie, for all of that pie in the batch. */
final readonly class FoodOfBatch
{
    public function __construct(public PieOfBatch $of, public SolidLayer $layer)
    {
    }

    public function boughtGrams(): float
    {
        return $this->layer->bought->grams * $this->of->times();
    }

    /** After so many steps. */
    public function gramsAfter(int $steps): float
    {
        return ($steps === 0 ? $this->layer->bought->grams : ($this->layer->steps[max(0, $steps - 1)] ?? null)?->after->grams ?? 0.0) * $this->of->times();
    }

    /** As it is when all was done to it. */
    public function cookedGrams(): float
    {
        return $this->gramsAfter(count($this->layer->steps));
    }

    /** Rubbed on, in all its steps. */
    public function saltGrams(): float
    {
        return array_sum(array_map(static fn (Step $one): float => $one->saltGrams, $this->layer->steps)) * $this->of->times();
    }

    /** What is done to it, in the cook's words. */
    public function way(): string
    {
        return implode(', then ', array_map(static fn (Step $step): string => mb_strtolower(trim($step->preparation)), $this->layer->steps));
    }
}
