<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use App\Wording\TinWords;
use App\Wording\Words;
use Hojaldre\Core\Food\Allergen;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\PaperWarning;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Statement\Statement;

/** What a design will do; the same JSON as `hojaldre forecast` prints. */
#[Schema('Forecast')]
final readonly class ForecastAnswer
{
    /**
     * @param  list<ReadingAnswer>  $readings  those that apply to this pie
     * @param  BakeReportAnswer|null  $bake  null while there is nothing to bake, and in a rough answer
     * @param  list<string>  $dials  what to set for each stage of the shell and of the bake; none where no oven is chosen
     * @param  list<Allergen>  $allergens
     * @param  list<string>  $assumptions
     * @param  list<string>  $cautions
     * @param  list<string>  $allergenChecks  foods whose packet is to be read, or that nobody knows; empty where all of it is sure
     * @param  list<string>  $warnings  what stands first on every paper of it; empty in a rough answer
     */
    private function __construct(
        public string $name,
        public array $readings,
        public WeightsAnswer $weights,
        public ?BakeReportAnswer $bake,
        public LedgerAnswer $ledger,
        public SaltAnswer $salt,
        public SectionAnswer $section,
        public string $tinLabel,
        public array $dials,
        public array $allergens,
        public array $assumptions,
        public array $cautions,
        public array $warnings,
        public array $allergenChecks,
    ) {
    }

    public static function of(Forecast $forecast, Words $words): self
    {
        $report = $forecast->report();
        $say = static fn (Statement $one): string => $words->say($one);

        return new self(
            $forecast->pie->name,
            array_map(static fn (Reading $one): ReadingAnswer => ReadingAnswer::of($forecast->bake?->isRough() === true && $one->name->isOfTheBake() ? $one->unjudged() : $one, $words), $forecast->readings),
            WeightsAnswer::of($forecast->weights, $words),
            $report === null ? null : BakeReportAnswer::of($report, $words),
            LedgerAnswer::of($forecast->ledger()),
            SaltAnswer::of($forecast->weights, $words),
            SectionAnswer::of($forecast->section(), $words),
            $words->say(TinWords::label($forecast->pie->tin)),
            array_map($words->oven(...), $forecast->pie->dialsCelsius()),
            $forecast->allergens(),
            array_map($say, $forecast->assumptions()),
            array_map($say, $forecast->cautions()),
            $report === null ? [] : array_map($say, PaperWarning::of($forecast)->says),
            array_map($say, $forecast->allergenChecks()),
        );
    }
}
