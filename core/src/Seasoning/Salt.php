<?php

declare(strict_types=1);

namespace Hojaldre\Core\Seasoning;

/** Salt of the whole filling by weight. 0.9 to 1.4 % tastes seasoned (common practice, no source). */
final readonly class Salt
{
    public const LEAST_PERCENT = 0.9;

    public const MOST_PERCENT = 1.4;

    /** Beyond these nobody is content; between lie mild on purpose, beside a salty cheese or fish, and savoury (fitted, docs/model.md). */
    public const BLAND_PERCENT = 0.35;

    public const TOO_SALTY_PERCENT = 1.9;

    /** The middle to aim a correction at, a little low because salt cannot be taken out (common practice, no source). */
    public const AIM_PERCENT = 1.05;

    /**
     * @param  list<SaltSource>  $sources
     * @param  float  $fillingGrams  the whole filling
     */
    public function __construct(public array $sources, public float $fillingGrams)
    {
    }

    public function grams(): float
    {
        return (float) array_sum(array_map(static fn (SaltSource $one): float => $one->grams, $this->sources));
    }

    public function percent(): float
    {
        return $this->fillingGrams > 0 ? 100 * $this->grams() / $this->fillingGrams : 0.0;
    }

    /**
     * What brings so many grams or more, the most first.
     *
     * @return list<SaltSource>
     */
    public function mostFirst(float $leastGrams): array
    {
        $sources = array_values(array_filter($this->sources, static fn (SaltSource $one): bool => $one->grams >= $leastGrams));
        usort($sources, static fn (SaltSource $a, SaltSource $b): int => $b->grams <=> $a->grams);

        return $sources;
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
