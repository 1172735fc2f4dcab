<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Food\Freezing;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\Step;

/** What the model was never held against, so that it says nothing of when it is safe. Not simulated is not safe. */
enum NotSimulated: string
{
    case LowHeat = 'low-heat';
    case HeldLow = 'held-low';
    case Stuffed = 'stuffed';
    case FrozenPart = 'frozen-part';

    /** The coolest oven that bakes of practice were held against, static, °C (docs/model.md#against-practice). */
    public const LEAST_OVEN_CELSIUS = 140.0;

    /** A fan is worth so much, K (common practice, no source). */
    private const FAN_KELVINS = 20.0;

    /** @return list<self> @param  float  $safeMinute by which most bakes are safe: what comes after is no matter */
    public static function of(Weights $weights, float $safeMinute): array
    {
        $raw = array_filter($weights->pie->solids(), static fn (SolidLayer $layer): bool => $layer->food->isRaw() || $layer->food->isFlesh());
        $says = static fn (string $pattern): bool => array_filter($raw, static fn (SolidLayer $layer): bool => preg_match($pattern, self::words($layer)) === 1) !== [];
        $frozen = array_filter($raw, static fn (SolidLayer $layer): bool => $layer->fromCelsius() < Freezing::POINT_CELSIUS && $layer->isRaw());

        return [
            ...(self::isLow($weights, $safeMinute) ? [self::LowHeat] : []),
            ...($says('/sous[ -]?vide|water[ -]?bath|vacuum|low[ -]temperature/u') ? [self::HeldLow] : []),
            ...($says('/(?<!un)stuffed/u') ? [self::Stuffed] : []),
            ...($frozen !== [] && self::hasThawed($weights) ? [self::FrozenPart] : []),
        ];
    }

    private static function hasThawed(Weights $weights): bool
    {
        return array_filter($weights->pie->layers, static fn (Layer $layer): bool => $layer->fromCelsius() >= Freezing::POINT_CELSIUS) !== [];
    }

    private static function isLow(Weights $weights, float $safeMinute): bool
    {
        $from = 0.0;
        foreach ($weights->pie->bake->stages as $stage) {
            if ($from < $safeMinute && self::staticCelsius($stage) < self::LEAST_OVEN_CELSIUS) {
                return true;
            }
            $from += $stage->minutes;
        }

        return false;
    }

    private static function staticCelsius(Stage $stage): float
    {
        return $stage->ovenCelsius + ($stage->mode === OvenMode::Fan ? self::FAN_KELVINS : 0.0);
    }

    private static function words(SolidLayer $layer): string
    {
        return mb_strtolower(implode(' ', [$layer->food->name, $layer->bought->words, ...array_map(static fn (Step $step): string => $step->preparation, $layer->steps)]));
    }
}
