<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

/** A volume. The US gallon is 231 cubic inches, so a US cup is 236.5882365 ml exactly (docs/sources.md#nist-sp-811). */
final readonly class Volume
{
    public const ML_PER_US_CUP = 236.5882365;

    public const ML_PER_US_FLUID_OUNCE = self::ML_PER_US_CUP / 8;

    /** The imperial gallon is 4.54609 l exactly, 160 fluid ounces (docs/sources.md#nist-sp-811). */
    public const ML_PER_IMPERIAL_FLUID_OUNCE = 4546.09 / 160;

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

    public static function imperialFluidOunces(float $fluidOunces): self
    {
        return new self($fluidOunces * self::ML_PER_IMPERIAL_FLUID_OUNCE);
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

    /** A volume by the house's word for its unit (Spoken\UnitWords), or null where the word is none of volume. */
    public static function called(string $unit, float $number, CookUnits $units): ?self
    {
        $isUs = $units->system === VolumeSystem::Us;

        return match ($unit) {
            'ml' => self::millilitres($number),
            'cl' => self::millilitres($number * 10),
            'dl' => self::millilitres($number * 100),
            'l' => self::litres($number),
            'cup' => self::cups($number, $units),
            'tbsp' => self::tablespoons($number, $units),
            'dsp' => self::teaspoons(2 * $number, $units),
            'tsp' => self::teaspoons($number, $units),
            'pint' => $isUs ? self::usFluidOunces(16 * $number) : self::imperialFluidOunces(20 * $number),
            'quart' => $isUs ? self::usFluidOunces(32 * $number) : self::imperialFluidOunces(40 * $number),
            'fl oz' => $isUs ? self::usFluidOunces($number) : self::imperialFluidOunces($number),
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
