<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

/** A temperature. °F = °C x 9/5 + 32, exactly. Differences are kelvins and never pass through here. */
final readonly class Temperature
{
    private function __construct(public float $celsius)
    {
    }

    public static function celsius(float $celsius): self
    {
        return new self($celsius);
    }

    public static function fahrenheit(float $fahrenheit): self
    {
        return new self(($fahrenheit - 32) * 5 / 9);
    }

    /** British gas marks: 4 is 180 °C, each mark 25 °F (13.9 K) more (common practice, no source). Marks 1/4 to 10. */
    public static function gasMark(float $mark): self
    {
        return new self(180 + ($mark - 4) * 25 * 5 / 9);
    }

    public function inGasMarks(): float
    {
        return 4 + ($this->celsius - 180) / (25 * 5 / 9);
    }

    public function inFahrenheit(): float
    {
        return $this->celsius * 9 / 5 + 32;
    }
}
