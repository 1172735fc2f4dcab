<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

/** A volume. The US gallon is 231 cubic inches, so a US cup is 236.5882365 ml exactly (docs/sources.md#nist-sp-811). */
final readonly class Volume
{
    public const ML_PER_US_CUP = 236.5882365;

    public const ML_PER_US_FLUID_OUNCE = self::ML_PER_US_CUP / 8;

    private function __construct(public float $millilitres)
    {
    }

    public static function millilitres(float $millilitres): self
    {
        return new self($millilitres);
    }

    public static function litres(float $litres): self
    {
        return new self($litres * 1000);
    }

    public static function usFluidOunces(float $fluidOunces): self
    {
        return new self($fluidOunces * self::ML_PER_US_FLUID_OUNCE);
    }

    public static function cups(float $cups, CookUnits $units): self
    {
        return new self($cups * $units->cupMl);
    }

    public static function tablespoons(float $tablespoons, CookUnits $units): self
    {
        return new self($tablespoons * $units->tablespoonMl);
    }

    public static function teaspoons(float $teaspoons, CookUnits $units): self
    {
        return new self($teaspoons * $units->teaspoonMl);
    }

    /** A volume by the cook's word for its unit, or null where the word is none of volume. */
    public static function called(string $unit, float $number, CookUnits $units): ?self
    {
        if (str_starts_with($unit, 'fl oz') || str_starts_with($unit, 'fluid ounce')) {
            return self::usFluidOunces($number);
        }

        return match (explode(' ', $unit)[0]) {
            'ml', 'millilitre', 'millilitres' => self::millilitres($number),
            'cl' => self::millilitres($number * 10),
            'dl' => self::millilitres($number * 100),
            'l', 'litre', 'litres' => self::litres($number),
            'cup', 'cups' => self::cups($number, $units),
            'tbsp', 'tablespoon', 'tablespoons' => self::tablespoons($number, $units),
            'tsp', 'teaspoon', 'teaspoons' => self::teaspoons($number, $units),
            default => null,
        };
    }

    public function inCups(CookUnits $units): float
    {
        return $this->millilitres / $units->cupMl;
    }

    public function inTablespoons(CookUnits $units): float
    {
        return $this->millilitres / $units->tablespoonMl;
    }

    public function inTeaspoons(CookUnits $units): float
    {
        return $this->millilitres / $units->teaspoonMl;
    }

    public function inUsFluidOunces(): float
    {
        return $this->millilitres / self::ML_PER_US_FLUID_OUNCE;
    }
}
