<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

use Hojaldre\Core\Forecast\Weights;

/** Takes readings from weights, with their ranges: each cause of doubt is tried both ways, and the causes are added as independent. */
final readonly class Gauges
{
    /** @return array<string, Gauge> those that weights answer, by name */
    public static function all(): array
    {
        return [ReadingName::Custard->value => new CustardGauge, ReadingName::Salt->value => new SaltGauge, ReadingName::Fill->value => new FillGauge];
    }

    /** @param  list<array{Weights, Weights}>|null  $deviated  Weights::deviated, where it is known already */
    public static function take(Gauge $gauge, Weights $weights, ?array $deviated = null): Reading
    {
        $value = $gauge->value($weights);
        $range = self::range($gauge, $value, $deviated ?? $weights->deviated());
        $limits = $gauge->limits($weights);

        return Reading::of(
            $gauge->name(), $gauge->unit(), $value, $range, $limits, $gauge->scale($weights),
            self::state($limits, $value, $range, $gauge->wished($weights)), $gauge->verdict($weights, $value), $gauge->reasons($weights, $value), $gauge->wished($weights),
        );
    }

    /** On which side of its limits this pie's reading stands: -1 below, 0 inside, +1 above; null where it cannot be told. */
    public static function side(Gauge $gauge, Weights $weights): ?int
    {
        $value = $gauge->value($weights);

        return is_nan($value) ? null : $gauge->limits($weights)->side($value);
    }

    /**
     * @param  list<array{Weights, Weights}>  $deviated
     * @return array{float, float}
     */
    private static function range(Gauge $gauge, float $value, array $deviated): array
    {
        if (! is_finite($value)) {
            return [$value, $value];
        }
        $below = $above = 0.0;
        foreach ($deviated as [$less, $more]) {
            $values = [$gauge->value($less), $gauge->value($more)];
            $below += max(0.0, $value - min($values)) ** 2;
            $above += max(0.0, max($values) - $value) ** 2;
        }

        return [$value - sqrt($below), $value + sqrt($above)];
    }

    /**
     * @param  array{float, float}  $range
     * @param  array{float, float}|null  $wished
     */
    private static function state(Limits $limits, float $value, array $range, ?array $wished): ReadingState
    {
        return match (true) {
            is_nan($value) => ReadingState::Unknown,
            is_infinite($value) || ! $limits->holds($value) => ReadingState::Outside,
            $wished !== null && ($value < $wished[0] - Limits::SLACK || $value > $wished[1] + Limits::SLACK) => ReadingState::Marginal,
            $limits->holds($range[0]) && $limits->holds($range[1]) => ReadingState::Inside,
            default => ReadingState::Marginal,
        };
    }
}
