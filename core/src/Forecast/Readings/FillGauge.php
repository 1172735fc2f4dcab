<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Measure\Figures;
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

    public function value(Weights $weights): float
    {
        return $weights->isEmpty() ? NAN : $weights->fillMm();
    }

    public function limits(Weights $weights): Limits
    {
        $room = $weights->lined->depthMm();

        return new Limits(self::MEAN_SHARE * $room, self::meanWord($weights), $room / (1 + self::RISE), self::fullWord($weights));
    }

    public function scale(Weights $weights): array
    {
        return [0, $weights->lined->depthMm() * 1.35];
    }

    public function needsWholeRange(): bool
    {
        return false;
    }

    public function verdict(Weights $weights, float $value, float $low, float $high): string
    {
        if (is_nan($value)) {
            return 'empty';
        }
        $limits = $this->limits($weights);

        return match (true) {
            $value < $limits->lower - 1e-9 => self::meanWord($weights),
            $value > $limits->upper + 1e-9 => self::fullWord($weights),
            default => 'fits',
        };
    }

    /** A hollow pasty is the worst complaint of all. */
    private static function meanWord(Weights $weights): string
    {
        return $weights->pie->form()->isClosed() ? 'hollow' : 'mean';
    }

    private static function fullWord(Weights $weights): string
    {
        return $weights->pie->form()->isClosed() ? 'bursts' : 'over the rim';
    }

    public function reason(Weights $weights, float $value, float $low, float $high): string
    {
        $room = $weights->lined->depthMm();
        $folded = $weights->pie->form() === Form::Folded;
        if (is_nan($value) && $folded) {
            return sprintf('Folded, they take %s ml of filling in all before they burst.', Figures::number($weights->lined->volumeMl($room)));
        }
        if ($folded) {
            return sprintf('%s mm deep on the average of a fold that takes %s mm, %s ml in all.', Figures::number($value, 1), Figures::number($room, 1), Figures::number($weights->lined->volumeMl($room)));
        }
        if (is_nan($value)) {
            return sprintf('The lined tin is %s mm deep and holds %s ml to the rim.', Figures::number($room), Figures::number($weights->lined->volumeMl($room)));
        }
        $proud = $weights->heapMl > $weights->solidMl + $weights->custardMl;

        return sprintf(
            '%s mm of %s mm; it rises about %s mm in the oven%s.',
            Figures::number($value), Figures::number($room), Figures::number(max(1.0, $value * self::RISE)),
            $proud ? ', and the solids stand proud of the custard' : '',
        );
    }
}
