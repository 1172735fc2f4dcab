<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use Hojaldre\Core\Bake\FilmFrame;
use Hojaldre\Core\Bake\FilmStage;
use Hojaldre\Core\Forecast\FilmField;
use Hojaldre\Core\Forecast\SimulatedBake;

#[Schema('BakeFrame')]
final readonly class FilmFrameAnswer
{
    /**
     * @param  float  $minute  since the first stage began
     * @param  list<int>  $celsius
     * @param  list<int>  $waterPercent
     * @param  list<int>  $setPercent  0 liquid, 100 set, on to 200 over-cooked
     * @param  list<float>  $topBrown  by column
     */
    private function __construct(
        public FilmStage $stage,
        public float $minute,
        public array $celsius,
        public array $waterPercent,
        public array $setPercent,
        public array $topBrown,
        public float $rimBrown,
        public float $underBrown,
        public float $insideBrown,
    ) {
    }

    public static function of(FilmFrame $frame, SimulatedBake $bake): self
    {
        return new self(
            $frame->stage, round($frame->minutes, 2), FilmField::celsius($frame), FilmField::waterPercents($frame, $bake->result), FilmField::setPercents($frame, $bake->input->setsAtCelsius),
            Rounded::all(array_values($frame->topBrown), 2), round($frame->rimBrownIndex, 2), round($frame->undersideBrownIndex, 2), round($frame->insideBrownIndex, 2),
        );
    }
}
