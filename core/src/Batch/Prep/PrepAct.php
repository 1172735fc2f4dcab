<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch\Prep;

use Hojaldre\Core\Moisture\CoolingPlan;
use Hojaldre\Core\Moisture\Phase;
use Hojaldre\Core\Statement\Statement;

/** One thing to do for a batch. */
final readonly class PrepAct
{
    /**
     * @param  string  $id  the same for the same act of the same batch, so that it stays ticked
     * @param  list<string>  $foods  their names
     * @param  float  $beforeGrams  of all of it
     * @param  float|null  $stopGrams  to stop at; null where nothing is driven off
     * @param  int  $goes  pans, or bowls, one after the other
     * @param  list<Phase>  $phases
     * @param  list<PieShare>  $shares  what of the result goes into which pie
     * @param  list<Statement>  $says  how, why, and what to mind
     * @param  float  $waitMinutes  that pass without hands afterwards: a rest, cooling
     * @param  float  $saltGrams  that is rubbed on
     */
    public function __construct(
        public string $id,
        public ActKind $kind,
        public Statement $title,
        public array $foods,
        public float $beforeGrams,
        public ?float $stopGrams,
        public int $goes,
        public array $phases,
        public array $shares,
        public array $says,
        public float $waitMinutes = 0.0,
        public float $saltGrams = 0.0,
        public ?CoolingPlan $cooling = null,
        public string $food = '',
        public string $preparation = '',
    ) {
    }

    public function minutes(): float
    {
        return $this->goes * array_sum(array_map(static fn (Phase $one): float => $one->minutes, $this->phases));
    }
}
