<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use App\Wording\ShellWords;
use App\Wording\Words;
use Hojaldre\Core\Bake\FilmStage;
use Hojaldre\Core\Forecast\ReportStage;
use Hojaldre\Core\Oven\OvenMode;

#[Schema('BakeStage')]
final readonly class BakeStageAnswer
{
    /**
     * @param  float  $from  min since the first stage began
     * @param  string  $oven  as the cook tells it; empty out of the oven
     * @param  string  $look  how a shell looks at its end; else empty
     */
    private function __construct(public FilmStage $name, public float $from, public float $to, public ?float $ovenCelsius, public string $oven, public ?OvenMode $mode, public string $look)
    {
    }

    public static function of(ReportStage $stage, Words $words): self
    {
        return new self(
            $stage->stage, round($stage->fromMinutes, 1), round($stage->toMinutes, 1), $stage->ovenCelsius, $stage->ovenCelsius === null ? '' : $words->oven($stage->ovenCelsius),
            $stage->mode, $stage->shell === null ? '' : ShellWords::look($stage->shell, $words),
        );
    }
}
