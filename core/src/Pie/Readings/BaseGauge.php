<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie\Readings;

use Hojaldre\Core\Measure\Say;
use Hojaldre\Core\Moisture\BaseWater;
use Hojaldre\Core\Moisture\Seal;
use Hojaldre\Core\Moisture\ShellBake;
use Hojaldre\Core\Moisture\Underlay;
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
        return $balance->isEmpty() || ! $balance->pie->form()->hasBase() ? NAN : $balance->basePercent();
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
        return match (true) {
            ! $balance->pie->form()->hasBase() => 'no base',
            is_nan($value) => 'nothing poured',
            default => BaseWater::verdict($value),
        };
    }

    public function reason(Balance $balance, float $value, float $low, float $high): string
    {
        if (! $balance->pie->form()->hasBase()) {
            return 'The dish is not lined, so no base can go wet.';
        }
        if (is_nan($value)) {
            return 'Pour the first layer, and the water that reaches the base can be worked out.';
        }
        $shell = match ($balance->pie->crust->shellBake()) {
            ShellBake::Raw => 'raw',
            ShellBake::ParBaked => 'par-baked',
            ShellBake::FullyBaked => 'fully baked',
        };
        $kept = [
            ...($balance->pie->crust->seal === Seal::Egg ? ['sealed with egg'] : []),
            ...match ($balance->pie->underlay()) {
                Underlay::None => [],
                Underlay::Cheese => ['with the cheese under the wet things'],
                Underlay::Crumbs => ['with crumbs strewn on it'],
            },
        ];
        $seal = $kept === [] ? '' : ', '.implode(' and ', $kept);

        return sprintf(
            '%s will still weep in the oven onto a %s base of %s mm%s.',
            $balance->freeGrams < 0.5 ? 'Nothing' : Say::grams($balance->freeGrams),
            $shell, Say::number($balance->pie->crust->thicknessMm, 1), $seal,
        );
    }
}
