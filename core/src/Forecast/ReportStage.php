<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Bake\BakedShell;
use Hojaldre\Core\Bake\FilmStage;
use Hojaldre\Core\Oven\OvenMode;

/** One stage of a bake, from the first of the shell on. */
final readonly class ReportStage
{
    /**
     * @param  float  $fromMinutes  since the first stage began
     * @param  float|null  $ovenCelsius  null out of the oven
     * @param  BakedShell|null  $shell  how a shell is at its end
     */
    public function __construct(public FilmStage $stage, public float $fromMinutes, public float $toMinutes, public ?float $ovenCelsius, public ?OvenMode $mode, public ?BakedShell $shell)
    {
    }
}
