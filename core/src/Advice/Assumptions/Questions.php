<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Assumptions;

use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\Readings;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Assumed;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** What a design assumes, the most telling first: each answer is baked on a coarse grid, and the reading that moves most says by how much. */
final readonly class Questions
{
    /**
     * @param  EggSizing  $eggs  whose "large" it is
     * @return list<Question>
     */
    public static function of(Pie $pie, EggSizing $eggs): array
    {
        $alternatives = Alternatives::for($pie, $eggs);
        $now = self::readings($pie);
        $questions = [];
        foreach (self::places($pie) as $place) {
            $asked = $alternatives->at($place);
            if ($asked !== null && count($asked[1]) > 1) {
                $questions[] = self::question($place, $asked[0], $asked[1], $now);
            }
        }
        usort($questions, static fn (Question $a, Question $b): int => $b->tells <=> $a->tells);

        return $questions;
    }

    /** @return list<string> */
    private static function places(Pie $pie): array
    {
        return array_values(array_unique(array_map(static fn (Assumed $one): string => $one->place, $pie->assumed)));
    }

    /**
     * @param  list<Alternative>  $answers
     * @param  list<Reading>  $now
     */
    private static function question(string $place, Statement $asks, array $answers, array $now): Question
    {
        $all = array_map(static fn (Alternative $one): array => $one->pie === null ? $now : self::readings($one->pie), $answers);
        $least = $most = null;
        $tells = 0.0;
        foreach ($now as $reading) {
            $found = array_values(array_filter(array_map(static fn (array $readings): ?Reading => Readings::named($readings, $reading->name), $all), static fn (?Reading $one): bool => $one?->value !== null));
            if ($found === []) {
                continue;
            }
            usort($found, static fn (Reading $a, Reading $b): int => $a->value <=> $b->value);
            $span = ($found[count($found) - 1]->value - $found[0]->value) / max(1e-9, $reading->scale[1] - $reading->scale[0]);
            if ($span > $tells) {
                [$least, $most, $tells] = [$found[0], $found[count($found) - 1], $span];
            }
        }

        return new Question($place, $asks, $answers, $least, $most, $tells);
    }

    /** @return list<Reading> */
    private static function readings(Pie $pie): array
    {
        $weights = Weights::of($pie);

        return Readings::of($weights, SimulatedBake::searching($weights));
    }
}
