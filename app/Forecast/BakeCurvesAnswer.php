<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use Hojaldre\Core\Bake\BakeCurves;

/** Over the minutes in the oven filled; °C, and water to solids of the base. */
#[Schema('BakeCurves')]
final readonly class BakeCurvesAnswer
{
    /**
     * @param  list<float>  $minutes
     * @param  list<float>  $centre
     * @param  list<float>  $edge
     * @param  list<float>  $base
     * @param  list<float>  $rim
     * @param  list<float>  $baseRatio
     */
    private function __construct(public array $minutes, public array $centre, public array $edge, public array $base, public array $rim, public array $baseRatio)
    {
    }

    public static function of(BakeCurves $curves): self
    {
        return new self(
            Rounded::all($curves->minutes, 2), Rounded::all($curves->centreCelsius, 1), Rounded::all($curves->edgeCelsius, 1), Rounded::all($curves->baseCelsius, 1),
            Rounded::all($curves->rimCelsius, 1), Rounded::all($curves->baseRatios, 3),
        );
    }
}
