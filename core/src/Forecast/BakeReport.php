<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Bake\BakeCurves;
use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\BakeResult;
use Hojaldre\Core\Bake\FilmStage;
use Hojaldre\Core\Bake\Simulation;
use Hojaldre\Core\Safety\CoolingLimits;
use Hojaldre\Core\Safety\CoolingVerdict;

/** What one simulated bake says, for a screen or a card: stages, events with their ranges, curves, cooling. */
final readonly class BakeReport
{
    /** Of a curve (definition). */
    private const MOST_POINTS = 80;

    /**
     * @param  list<ReportStage>  $stages  the shell, the bake and the rest, one after the other
     * @param  list<ReportEvent>  $events  those that are reached, the first first; some of them only if it stayed in
     * @param  float  $lostGrams  what it weighs less when it comes out
     */
    private function __construct(
        public BakeResult $result,
        public ?float $setsAtCelsius,
        public float $safeCelsius,
        public array $stages,
        public array $events,
        public BakeCurves $curves,
        public float $lostGrams,
        public CoolingVerdict $cooling,
    ) {
    }

    public static function of(SimulatedBake $bake): self
    {
        $result = $bake->result;
        $cooling = $result->cooling;

        return new self(
            $result, $bake->input->setsAtCelsius, $bake->input->safeCelsius, self::stages($bake), self::events($bake), self::thinned($result->curves),
            $result->lostKg * 1000 * $bake->units,
            CoolingLimits::judge(self::whole($cooling->hotMinutes), self::whole($cooling->warmMinutes), self::whole($cooling->coldMinutes)),
        );
    }

    private static function whole(?float $minutes): ?float
    {
        return $minutes === null ? null : round($minutes);
    }

    /** @return list<ReportStage> */
    private static function stages(SimulatedBake $bake): array
    {
        $stages = [];
        $from = 0.0;
        foreach ($bake->result->shell as $shell) {
            $stages[] = new ReportStage(FilmStage::from($shell->stage->how->value), $from, $from + $shell->stage->minutes, $shell->stage->ovenCelsius, $shell->stage->mode, $shell);
            $from += $shell->stage->minutes;
        }
        foreach ($bake->input->stages as $stage) {
            $stages[] = new ReportStage(FilmStage::Bake, $from, $from + $stage->minutes, $stage->ovenCelsius, $stage->mode, null);
            $from += $stage->minutes;
        }

        return [...$stages, new ReportStage(FilmStage::Rest, $from, $from + Simulation::REST_MINUTES, null, null, null)];
    }

    /** @return list<ReportEvent> */
    private static function events(SimulatedBake $bake): array
    {
        $events = [];
        foreach (BakeEvent::cases() as $event) {
            $minutes = $bake->minute($event);
            // warm is for the sums of safety, no cook waits for it
            if (is_finite($minutes) && $event !== BakeEvent::Warm) {
                [$low, $high] = $bake->range($event);
                $events[] = new ReportEvent($event, $minutes, $low, $high, $minutes <= $bake->result->outMinutes + 1e-6);
            }
        }
        usort($events, static fn (ReportEvent $a, ReportEvent $b): int => round($a->minutes, 1) <=> round($b->minutes, 1));

        return $events;
    }

    private static function thinned(BakeCurves $curves): BakeCurves
    {
        $every = max(1, (int) ceil(count($curves->minutes) / self::MOST_POINTS));

        return new BakeCurves(
            self::every($curves->minutes, $every), self::every($curves->centreCelsius, $every), self::every($curves->edgeCelsius, $every), self::every($curves->baseCelsius, $every), self::every($curves->rimCelsius, $every),
            is_nan($curves->baseRatios[0] ?? NAN) ? [] : self::every($curves->baseRatios, $every), self::every($curves->trembleMm, $every),
        );
    }

    /**
     * @param  list<float>  $values
     * @return list<float> every so manieth, and the last
     */
    private static function every(array $values, int $every): array
    {
        $last = count($values) - 1;

        return array_values(array_filter($values, static fn (int $i): bool => $i % $every === 0 || $i === $last, ARRAY_FILTER_USE_KEY));
    }
}
