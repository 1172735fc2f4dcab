<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Even;

/** How much filling one folded piece takes, g: below the least it is hollow, above the most it does not close. */
final readonly class PieceFilling
{
    /** Of a full pocket: hollow below, as cooks fill it, and the most that still closes (judgement). */
    private const LEAST_SHARE = 0.65;

    private const USUAL_SHARE = 0.9;

    private const MOST_SHARE = 1.1;

    /** A heaped tablespoon of thick filling, ml (common practice, no source: half as much again as a level one). */
    private const HEAPED_SPOON_ML = 25.0;

    private function __construct(public float $leastGrams, public float $usualGrams, public float $mostGrams, private float $gramsPerMl)
    {
    }

    /**
     * @param  float  $pocketMl  that a full pocket holds
     * @param  float  $gramsPerMl  of the filling as it lies, pressed
     */
    public static function of(float $pocketMl, float $gramsPerMl): self
    {
        $full = $pocketMl * $gramsPerMl;

        return new self(self::LEAST_SHARE * $full, self::USUAL_SHARE * $full, self::MOST_SHARE * $full, $gramsPerMl);
    }

    public function fits(float $grams): bool
    {
        return $grams >= $this->leastGrams - 1e-9 && $grams <= $this->mostGrams + 1e-9;
    }

    /** To the half spoon. */
    public function heapedSpoons(float $grams): float
    {
        return max(0.5, round(2 * $grams / $this->gramsPerMl / self::HEAPED_SPOON_ML) / 2);
    }
}
