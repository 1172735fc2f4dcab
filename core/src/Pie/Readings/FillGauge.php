<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie\Readings;

use Hojaldre\Core\Measure\Say;
use Hojaldre\Core\Pie\Balance;
use Hojaldre\Core\Pie\Form;

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

        return new Limits(self::MEAN_SHARE * $room, self::meanWord($balance), $room / (1 + self::RISE), self::fullWord($balance));
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
            $value < $limits->lower - 1e-9 => self::meanWord($balance),
            $value > $limits->upper + 1e-9 => self::fullWord($balance),
            default => 'fits',
        };
    }

    /** A hollow pasty is the worst complaint of all. */
    private static function meanWord(Balance $balance): string
    {
        return $balance->pie->form()->isClosed() ? 'hollow' : 'mean';
    }

    private static function fullWord(Balance $balance): string
    {
        return $balance->pie->form()->isClosed() ? 'bursts' : 'over the rim';
    }

    public function reason(Balance $balance, float $value, float $low, float $high): string
    {
        $room = $balance->lined->depthMm();
        $folded = $balance->pie->form() === Form::Folded;
        if (is_nan($value) && $folded) {
            return sprintf('Folded, they take %s ml of filling in all before they burst.', Say::number($balance->lined->volumeMl($room)));
        }
        if ($folded) {
            return sprintf('%s mm deep on the average of a fold that takes %s mm, %s ml in all.', Say::number($value, 1), Say::number($room, 1), Say::number($balance->lined->volumeMl($room)));
        }
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
