<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day;

/**
 * How long an oven takes from one temperature to another: up at a steady rate, down as it cools by itself with its door shut but
 * for the loading, T(t) = 20 + (T0 - 20) e^(-t/tau). Both figures are a judgement: a cold oven is at 190 in 17 minutes, and a drop of
 * 20, 35 or 55 K from 200 takes 6, 10 or 17.
 */
final readonly class HeatChange
{
    private const UP_KELVINS_PER_MINUTE = 10.0;

    private const TAU_MINUTES = 45.0;

    public const ROOM_CELSIUS = 20;

    /** @return int whole minutes */
    public static function minutes(int $fromCelsius, int $toCelsius): int
    {
        return (int) ceil($toCelsius >= $fromCelsius
            ? ($toCelsius - $fromCelsius) / self::UP_KELVINS_PER_MINUTE
            : self::TAU_MINUTES * log(($fromCelsius - self::ROOM_CELSIUS) / max(1.0, $toCelsius - self::ROOM_CELSIUS)));
    }
}
