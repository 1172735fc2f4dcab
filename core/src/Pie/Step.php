<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Fields;
use Hojaldre\Core\Food\Food;

/** One thing done to a food before it goes in, and what it weighed afterwards. */
final readonly class Step
{
    /**
     * @param  string  $preparation  in the cook's words
     * @param  float  $saltGrams  rubbed on, 0 to 500
     * @param  float  $waterSaltGramsPerLitre  salt of the water it was boiled in, 0 to 60
     */
    public function __construct(
        public string $preparation,
        public Amount $after,
        public float $saltGrams = 0.0,
        public float $waterSaltGramsPerLitre = 0.0,
    ) {
    }

    public static function read(Fields $fields): self
    {
        $read = new self(
            $fields->text('preparation', 0, 120),
            Amount::read($fields->object('after')),
            $fields->number('saltGrams', 0, 500, 'g'),
            $fields->number('waterSaltGramsPerLitre', 0, 60, 'g in a litre'),
        );
        $fields->nothingElse();

        return $read;
    }

    public function withAfter(float $grams): self
    {
        return new self($this->preparation, Amount::of($grams), $this->saltGrams, $this->waterSaltGramsPerLitre);
    }

    public function scaled(float $factor, Food $food): self
    {
        return new self($this->preparation, $this->after->scaled($factor, $food), $this->saltGrams * $factor, $this->waterSaltGramsPerLitre);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'preparation' => $this->preparation,
            'after' => $this->after->toArray(),
            'saltGrams' => $this->saltGrams,
            'waterSaltGramsPerLitre' => $this->waterSaltGramsPerLitre,
        ];
    }
}
