<?php

declare(strict_types=1);

namespace Hojaldre\Core\Refusal;

/** Something a cook typed that the core will not take: what is wrong, where, and the figures that say how to mend it. */
final readonly class Refusal
{
    /**
     * @param  string  $code  a short stable word, such as "unit-missing"; its sentence stands in lang/
     * @param  string  $at  JSON pointer (RFC 6901) into what was sent; "" is the whole
     * @param  array<string, float|int|string|list<int|string>>  $with  what the sentence needs; names end in their unit
     */
    public function __construct(
        public string $code,
        public string $at,
        public array $with = [],
    ) {
    }

    public function under(string $pointer): self
    {
        return new self($this->code, $pointer.$this->at, $this->with);
    }
}
