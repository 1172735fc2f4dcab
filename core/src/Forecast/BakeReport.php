<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Bake\BakeResult;
use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Bake\Cue;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pastry\ShellStage;

/** What one simulated bake says, for a screen or a card: events with their ranges and cues, curves, colours, cooling. */
final readonly class BakeReport
{
    /** Cooling, min: from 57 to 21 °C, and from 57 to 5 (docs/sources.md#food-code). */
    private const TO_21 = 120.0;

    private const TO_5 = 360.0;

    private const MOST_POINTS = 80;

    /** @return array<string, mixed> */
    public static function of(SimulatedBake $baked): array
    {
        $result = $baked->result;

        return [
            'minutes' => round($result->outMinutes, 1),
            'setsAtCelsius' => $baked->input->setsAtCelsius === null ? null : round($baked->input->setsAtCelsius, 1),
            'wantedCelsius' => round($baked->input->wantedCelsius, 1),
            'stages' => self::stages($baked),
            'events' => self::events($baked),
            'curves' => self::curves($result),
            'colours' => [
                self::colour('top', $result->topBrownOut), self::colour('rim', $result->rimBrownOut),
                self::colour('underside', $result->baseBrownOut), self::colour('inside of the shell', $result->insideBrownOut),
            ],
            'lostGrams' => round($result->lostKg * 1000 * $baked->units, 1),
            'setPercent' => round(100 * $result->setShareOut),
            'overPercent' => round(100 * $result->overShareOut),
            'carriesOverKelvins' => round(max(0.0, $result->carriesOverKelvins), 1),
            'soakMm' => round($result->soakMm, 1),
            'cooling' => self::cooling($result),
        ];
    }

    /** @return list<array<string, mixed>> the shell, the bake and the rest, one after the other */
    private static function stages(SimulatedBake $baked): array
    {
        $stages = [];
        $from = 0.0;
        $add = static function (string $name, float $minutes, string $look, ?float $ovenCelsius, string $mode) use (&$stages, &$from): void {
            $stages[] = ['name' => $name, 'from' => round($from, 1), 'to' => round($from + $minutes, 1), 'ovenCelsius' => $ovenCelsius, 'mode' => $mode, 'look' => $look];
            $from += $minutes;
        };
        foreach ($baked->result->shell as $i => $after) {
            $stage = $baked->input->shell[$i] ?? null;
            assert($stage instanceof ShellStage);
            $add($after['how'], $after['minutes'], Cue::ofShell($after['basePercent'], $after['rim']), $stage->ovenCelsius, $stage->mode);
        }
        foreach ($baked->input->stages as $stage) {
            assert($stage instanceof Stage);
            $add('bake', $stage->minutes, '', $stage->ovenCelsius, $stage->mode);
        }
        $add('rest', 20.0, '', null, '');

        return $stages;
    }

    /** @return list<array<string, mixed>> those that are reached, the first first; some of them only if it stayed in */
    private static function events(SimulatedBake $baked): array
    {
        $events = [];
        foreach (Cue::EVENTS as $name) {
            $minute = $baked->minute($name);
            if (is_finite($minute)) {
                [$low, $high] = $baked->range($name);
                $events[] = [
                    'name' => $name, 'minute' => round($minute, 1), 'low' => round($low, 1), 'high' => round($high, 1),
                    'isInPlan' => $minute <= $baked->result->outMinutes + 1e-6, 'cue' => Cue::of($name, $baked->input),
                ];
            }
        }
        usort($events, static fn (array $a, array $b): int => $a['minute'] <=> $b['minute']);

        return $events;
    }

    /** @return array<string, list<float>> °C over the minutes of the bake, thinned */
    private static function curves(BakeResult $result): array
    {
        $every = max(1, (int) ceil(count($result->minutes) / self::MOST_POINTS));

        return [
            'minutes' => self::thin($result->minutes, $every, 2), 'centre' => self::thin($result->centre, $every, 1), 'edge' => self::thin($result->edge, $every, 1),
            'base' => self::thin($result->base, $every, 1), 'rim' => self::thin($result->rim, $every, 1),
            'basePercent' => is_nan($result->basePercent) ? [] : self::thin($result->basePercents, $every, 1),
        ];
    }

    /**
     * @param  array<int, float>  $values
     * @return list<float> every so manieth, and the last
     */
    private static function thin(array $values, int $every, int $digits): array
    {
        $last = count($values) - 1;
        $thin = [];
        foreach ($values as $i => $value) {
            if ($i % $every === 0 || $i === $last) {
                $thin[] = round($value, $digits);
            }
        }

        return $thin;
    }

    /** @return array{where: string, brown: float, word: string} */
    private static function colour(string $where, float $brown): array
    {
        return ['where' => $where, 'brown' => round($brown, 2), 'word' => Brownness::word($brown)];
    }

    /** @return array<string, mixed> minutes out of the oven, an hour of them on a rack, then in the fridge */
    private static function cooling(BakeResult $result): array
    {
        $at = static fn (string $event): ?float => isset($result->events[$event]) ? round($result->events[$event]) : null;
        [$from, $warm, $cold] = [$at('below-57') ?? 0.0, $at('below-21'), $at('below-5')];
        $slowWarm = $warm === null || $warm - $from > self::TO_21;
        $slowCold = $cold === null || $cold - $from > self::TO_5;

        return [
            'below57Minutes' => $at('below-57'),
            'below21Minutes' => $warm,
            'below5Minutes' => $cold,
            'isWithinLimits' => ! $slowWarm && ! $slowCold,
            'says' => match (true) {
                $slowWarm => 'Whole and in the tin it cools too slowly to be kept: take it out of the tin, cut it, or stand it before a fan; else eat it fresh.',
                $slowCold => 'An hour on a rack and then the fridge is not enough to have it cold within six hours: take it out of the tin or cut it before.',
                default => 'An hour on a rack, then uncovered into the fridge: it cools fast enough to be kept.',
            },
        ];
    }
}
