<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure\Spoken;

use Hojaldre\Core\Measure\Span;

/** "2 heaped tbsp", "3 large", "1 x 400 g tin": a number, how full or large, and of what. */
final readonly class SpokenPart
{
    /**
     * @param  string  $unit  of UnitWords; empty where none was said
     * @param  string  $size  small, medium, large, extra large or empty
     * @param  Span|null  $fullness  of a level measure, where it was said
     * @param  string  $words  as the cook said it
     * @param  float|null  $each  where a container's content was said: what one holds, in $eachUnit
     */
    public function __construct(
        public Span $number, public string $unit, public string $size = '', public ?Span $fullness = null,
        public ?float $each = null, public string $eachUnit = '', public string $words = '',
    ) {
    }

    /** With what one of them holds. */
    public function holding(float $each, string $unit): self
    {
        return new self($this->number, $this->unit, $this->size, $this->fullness, $each, $unit, $this->words);
    }

    public function saying(string $words): self
    {
        return new self($this->number, $this->unit, $this->size, $this->fullness, $this->each, $this->eachUnit, $words);
    }
}
