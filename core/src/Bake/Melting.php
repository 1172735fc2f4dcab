<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

use Hojaldre\Core\Food\Freezing;

/**
 * Frozen cells take up heat without getting much warmer. In a sweep they count with C + L |dIce/dT| instead of C; what they took up
 * is then turned into a temperature by all the heat they have, exactly.
 */
final readonly class Melting
{
    public function __construct(private Grid $grid, private CellMaterials $materials)
    {
    }

    /**
     * @param  array<int, float>  $joules  heat capacity of each cell, J/K
     * @return array<int, float> how many times that each frozen cell counts with, by cell
     */
    public function times(Cells $cells, array $joules): array
    {
        $times = [];
        foreach ($cells->T as $c => $t) {
            if ($t < Freezing::POINT_CELSIUS) {
                $times[$c] = 1 + $this->melts($cells, $c) * Freezing::meltsPerKelvin($t) / $joules[$c];
            }
        }

        return $times;
    }

    /** What a frozen cell is like that has taken up so much heat, °C. */
    public function warmed(Cells $cells, int $cell, float $joules, float $heat): float
    {
        $melts = $this->melts($cells, $cell);

        return Freezing::celsius(Freezing::heat($cells->T[$cell], $joules, $melts) + $heat, $joules, $melts);
    }

    /** What melting all of a cell takes, J. */
    public function melts(Cells $cells, int $cell): float
    {
        $kind = $this->grid->kind[$cell];

        return $kind === Grid::TIN ? 0.0 : Freezing::LATENT_JOULES_PER_KG * $this->grid->m3[$cell] * Freezing::freezable($cells->W[$cell], $this->materials->solids[$kind]);
    }
}
