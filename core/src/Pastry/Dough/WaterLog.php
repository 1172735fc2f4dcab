<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Dough;

use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\ListOf;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Refusal\Refusal;

/** What a dough took when it was made: offered, used, left. */
final readonly class WaterLog implements Judged
{
    /** A limit of ours (definition). */
    private const MOST_GOES = 20;

    /** (numerics) */
    private const SAME_GRAMS = 0.05;

    /**
     * @param  float  $flourGrams  of the dough it went into
     * @param  float  $offeredGrams  in the jug at the start
     * @param  list<Go>  $goes  as it was added
     */
    public function __construct(
        #[Number(20, 50000, 'g')] public float $flourGrams,
        #[Number(0, 50000, 'g')] public float $offeredGrams,
        #[ListOf(Go::class, self::MOST_GOES, 1)] public array $goes,
    ) {
    }

    public function refusals(): array
    {
        return $this->usedGrams() > $this->offeredGrams + self::SAME_GRAMS
            ? [new Refusal('more-than-offered', '/offeredGrams', ['usedGrams' => $this->usedGrams(), 'offeredGrams' => $this->offeredGrams])] : [];
    }

    public function usedGrams(): float
    {
        return array_sum(array_map(static fn (Go $go): float => $go->grams, $this->goes));
    }

    public function leftGrams(): float
    {
        return $this->offeredGrams - $this->usedGrams();
    }

    /** Per cent of the flour. */
    public function usedPercent(): float
    {
        return 100 * $this->usedGrams() / $this->flourGrams;
    }
}
