<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/**
 * Water as a vapour, as tables that a loop can read fast.
 * Saturation: Antoine's equation (docs/sources.md#incropera has the steam table it is tested against). Water activity of baked
 * things over X, kg water to kg of solids that are not fat: a = 1 - exp(-11 X^1.1) (judgement, docs/model.md).
 */
final readonly class Vapour
{
    /** J/kg, of evaporation near 100 °C */
    public const LATENT = 2.26e6;

    /** J/kg K */
    public const WATER_HEAT = 4190.0;

    /** steps of X in the tables, and how far they go */
    public const X_STEP = 0.004;

    public const X_STEPS = 500;

    private const GAS = 461.5;

    private const KELVIN = 273.15;

    /** Pa at t °C, 0 to 300 */
    public static function pressure(float $celsius): float
    {
        return $celsius < 100
            ? 133.322 * 10 ** (8.07131 - 1730.63 / (233.426 + $celsius))
            : 133.322 * 10 ** (8.14019 - 1810.94 / (244.485 + $celsius));
    }

    /** °C at which water boils under so many Pa */
    public static function boilsAt(float $pascal): float
    {
        return 1810.94 / (8.14019 - log10($pascal / 133.322)) - 244.485;
    }

    public static function activity(float $x): float
    {
        return 1 - exp(-11 * max(0.0, $x) ** 1.1);
    }

    /** @return list<float> kg in a m3 of saturated vapour, at 0, 1, 2 ... 320 °C */
    public static function densities(): array
    {
        return array_map(static fn (int $t): float => self::pressure($t) / (self::GAS * ($t + self::KELVIN)), range(0, 320));
    }

    /** @return list<float> activity at X = 0, X_STEP, 2 X_STEP ... */
    public static function activities(): array
    {
        return array_map(static fn (int $n): float => self::activity($n * self::X_STEP), range(0, self::X_STEPS));
    }

    /** @return list<float> boiling point over the same X, °C, at sea level; bound water boils later, at most at 240 */
    public static function boilingPoints(): array
    {
        return array_map(static fn (int $n): float => min(240.0, self::boilsAt(101325 / max(0.02, self::activity($n * self::X_STEP)))), range(0, self::X_STEPS));
    }

    /** kg in a m3 of a vapour of so many Pa at t °C */
    public static function density(float $pascal, float $celsius): float
    {
        return $pascal / (self::GAS * ($celsius + self::KELVIN));
    }
}
