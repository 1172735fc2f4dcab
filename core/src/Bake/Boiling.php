<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/**
 * Cells that boil take up heat without getting much hotter. In a sweep they count with C (1 + L / (C |dT_b/dm|)) instead of C, so
 * that heat goes on flowing into them; what they took up so is then turned back, to the last joule, into a temperature above boiling,
 * which `CrustWater` and `FillingWater` boil off.
 */
final readonly class Boiling
{
    /** So near to its boiling point a cell is taken to boil, K; and none below this, °C (numerics). */
    public const NEAR_KELVINS = 0.5;

    public const FROM_CELSIUS = 99.0;

    /** Free water boils at one temperature; it counts with so many times its capacity (numerics). */
    private const MOST = 1000.0;

    public function __construct(private Grid $grid, private CellMaterials $materials)
    {
    }

    /**
     * @param  array<int, float>  $joules  heat capacity of each cell, J/K
     * @return array<int, float> how many times that each boiling cell counts with, by cell
     */
    public function times(Cells $cells, array $joules): array
    {
        $W = $cells->W;
        $kind = $this->grid->kind;
        $boils = SteamTables::boilingPoints();
        $solids = $this->materials->solids;
        $times = [];
        foreach ($cells->T as $c => $t) {
            if ($t < self::FROM_CELSIUS || $kind[$c] === Grid::TIN) {
                continue;
            }
            $row = $solids[$kind[$c]] * Vapour::X_STEP_RATIO;
            $x = $W[$c] / $row;
            $p = (int) $x;
            $slope = $p < Vapour::X_STEPS ? $boils[$p] - $boils[$p + 1] : 0.0;
            $past = $t - ($p < Vapour::X_STEPS ? $boils[$p] - $slope * ($x - $p) : $boils[Vapour::X_STEPS]);
            if ($past < -self::NEAR_KELVINS || $past > self::NEAR_KELVINS) {
                continue;
            }
            $kgPerKelvin = $row * $this->grid->m3[$c] / max(1e-12, $slope);
            $times[$c] = 1 + min(self::MOST, Vapour::LATENT_JOULES_PER_KG * $kgPerKelvin / $joules[$c]);
        }

        return $times;
    }
}
