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

    public static function cups(float $cups, KitchenUnits $units): self
    {
        return new self($cups * $units->cupMl);
    }

    public static function tablespoons(float $tablespoons, KitchenUnits $units): self
    {
        return new self($tablespoons * $units->tablespoonMl);
    }

    public static function teaspoons(float $teaspoons, KitchenUnits $units): self
    {
        return new self($teaspoons * $units->teaspoonMl);
    }

    public function inCups(KitchenUnits $units): float
    {
        return $this->millilitres / $units->cupMl;
    }

    public function inTablespoons(KitchenUnits $units): float
    {
        return $this->millilitres / $units->tablespoonMl;
    }

    public function inTeaspoons(KitchenUnits $units): float
    {
        return $this->millilitres / $units->teaspoonMl;
    }

    public function inUsFluidOunces(): float
    {
        return $this->millilitres / self::ML_PER_US_FLUID_OUNCE;
    }
}
