<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie\Readings;

use Hojaldre\Core\Measure\Say;
use Hojaldre\Core\Moisture\BaseWater;
use Hojaldre\Core\Moisture\Seal;
use Hojaldre\Core\Moisture\ShellBake;
use Hojaldre\Core\Pie\Balance;

/** Will the base be dry? Its water 20 min out of the oven, %. */
final readonly class BaseGauge implements Gauge
{
    public function name(): string
    {
        return 'base';
    }

    public function unit(): string
    {
        return '%';
    }

    public function decimals(): int
    {
        return 0;
    }

    public function value(Balance $balance): float
    {
        return $balance->isEmpty() ? NAN : $balance->basePercent();
    }

    public function limits(Balance $balance): Limits
    {
        return new Limits(null, '', BaseWater::DRY_TO, 'dry to');
    }

    public function scale(Balance $balance): array
    {
        return [0, 28];
    }

    public function needsWholeRange(): bool
    {
        return false;
    }

    public function verdict(Balance $balance, float $value, float $low, float $high): string
    {
        return is_nan($value) ? 'nothing poured' : BaseWater::verdict($value);
    }

    public function reason(Balance $balance, float $value, float $low, float $high): string
    {
        if (is_nan($value)) {
            return 'Pour the first layer, and the water that reaches the base can be worked out.';
        }
        $shell = match ($balance->pie->crust->shellBake) {
            ShellBake::Raw => 'raw',
            ShellBake::ParBaked => 'par-baked',
            ShellBake::FullyBaked => 'fully baked',
        };
        $seal = $balance->pie->crust->seal === Seal::Egg ? ', sealed with egg' : '';

        return sprintf(
            '%s will still weep in the oven onto a %s base of %s mm%s.',
            $balance->freeGrams < 0.5 ? 'Nothing' : Say::grams($balance->freeGrams),
            $shell, Say::number($balance->pie->crust->thicknessMm, 1), $seal,
        );
    }
}
