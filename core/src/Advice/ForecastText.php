<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Measure\Figures;

/** A forecast in plain text, for the kitchen wall or a terminal. */
final readonly class ForecastText
{
    public static function of(Forecast $forecast): string
    {
        $lines = [
            $forecast->pie->name,
            sprintf('%s, into the oven %s', $forecast->pie->tin->label(), Figures::grams($forecast->weights->crustGrams() + $forecast->weights->fillingGrams)),
            '',
        ];
        foreach ($forecast->readings as $reading) {
            $lines = [...$lines, ...self::reading($reading)];
        }
        $lines[] = '';
        $lines[] = 'Contains '.(Figures::list($forecast->allergens()) ?: 'none of the fourteen allergens');

        return implode("\n", [...$lines, '', ...$forecast->assumptions(), ...$forecast->cautions()])."\n";
    }

    /** @return list<string> */
    private static function reading(Reading $reading): array
    {
        $number = static fn (?float $value): string => $value === null ? '?' : Figures::number($value, $reading->decimals);
        $lines = [sprintf(
            '%-5s %s  %s',
            ucfirst($reading->name),
            $reading->value === null ? '-' : sprintf('%s %s (%s to %s)', $number($reading->value), $reading->unit, $number($reading->low), $number($reading->high)),
            $reading->verdict,
        ), '      '.$reading->reason];
        foreach ($reading->waysOut ?? [] as $way) {
            $effects = [];
            foreach ($way->effects as $effect) {
                if ($effect->name === $reading->name && $effect->to !== null) {
                    $effects[] = sprintf('%s to %s %s', $number($effect->from), $number($effect->to), $reading->unit);
                }
            }
            $lines[] = sprintf('      - %s: %s', $way->act, implode(', ', $effects));
        }

        return $lines;
    }
}
