<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Bake\Course;
use Hojaldre\Core\Bake\Cue;
use Hojaldre\Core\Bake\ShellStage;
use Hojaldre\Core\Bake\Stage;

/** What one simulated bake says, for a screen or a card: events with their ranges and cues, curves, colours, cooling. */
final readonly class BakeReport
{
    /** Cooling, min: from 57 to 21 °C, and from 57 to 5 (docs/sources.md#food-code). */
    private const TO_21 = 120.0;

    private const TO_5 = 360.0;

    private const MOST_POINTS = 80;

    /** @return array<string, mixed> */
    public static function of(Baked $baked): array
    {
        $course = $baked->course;

        return [
            'minutes' => round($course->outMinutes, 1),
            'setsAtCelsius' => $baked->setup->setsAtCelsius === null ? null : round($baked->setup->setsAtCelsius, 1),
            'wantedCelsius' => round($baked->setup->wantedCelsius, 1),
            'stages' => self::stages($baked),
            'events' => self::events($baked),
            'curves' => self::curves($course),
            'colours' => [
                self::colour('top', $course->topBrownOut), self::colour('rim', $course->rimBrownOut),
                self::colour('underside', $course->baseBrownOut), self::colour('inside of the shell', $course->insideBrownOut),
            ],
            'lostGrams' => round($course->lostKg * 1000 * $baked->units, 1),
            'setPercent' => round(100 * $course->setShareOut),
            'overPercent' => round(100 * $course->overShareOut),
            'carriesOverKelvins' => round(max(0.0, $course->carriesOverKelvins), 1),
            'soakMm' => round($course->soakMm, 1),
            'cooling' => self::cooling($course),
        ];
    }

    /** @return list<array<string, mixed>> the shell, the bake and the rest, one after the other */
    private static function stages(Baked $baked): array
    {
        $stages = [];
        $from = 0.0;
        $add = static function (string $name, float $minutes, string $look, ?float $ovenCelsius, string $mode) use (&$stages, &$from): void {
            $stages[] = ['name' => $name, 'from' => round($from, 1), 'to' => round($from + $minutes, 1), 'ovenCelsius' => $ovenCelsius, 'mode' => $mode, 'look' => $look];
            $from += $minutes;
        };
        foreach ($baked->course->shell as $i => $after) {
            $stage = $baked->setup->shell[$i] ?? null;
            assert($stage instanceof ShellStage);
            $add($after['how'], $after['minutes'], Cue::ofShell($after['basePercent'], $after['rim']), $stage->ovenCelsius, $stage->mode);
        }
        foreach ($baked->setup->stages as $stage) {
            assert($stage instanceof Stage);
            $add('bake', $stage->minutes, '', $stage->ovenCelsius, $stage->mode);
        }
        $add('rest', 20.0, '', null, '');

        return $stages;
    }

    /** @return list<array<string, mixed>> those that are reached, the first first; some of them only if it stayed in */
    private static function events(Baked $baked): array
    {
        $events = [];
        foreach (Cue::EVENTS as $name) {
            $minute = $baked->minute($name);
            if (is_finite($minute)) {
                [$low, $high] = $baked->range($name);
                $events[] = [
                    'name' => $name, 'minute' => round($minute, 1), 'low' => round($low, 1), 'high' => round($high, 1),
                    'isInPlan' => $minute <= $baked->course->outMinutes + 1e-6, 'cue' => Cue::of($name, $baked->setup),
                ];
            }
        }
        usort($events, static fn (array $a, array $b): int => $a['minute'] <=> $b['minute']);

        return $events;
    }

    /** @return array<string, list<float>> °C over the minutes of the bake, thinned */
    private static function curves(Course $course): array
    {
        $every = max(1, (int) ceil(count($course->minutes) / self::MOST_POINTS));

        return [
            'minutes' => self::thin($course->minutes, $every, 2), 'centre' => self::thin($course->centre, $every, 1), 'edge' => self::thin($course->edge, $every, 1),
            'base' => self::thin($course->base, $every, 1), 'rim' => self::thin($course->rim, $every, 1),
            'basePercent' => is_nan($course->basePercent) ? [] : self::thin($course->basePercents, $every, 1),
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
    private static function cooling(Course $course): array
    {
        $at = static fn (string $event): ?float => isset($course->events[$event]) ? round($course->events[$event]) : null;
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
