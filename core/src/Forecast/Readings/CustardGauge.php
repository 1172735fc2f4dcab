<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

use Hojaldre\Core\Custard\Custard;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Measure\Figures;

/** Will the custard hold as the cook wants it? Dairy plus weep, g to an egg. */
final readonly class CustardGauge implements Gauge
{
    public function name(): string
    {
        return 'hold';
    }

    public function unit(): string
    {
        return 'g to an egg';
    }

    public function decimals(): int
    {
        return 0;
    }

    public function value(Weights $weights): float
    {
        return $weights->custard()?->liquidGramsPerEgg() ?? NAN;
    }

    public function limits(Weights $weights): Limits
    {
        $style = $weights->pie->custard()?->style;

        return new Limits($style?->leastGrams(), 'firm', $style?->mostGrams(), 'loose');
    }

    public function scale(Weights $weights): array
    {
        return [20, 180];
    }

    public function needsWholeRange(): bool
    {
        return false;
    }

    public function verdict(Weights $weights, float $value, float $low, float $high): string
    {
        $style = $weights->pie->custard()?->style;

        return $style === null ? 'no custard' : $style->verdict($value);
    }

    public function reason(Weights $weights, float $value, float $low, float $high): string
    {
        $custard = $weights->custard();
        $style = $weights->pie->custard()?->style;
        if ($custard === null || $style === null) {
            return 'There is no custard in this pie, so nothing has to set.';
        }
        if (is_infinite($value)) {
            return 'There is no egg in the custard, so it cannot set.';
        }
        $text = sprintf(
            '%s of dairy and %s of weep on %s %s; sets near %d °C (%s).',
            Figures::grams($custard->liquidGrams), Figures::grams($custard->weepGrams), Figures::number($custard->eggs, 1), $custard->eggs === 1.0 ? 'egg' : 'eggs',
            (int) round($custard->setsAtCelsius()), $custard->setsBecause(),
        );

        return $value > Custard::HOLDS_TO_GRAMS
            ? $text.' Past '.(int) Custard::HOLDS_TO_GRAMS.' g to an egg it does not hold at all.'
            : $text.sprintf(' A %s custard takes %d to %d g.', $style->value, (int) $style->leastGrams(), (int) $style->mostGrams());
    }
}
