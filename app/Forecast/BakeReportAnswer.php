<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Forecast\BakeReport;
use Hojaldre\Core\Forecast\ReportEvent;
use Hojaldre\Core\Forecast\ReportStage;

/** What one simulated bake says. */
#[Schema('BakeReport')]
final readonly class BakeReportAnswer
{
    /**
     * @param  float  $minutes  planned in the oven filled
     * @param  float|null  $setsAtCelsius  null where nothing has to set
     * @param  float  $safeCelsius  at the coldest point
     * @param  list<BakeStageAnswer>  $stages
     * @param  list<BakeEventAnswer>  $events
     * @param  list<ColourAnswer>  $colours
     * @param  float  $lostGrams  what it weighs less when it comes out
     * @param  float  $carriesOverKelvins  how much warmer the middle still gets
     * @param  float  $soakMm  how deep the base is soggy
     */
    private function __construct(
        public float $minutes,
        public ?float $setsAtCelsius,
        public float $safeCelsius,
        public array $stages,
        public array $events,
        public BakeCurvesAnswer $curves,
        public array $colours,
        public float $lostGrams,
        public float $carriesOverKelvins,
        public float $soakMm,
        public CoolingAnswer $cooling,
    ) {
    }

    public static function of(BakeReport $report, Words $words): self
    {
        $result = $report->result;

        return new self(
            minutes: round($result->outMinutes, 1),
            setsAtCelsius: Rounded::to($report->setsAtCelsius, 1),
            safeCelsius: round($report->safeCelsius, 1),
            stages: array_map(static fn (ReportStage $one): BakeStageAnswer => BakeStageAnswer::of($one, $words), $report->stages),
            events: array_map(static fn (ReportEvent $one): BakeEventAnswer => BakeEventAnswer::of($one, $report->safeCelsius, $words), $report->events),
            curves: BakeCurvesAnswer::of($report->curves),
            colours: ColourAnswer::all($result->browned, $words),
            lostGrams: round($report->lostGrams, 1),
            carriesOverKelvins: round(max(0.0, $result->carriesOverKelvins), 1),
            soakMm: round($result->soakMm, 1),
            cooling: CoolingAnswer::of($report, $words),
        );
    }
}
