<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

/** What a cook wrote and what it comes to: the words stay as written, the value is in the unit named. */
final readonly class Entry
{
    /**
     * @param  string  $said  how the value was reached, such as "1 cup (metric) = 250 ml, 1.03 g a ml"
     * @param  string|null  $mode  static or fan, where an oven's temperature was written with it
     * @param  list<array{food: string, words: string, grams: float}>  $others  amounts of other foods in the same words ("+ 1 yolk")
     */
    public function __construct(
        public string $words,
        public float $value,
        public string $unit,
        public string $said,
        public array $others = [],
        public ?string $mode = null,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['words' => $this->words, 'value' => round($this->value, 3), 'unit' => $this->unit, 'said' => $this->said, 'others' => $this->others, 'mode' => $this->mode];
    }
}
