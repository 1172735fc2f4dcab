<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Food\Food;

/** One thing done to a food before it goes in, and what it weighed afterwards. */
final readonly class Step
{
    /**
     * @param  string  $preparation  in the cook's words
     * @param  float  $saltGrams  rubbed on
     * @param  float  $waterSaltGramsPerLitre  salt of the water it was boiled in
     */
    public function __construct(
        #[Text(0, 120)] public string $preparation,
        public Amount $after,
        #[Number(0, 500, 'g')] public float $saltGrams = 0.0,
        #[Number(0, 60, 'g in a litre')] public float $waterSaltGramsPerLitre = 0.0,
    ) {
    }

    public function withAfter(float $grams): self
    {
        return new self($this->preparation, Amount::of($grams), $this->saltGrams, $this->waterSaltGramsPerLitre);
    }

    public function scaled(float $factor, Food $food): self
    {
        return new self($this->preparation, $this->after->scaled($factor, $food), $this->saltGrams * $factor, $this->waterSaltGramsPerLitre);
    }
}
