<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Contract\Schema;
use Hojaldre\Core\Batch\DoughPlan;

/** How much of what is poured in a dough will take, and what it took before. */
#[Schema('DoughWater')]
final readonly class WaterAnswer
{
    /**
     * @param  string  $liquid  what is poured in
     * @param  float  $likelyFromGrams  in 8 makings of 10
     * @param  float  $likelyToGrams  in 8 makings of 10
     * @param  float  $spoonGrams  one spoon more
     * @param  list<WaterLogAnswer>  $makings  the newest first
     */
    private function __construct(
        public string $liquid,
        public float $leastGrams,
        public float $usualGrams,
        public float $mostGrams,
        public float $likelyFromGrams,
        public float $likelyToGrams,
        public float $usualPercent,
        public float $spoonGrams,
        public array $makings,
    ) {
    }

    /** @param  list<DoughWater>  $waters */
    public static function of(DoughPlan $plan, array $waters): ?self
    {
        $need = $plan->water();
        $flour = $plan->flourGrams();
        if ($need === null || $flour === null || $plan->formula === null) {
            return null;
        }
        $grams = static fn (float $percent): float => round($percent * $flour / 100, 1);

        return new self(
            implode(' + ', array_map(static fn ($part): string => $part->food->name, $plan->formula->liquids)),
            $grams($need->leastPercent), $grams($need->usualPercent), $grams($need->mostPercent), $grams($need->likelyFromPercent), $grams($need->likelyToPercent),
            round($need->usualPercent, 1), 15.0, array_map(WaterLogAnswer::of(...), $waters),
        );
    }
}
