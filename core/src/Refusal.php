<?php

declare(strict_types=1);

namespace Hojaldre\Core;

/** Something a cook typed that the core will not take: what is wrong, where, and how to mend it. */
final readonly class Refusal
{
    /**
     * @param  string  $code  a short stable word, such as "unit-missing"
     * @param  string  $at  JSON pointer (RFC 6901) into what was sent; "" is the whole
     * @param  string  $mend  one or two sentences that say what to do
     */
    public function __construct(
        public string $code,
        public string $at,
        public string $mend,
    ) {
    }

    public function under(string $pointer): self
    {
        return new self($this->code, $pointer.$this->at, $this->mend);
    }

    /** @return array{code: string, at: string, mend: string} */
    public function toArray(): array
    {
        return ['code' => $this->code, 'at' => $this->at, 'mend' => $this->mend];
    }
}
