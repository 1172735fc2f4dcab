<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Wording\Words;
use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\ReadingUnit;
use Hojaldre\Core\Pastry\BaseVerdict;

/** Scales that are told in words, because nobody can check the figure: how a base feels, how brown a top is. */
final readonly class ScaleWords
{
    /** @return list<ScaleWordAnswer> none where figures are told */
    public static function of(ReadingUnit $unit, Words $words): array
    {
        return match ($unit) {
            ReadingUnit::WaterRatio => array_map(static fn (array $one): ScaleWordAnswer => new ScaleWordAnswer($words->word('verdict', $one[0]), $one[1]), BaseVerdict::scale()),
            ReadingUnit::BrownIndex => array_map(static fn (array $one): ScaleWordAnswer => new ScaleWordAnswer($words->word('brownness', $one[0]), $one[1]), Brownness::scale()),
            default => [],
        };
    }

    /**
     * The range of a reading in the words of its scale; empty where figures are told, where the cook sees no range in one word, and
     * of a base that is paste or lifts off: how dry it is does not help it then.
     */
    public static function between(Reading $reading, Words $words): string
    {
        if ($reading->low === null || $reading->high === null || ($reading->unit === ReadingUnit::WaterRatio && ! in_array(BaseVerdict::tryFrom($reading->verdict->value), array_column(BaseVerdict::scale(), 0), true))) {
            return '';
        }
        [$low, $high] = [self::at($reading->low, self::of($reading->unit, $words)), self::at($reading->high, self::of($reading->unit, $words))];

        return $low === $high ? '' : "$low to $high";
    }

    /** @param  list<ScaleWordAnswer>  $scale */
    private static function at(float $value, array $scale): string
    {
        foreach ($scale as $one) {
            if ($one->to === null || $value < $one->to) {
                return $one->word;
            }
        }

        return '';
    }
}
