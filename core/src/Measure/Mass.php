<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

/** A mass. The avoirdupois pound is 453.59237 g exactly (docs/sources.md#nist-sp-811). */
final readonly class Mass
{
    public const GRAMS_PER_OUNCE = 28.349523125;

    public const GRAMS_PER_POUND = 453.59237;

    private function __construct(public float $grams)
    {
    }

    public static function grams(float $grams): self
    {
        return new self($grams);
    }

    public static function kilograms(float $kilograms): self
    {
        return new self($kilograms * 1000);
    }

    public static function ounces(float $ounces): self
    {
        return new self($ounces * self::GRAMS_PER_OUNCE);
    }

    public static function pounds(float $pounds): self
    {
        return new self($pounds * self::GRAMS_PER_POUND);
    }

    public function inOunces(): float
    {
        return $this->grams / self::GRAMS_PER_OUNCE;
    }

    public function inPounds(): float
    {
        return $this->grams / self::GRAMS_PER_POUND;
    }
}
