<?php

declare(strict_types=1);

namespace Hojaldre\Core\Label;

/** How much of one thing there is: kJ of energy, else g. 8 pies in 10 lie between low and high. */
final readonly class Nutrient
{
    /** Standard deviations either side of the mean that hold 8 in 10 of a normal distribution (definition). */
    private const EIGHT_IN_TEN = 1.2816;

    /**
     * @param  float  $amount  kJ of energy, else g
     * @param  float  $sd  one standard deviation, in the same unit
     */
    public function __construct(public NutrientName $name, public float $amount, private float $sd)
    {
    }

    public function low(): float
    {
        return max(0.0, $this->amount - self::EIGHT_IN_TEN * $this->sd);
    }

    public function high(): float
    {
        return $this->amount + self::EIGHT_IN_TEN * $this->sd;
    }

    /** As much of it as is in so many times this; what is cut by eye differs by so much more. */
    public function times(float $factor, float $shareSd): self
    {
        return new self($this->name, $factor * $this->amount, $factor * sqrt($this->sd ** 2 + ($shareSd * $this->amount) ** 2));
    }

    /**
     * A figure as it is declared: kJ whole; fat, carbohydrate, fibre, protein from 10 g on whole, from 0.5 g to 0.1 g, below that 0;
     * salt from 1 g on to 0.1 g, from 0.0125 g to 0.01 g, below that 0 (EU guidance on tolerances, December 2012, from memory).
     */
    public static function declared(NutrientName $name, float $amount): float
    {
        return match (true) {
            $name === NutrientName::Energy => round($amount),
            $name === NutrientName::Salt => $amount >= 1 ? round($amount, 1) : ($amount >= 0.0125 ? round($amount, 2) : 0.0),
            default => $amount >= 10 ? round($amount) : ($amount >= 0.5 ? round($amount, 1) : 0.0),
        };
    }
}
