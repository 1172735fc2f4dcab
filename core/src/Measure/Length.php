<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

/** A length. The inch is 25.4 mm exactly (docs/sources.md#nist-sp-811). */
final readonly class Length
{
    public const MM_PER_INCH = 25.4;

    private function __construct(public float $mm)
    {
    }

    public static function mm(float $mm): self
    {
        return new self($mm);
    }

    public static function centimetres(float $centimetres): self
    {
        return new self($centimetres * 10);
    }

    public static function inches(float $inches): self
    {
        return new self($inches * self::MM_PER_INCH);
    }

    public function inCentimetres(): float
    {
        return $this->mm / 10;
    }

    public function inInches(): float
    {
        return $this->mm / self::MM_PER_INCH;
    }
}
