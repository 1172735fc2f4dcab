<?php

declare(strict_types=1);

namespace App\Recipe;

use App\Contract\Schema;
use App\Forecast\ForecastAnswer;
use App\Wording\Words;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Measure\VolumeSystem;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Recipe\ReadRecipe;

/** A recipe, read: its lines, the pie it makes, and a first forecast of that. */
#[Schema('ReadRecipe')]
final readonly class RecipeAnswer
{
    /**
     * @param  list<RecipeLineAnswer>  $lines
     * @param  VolumeSystem  $volumes  whose cup and spoons its words were taken for
     * @param  ForecastAnswer  $forecast  by one coarse bake
     */
    private function __construct(public array $lines, public VolumeSystem $volumes, public Pie $design, public ForecastAnswer $forecast)
    {
    }

    public static function of(ReadRecipe $read, Words $words): self
    {
        return new self(array_map(RecipeLineAnswer::of(...), $read->lines), $read->units->system, $read->pie, ForecastAnswer::of(Forecast::of($read->pie), $words));
    }
}
