<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Wording\TinWords;
use App\Wording\Words;
use Hojaldre\Core\Advice\Effect;
use Hojaldre\Core\Advice\WayOut;
use Hojaldre\Core\Food\Allergen;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Measure\Figures;

/** A forecast in plain text, for the kitchen wall or a terminal: the same words as on the screen. */
final readonly class ForecastText
{
    private function __construct(private Words $words)
    {
    }

    /** @param  array<string, list<WayOut>>  $waysOut  by reading */
    public static function of(Forecast $forecast, array $waysOut, Words $words): string
    {
        $text = new self($words);
        $lines = [
            $forecast->pie->name,
            sprintf('%s, into the oven %s', $words->say(TinWords::label($forecast->pie->tin)), Figures::grams($forecast->weights->crustGrams() + $forecast->weights->fillingGrams)),
            '',
        ];
        foreach ($forecast->readings as $reading) {
            $lines = [...$lines, ...$text->reading($reading, $waysOut[$reading->name->value] ?? [])];
        }
        $allergens = array_map(static fn (Allergen $one): string => $one->value, $forecast->allergens());
        $lines = [...$lines, '', 'Contains '.($words->list($allergens) ?: 'none of the fourteen allergens, as far as is known'), ...array_map($words->say(...), $forecast->allergenChecks()), ''];

        return implode("\n", [...$lines, ...array_map($words->say(...), [...$forecast->assumptions(), ...$forecast->cautions()])])."\n";
    }

    /**
     * @param  list<WayOut>  $ways
     * @return list<string>
     */
    private function reading(Reading $reading, array $ways): array
    {
        $decimals = ReadingAnswer::decimals($reading);
        $number = static fn (?float $value): string => $value === null ? '?' : Figures::number($value, $decimals);
        $unit = $this->words->word('unit', $reading->unit);
        $lines = [sprintf(
            '%-8s %s  %s', $this->words->word('reading', $reading->name),
            $reading->value === null || ReadingAnswer::inWords($reading) ? (ScaleWords::between($reading, $this->words) ?: '-') : sprintf('%s %s (%s to %s)', $number($reading->value), $unit, $number($reading->low), $number($reading->high)),
            $this->words->word('verdict', $reading->verdict),
        ), '         '.$this->words->all($reading->reasons)];
        foreach ($ways as $way) {
            $own = array_values(array_filter($way->effects, static fn (Effect $one): bool => $one->name === $reading->name && $one->after->value !== null));
            $effects = array_map(fn (Effect $one): string => ReadingAnswer::inWords($reading) ? $this->words->word('verdict', $one->after->verdict) : self::move($number($one->before->value), $number($one->after->value), $unit), $own);
            $lines[] = sprintf('         - %s: %s', implode('; ', array_map($this->words->say(...), $way->acts)), implode(', ', $effects));
        }

        return $lines;
    }

    private static function move(string $before, string $after, string $unit): string
    {
        return $before === $after ? "$after $unit" : "$before to $after $unit";
    }
}
