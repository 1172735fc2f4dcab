<?php

declare(strict_types=1);

namespace Hojaldre\Core\Seasoning;

/** Salt of the whole filling by weight. 0.9 to 1.4 % tastes seasoned (common practice, no source). */
final readonly class Salt
{
    public const LEAST_PERCENT = 0.9;

    public const MOST_PERCENT = 1.4;

    /** The middle to aim a correction at, a little low because salt cannot be taken out. */
    public const AIM_PERCENT = 1.05;

    /**
     * @param  array<string, float>  $gramsBySource  salt by the name of what brings it
     * @param  float  $fillingGrams  the whole filling
     */
    public function __construct(
        public array $gramsBySource,
        public float $fillingGrams,
    ) {
    }

    public function grams(): float
    {
        return (float) array_sum($this->gramsBySource);
    }

    public function percent(): float
    {
        return $this->fillingGrams > 0 ? 100 * $this->grams() / $this->fillingGrams : 0.0;
    }

    /**
     * Grams of salt to add (negative: to leave out) for a wanted percentage p of the whole, the salt's own weight counted:
     * (S + x) / (M + x) = p.
     */
    public function gramsToReach(float $percent): float
    {
        $p = $percent / 100;

        return ($p * $this->fillingGrams - $this->grams()) / (1 - $p);
    }
}
