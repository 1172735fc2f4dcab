<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

use Hojaldre\Core\Forecast\WeighingDeviation;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Pie;

/** Takes readings with their ranges: each cause of doubt is tried both ways, and the causes are added as independent. */
final readonly class Gauges
{
    /** @return array<string, Gauge> those that a balance answers, by name */
    public static function gauges(): array
    {
        return ['hold' => new CustardGauge, 'salt' => new SaltGauge, 'fill' => new FillGauge];
    }

    public static function take(Gauge $gauge, Pie $pie): Reading
    {
        $weights = Weights::of($pie);
        $value = $gauge->value($weights);
        [$low, $high] = self::range($gauge, $pie, $value);
        $limits = $gauge->limits($weights);
        [$from, $to] = $gauge->scale($weights);
        foreach (array_filter([$value, $low, $high], is_finite(...)) as $shown) {
            $from = min($from, $shown);
            $to = max($to, $shown * 1.05);
        }

        return new Reading(
            name: $gauge->name(),
            unit: $gauge->unit(),
            decimals: $gauge->decimals(),
            value: is_finite($value) ? $value : null,
            low: is_finite($value) && is_finite($low) ? $low : null,
            high: is_finite($value) && is_finite($high) ? $high : null,
            limits: $limits,
            scale: [$from, $to],
            state: self::state($gauge, $limits, $value, $low, $high),
            verdict: $gauge->verdict($weights, $value, $low, $high),
            reason: $gauge->reason($weights, $value, $low, $high),
        );
    }

    /** On which side of its limits this pie's reading stands: -1 below, 0 seated, +1 above; null where it cannot be told. */
    public static function side(Gauge $gauge, Pie $pie): ?int
    {
        $weights = Weights::of($pie);
        $value = $gauge->value($weights);
        if (is_nan($value)) {
            return null;
        }
        $limits = $gauge->limits($weights);
        [$low, $high] = $gauge->needsWholeRange() ? self::range($gauge, $pie, $value) : [$value, $value];

        return match (true) {
            $limits->upper !== null && $high > $limits->upper + Limits::SLACK => 1,
            $limits->lower !== null && $low < $limits->lower - Limits::SLACK => -1,
            default => 0,
        };
    }

    /** @return array{float, float} */
    private static function range(Gauge $gauge, Pie $pie, float $value): array
    {
        if (! is_finite($value)) {
            return [$value, $value];
        }
        $below = $above = 0.0;
        foreach (WeighingDeviation::pairs() as $pair) {
            $values = array_map(static fn (WeighingDeviation $variation): float => $gauge->value(new Weights($pie, $variation)), $pair);
            $below += max(0.0, $value - min($values)) ** 2;
            $above += max(0.0, max($values) - $value) ** 2;
        }

        return [$value - sqrt($below), $value + sqrt($above)];
    }

    private static function state(Gauge $gauge, Limits $limits, float $value, float $low, float $high): ReadingState
    {
        return match (true) {
            is_nan($value) => ReadingState::Unknown,
            is_infinite($value) || ! $limits->holds($value) => ReadingState::Outside,
            $limits->holds($low) && $limits->holds($high) => ReadingState::Inside,
            $gauge->needsWholeRange() => ReadingState::Outside,
            default => ReadingState::Marginal,
        };
    }
}
