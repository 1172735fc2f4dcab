<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/**
 * Roots and potatoes that go in raw have to get tender. Thin slices and small dice, as pasties have them, are when the coldest place
 * has had what a minute and a half at 95 °C does, ten times as fast for each 20 K: the slow way up there has done most of it (judgement,
 * so that raw pasties are tender at the 45 to 50 min of common practice).
 */
final readonly class Roots
{
    public const TENDER_MINUTES = 1.5;

    private const REFERENCE_CELSIUS = 95.0;

    private const Z_KELVINS = 20.0;

    private const FOODS = ['potatoes', 'sweet-potatoes', 'swede', 'turnip', 'celeriac', 'carrots', 'parsnips', 'beetroot'];

    /** Thermal diffusivity of a raw root, m2/s (docs/sources.md#choi-okos, potato at 60 °C, from memory). */
    private const DIFFUSIVITY = 1.45e-7;

    /** Larger is no dice (definition). */
    private const LARGEST_MM = 40.0;

    /**
     * The largest dice whose middle is tender too, where the outside has so many minutes to spare: its middle lags by the slowest
     * mode of a cube of edge a, a^2/(3 pi^2 D) (docs/sources.md#incropera, product of three plane walls).
     */
    public static function mostMm(float $spareMinutes): float
    {
        return min(self::LARGEST_MM, 1000 * sqrt(max(0.0, $spareMinutes) * 60 * 3 * M_PI ** 2 * self::DIFFUSIVITY));
    }

    public static function isRoot(Food $food): bool
    {
        return in_array($food->id, self::FOODS, true);
    }

    /** Minutes at the reference that a minute at so many °C is worth. */
    public static function minutesWorth(float $celsius): float
    {
        return 10 ** (($celsius - self::REFERENCE_CELSIUS) / self::Z_KELVINS);
    }
}
