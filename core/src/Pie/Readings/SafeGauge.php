<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie\Readings;

use Hojaldre\Core\Measure\Say;
use Hojaldre\Core\Pie\Balance;
use Hojaldre\Core\Safety\HeatThrough;

/** When is its coldest point hot enough? Minutes in the oven, against the minutes planned. */
final readonly class SafeGauge implements Gauge
{
    public function name(): string
    {
        return 'safe';
    }

    public function unit(): string
    {
        return 'min';
    }

    public function decimals(): int
    {
        return 0;
    }

    public function value(Balance $balance): float
    {
        if ($balance->isEmpty()) {
            return NAN;
        }
        $bake = $balance->pie->bake;

        return HeatThrough::minutes(
            $balance->heatDepthMm(), $balance->startCelsius(), $balance->safeCelsius(),
            $bake->first()->ovenCelsius + $balance->variation->ovenKelvins, $bake->first()->mode, $balance->variation->heatTransfer,
        );
    }

    public function limits(Balance $balance): Limits
    {
        return new Limits(null, '', $balance->pie->bake->minutes, 'take out');
    }

    public function scale(Balance $balance): array
    {
        return [0, max(60.0, $balance->pie->bake->minutes * 1.3)];
    }

    public function needsWholeRange(): bool
    {
        return true;
    }

    public function verdict(Balance $balance, float $value, float $low, float $high): string
    {
        return match (true) {
            is_nan($value) => 'nothing poured',
            $high > $balance->pie->bake->minutes + 1e-9 => 'not yet',
            default => 'safe',
        };
    }

    public function reason(Balance $balance, float $value, float $low, float $high): string
    {
        $wanted = $balance->safeCelsius();
        $bake = $balance->pie->bake;
        if (is_nan($value)) {
            return 'Pour the first layer, and the minutes to its middle can be worked out.';
        }
        if (is_infinite($value)) {
            return sprintf('At %s °C the oven never brings the middle to %s °C. Set it hotter.', Say::number($bake->first()->ovenCelsius), Say::number($wanted));
        }
        $spare = $bake->minutes - $high;

        return sprintf(
            'The coldest point needs about %s min to reach %s °C; planned out at %s, %s.',
            Say::number($value), Say::number($wanted), Say::number($bake->minutes),
            $spare >= 0 ? Say::number($spare).' min to spare at worst' : 'too early by up to '.Say::number(ceil(-$spare)).' min',
        );
    }
}
