<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** The state of all cells at one moment. */
final readonly class FilmFrame
{
    /**
     * @param  float  $minutes  since the first stage began, that of the shell where there is one
     * @param  array<int, float>  $T  °C
     * @param  array<int, float>  $W  kg in a m3 of cell
     * @param  array<int, float>  $peak  °C
     * @param  array<int, float>  $dose  of over-cooking, 1 is over
     * @param  array<int, float>  $topBrown  by column
     */
    private function __construct(
        public FilmStage $stage,
        public float $minutes,
        public array $T,
        public array $W,
        public array $peak,
        public array $dose,
        public array $topBrown,
        public float $rimBrownIndex,
        public float $undersideBrownIndex,
        public float $insideBrownIndex,
    ) {
    }

    public static function of(FilmStage $stage, float $minutes, Cells $cells): self
    {
        return new self($stage, $minutes, $cells->T, $cells->W, $cells->peak, $cells->dose, array_map(Brownness::index(...), $cells->topBrown), Brownness::index($cells->rimBrown), Brownness::index($cells->baseBrown), Brownness::index($cells->insideBrown));
    }
}
