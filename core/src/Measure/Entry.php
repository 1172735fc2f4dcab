<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

use Hojaldre\Core\Statement\Statement;

/** What a cook wrote and what it comes to: the words stay as written, the value is in the unit named. */
final readonly class Entry
{
    /**
     * @param  list<Statement>  $how  how the value was reached; empty where there was nothing to work out
     * @param  list<OtherAmount>  $others  amounts of other foods in the same words ("+ 1 yolk")
     * @param  bool|null  $isFan  where an oven's temperature was written with fan or static
     * @param  float|null  $least  what it is at least, where the words do not tell it exactly; null as the value
     * @param  float|null  $most  what it is at most
     * @param  string  $preparation  what is done to it before it goes in, where that was said
     * @param  Span|null  $after  what it comes to after that
     */
    public function __construct(
        public string $words,
        public float $value,
        public EntryUnit $unit,
        public array $how,
        public array $others = [],
        public ?bool $isFan = null,
        public ?float $least = null,
        public ?float $most = null,
        public string $preparation = '',
        public ?Span $after = null,
    ) {
    }

    public function span(): Span
    {
        return Span::of($this->value, $this->least ?? $this->value, $this->most ?? $this->value);
    }
}
