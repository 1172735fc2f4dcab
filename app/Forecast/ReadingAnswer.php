<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\ReadingState;
use Hojaldre\Core\Forecast\Readings\ReadingUnit;

/** One of the readings of a forecast. */
#[Schema('Reading')]
final readonly class ReadingAnswer
{
    /**
     * @param  string  $title  its name as it is shown
     * @param  int  $decimals  digits that mean something
     * @param  float|null  $low  of 8 bakes in 10
     * @param  float|null  $high  of 8 bakes in 10
     * @param  list<ScaleWordAnswer>  $words  the words of its scale, where they tell more than figures: then no figure is shown
     * @param  string  $between  the range in those words, such as "dry to soft"; else empty
     * @param  ScaleAnswer|null  $wished  what the cook chose, inside the limits
     * @param  ReadingState  $state  inside with its range; inside, range not; outside; something is missing
     */
    private function __construct(
        public ReadingName $name,
        public string $title,
        public string $unit,
        public string $shortUnit,
        public int $decimals,
        public ?float $value,
        public ?float $low,
        public ?float $high,
        public LimitsAnswer $limits,
        public ScaleAnswer $scale,
        public array $words,
        public string $between,
        public ?ScaleAnswer $wished,
        public ReadingState $state,
        public string $verdict,
        public string $reason,
    ) {
    }

    public static function of(Reading $reading, Words $words): self
    {
        return new self(
            $reading->name, $words->word('reading', $reading->name), $words->word('unit', $reading->unit), $words->word('short-unit', $reading->unit), self::decimals($reading),
            Rounded::to($reading->value, 3), Rounded::to($reading->low, 3), Rounded::to($reading->high, 3), LimitsAnswer::of($reading->limits, $words),
            new ScaleAnswer(round($reading->scale[0], 2), round($reading->scale[1], 2)), ScaleWords::of($reading->unit, $words), ScaleWords::between($reading, $words),
            $reading->wished === null ? null : new ScaleAnswer($reading->wished[0], $reading->wished[1]), $reading->state, $words->word('verdict', $reading->verdict), $words->all($reading->reasons),
        );
    }

    /** Whether its scale is told in words, because nobody can check a figure. */
    public static function inWords(Reading $reading): bool
    {
        return in_array($reading->unit, [ReadingUnit::WaterRatio, ReadingUnit::BrownIndex], true);
    }

    /** A tenth of a per cent of salt can be tasted; nothing else is known so closely. */
    public static function decimals(Reading $reading): int
    {
        return $reading->unit === ReadingUnit::Percent && $reading->name === ReadingName::Salt ? 2 : 0;
    }
}
