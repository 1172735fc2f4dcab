<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/**
 * Water as a vapour. Saturation: Antoine's equation, its coefficients from memory (docs/sources.md#incropera has the steam table it
 * is tested against). Water activity of baked things over X, kg water to kg of solids that are not fat: a = 1 - exp(-11 X^1.1)
 * (judgement, docs/model.md).
 */
final readonly class Vapour
{
    /** of evaporation near 100 °C (docs/sources.md#incropera) */
    public const LATENT_JOULES_PER_KG = 2.26e6;

    /** of liquid water (docs/sources.md#incropera) */
    public const WATER_JOULES_PER_KG_KELVIN = 4190.0;

    /** Steps of X in the table of boiling points, and how many there are (numerics). */
    public const X_STEP_RATIO = 0.004;

    public const X_STEPS = 500;

    /** At sea level (definition). */
    private const ATMOSPHERE_PASCAL = 101325;

    /** Of water vapour, J/kg K (docs/sources.md#incropera). */
    private const GAS_JOULES_PER_KG_KELVIN = 461.5;

    /** (definition) */
    public const KELVIN = 273.15;

    /** Bound water boils later, at most here; the least activity that is asked (numerics). */
    private const BOILS_AT_MOST_CELSIUS = 240.0;

    private const LEAST_ACTIVITY = 0.02;

    /** The table of saturated vapour ends here; a whole degree below is the last that can be asked between (numerics). */
    private const TABLE_TO_CELSIUS = 320;

    public const LAST_ROW = 318;

    /** Above this X water is free (numerics: the activity is 1 to ten digits). */
    private const FREE_FROM_RATIO = 2.0;

    /** Pa at t °C, 0 to 300 */
    public static function pascal(float $celsius): float
    {
        return $celsius < 100
            ? 133.322 * 10 ** (8.07131 - 1730.63 / (233.426 + $celsius))
            : 133.322 * 10 ** (8.14019 - 1810.94 / (244.485 + $celsius));
    }

    /** °C at which water boils under so many Pa */
    public static function boilsAtCelsius(float $pascal): float
    {
        return 1810.94 / (8.14019 - log10($pascal / 133.322)) - 244.485;
    }

    /** °C at which water boils that is held with this activity */
    public static function boundBoilsAtCelsius(float $activityShare): float
    {
        return self::boilsAtCelsius(self::ATMOSPHERE_PASCAL / max(self::LEAST_ACTIVITY, $activityShare));
    }

    /** 0 to 1, over X */
    public static function activityShare(float $waterRatio): float
    {
        return $waterRatio > self::FREE_FROM_RATIO ? 1.0 : 1 - exp(-11 * $waterRatio ** 1.1);
    }

    /** @return array{float, float} activity over X, 0 to 1, and how it rises with X */
    public static function activityAndRise(float $waterRatio): array
    {
        if ($waterRatio > self::FREE_FROM_RATIO) {
            return [1.0, 0.0];
        }
        $power = $waterRatio ** 0.1;
        $left = exp(-11 * $waterRatio * $power);

        return [1 - $left, 12.1 * $power * $left];
    }

    /** @return list<float> kg in a m3 of saturated vapour, at 0, 1, 2 ... 320 °C */
    public static function densities(): array
    {
        return array_map(static fn (int $t): float => self::pascal($t) / (self::GAS_JOULES_PER_KG_KELVIN * ($t + self::KELVIN)), range(0, self::TABLE_TO_CELSIUS));
    }

    /** @return list<float> boiling point at X = 0, X_STEP_RATIO, 2 X_STEP_RATIO ..., °C, at sea level */
    public static function boilingPoints(): array
    {
        return array_map(static fn (int $n): float => min(self::BOILS_AT_MOST_CELSIUS, self::boundBoilsAtCelsius(self::activityShare($n * self::X_STEP_RATIO))), range(0, self::X_STEPS));
    }

    /** kg in a m3 of a vapour of so many Pa at t °C */
    public static function density(float $pascal, float $celsius): float
    {
        return $pascal / (self::GAS_JOULES_PER_KG_KELVIN * ($celsius + self::KELVIN));
    }
}
