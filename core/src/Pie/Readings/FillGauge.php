<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie\Readings;

use Hojaldre\Core\Measure\Say;
use Hojaldre\Core\Pie\Balance;

/** Does it fit the tin? Depth of the filling above the crust, mm. */
final readonly class FillGauge implements Gauge
{
    /** Egg mixtures rise 10 to 20 % before they fall back; the low end has to fit (common practice, no source). */
    public const RISE = 0.10;

    /** Below this share of the room it looks mean (common practice, no source). */
    public const MEAN_SHARE = 0.62;

    public function name(): string
    {
        return 'fill';
    }

    public function unit(): string
    {
        return 'mm';
    }

    public function decimals(): int
    {
        return 0;
    }

    public function value(Balance $balance): float
    {
        return $balance->isEmpty() ? NAN : $balance->fillMm();
    }

    public function limits(Balance $balance): Limits
    {
        $room = $balance->lined->depthMm();

        return new Limits(self::MEAN_SHARE * $room, 'mean', $room / (1 + self::RISE), 'over the rim');
    }

    public function scale(Balance $balance): array
    {
        return [0, $balance->lined->depthMm() * 1.35];
    }

    public function needsWholeRange(): bool
    {
        return false;
    }

    public function verdict(Balance $balance, float $value, float $low, float $high): string
    {
        if (is_nan($value)) {
            return 'empty';
        }
        $limits = $this->limits($balance);

        return match (true) {
            $value < $limits->lower - 1e-9 => 'mean',
            $value > $limits->upper + 1e-9 => 'over the rim',
            default => 'fits',
        };
    }

    public function reason(Balance $balance, float $value, float $low, float $high): string
    {
        $room = $balance->lined->depthMm();
        if (is_nan($value)) {
            return sprintf('The lined tin is %s mm deep and holds %s ml to the rim.', Say::number($room), Say::number($balance->lined->volumeMl($room)));
        }
        $proud = $balance->heapMl > $balance->solidMl + $balance->custardMl;

        return sprintf(
            '%s mm of %s mm; it rises about %s mm in the oven%s.',
            Say::number($value), Say::number($room), Say::number(max(1.0, $value * self::RISE)),
            $proud ? ', and the solids stand proud of the custard' : '',
        );
    }
}
