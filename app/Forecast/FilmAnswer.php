<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use Hojaldre\Core\Bake\FilmFrame;
use Hojaldre\Core\Forecast\SimulatedBake;

#[Schema('BakeFilm')]
final readonly class FilmAnswer
{
    /** @param  list<FilmFrameAnswer>  $frames */
    private function __construct(public ?float $setsAtCelsius, public FilmGridAnswer $grid, public array $frames)
    {
    }

    public static function of(SimulatedBake $bake): self
    {
        return new self(
            Rounded::to($bake->input->setsAtCelsius, 1), FilmGridAnswer::of($bake->result->grid),
            array_map(static fn (FilmFrame $one): FilmFrameAnswer => FilmFrameAnswer::of($one, $bake), $bake->result->film),
        );
    }
}
