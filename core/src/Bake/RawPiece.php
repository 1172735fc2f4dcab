<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** The largest piece of raw flesh in a filling, as a sphere of its volume. */
final readonly class RawPiece
{
    /** @param  float  $m2PerSecond  its thermal diffusivity */
    public function __construct(public float $radiusMm, public float $startCelsius, public float $m2PerSecond)
    {
    }

    /** Of both what makes its middle late: the larger, the colder. */
    public function orSlower(self $other): self
    {
        return new self(max($this->radiusMm, $other->radiusMm), min($this->startCelsius, $other->startCelsius), min($this->m2PerSecond, $other->m2PerSecond));
    }

    public function warmer(float $kelvins): self
    {
        return new self($this->radiusMm, $this->startCelsius + $kelvins, $this->m2PerSecond);
    }
}
