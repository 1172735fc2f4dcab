<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

use Hojaldre\Core\Pastry\BaseVerdict;

/** What is asked of all cells together. */
final readonly class CellSums
{
    /** @var list<int> of the filling */
    private array $fillCells;

    public function __construct(private Grid $grid, private CellMaterials $materials)
    {
        $this->fillCells = $grid->fillCells();
    }

    /** Brownness of the top, the mean by area. */
    public function topBrownIndex(Cells $cells): float
    {
        $sum = $area = 0.0;
        for ($i = 0; $i < $this->grid->fillColumns; $i++) {
            $sum += $cells->topBrown[$i] * $this->grid->area[$i];
            $area += $this->grid->area[$i];
        }

        return $sum / $area;
    }

    /** @param  array<int, float>  $values of cells; the share of the filling where they reach a limit, 0 to 1 */
    public function fillingShare(array $values, float $limit): float
    {
        $reached = $all = 0.0;
        $m3s = $this->grid->m3;
        foreach ($this->fillCells as $c) {
            $all += $m3s[$c];
            if ($values[$c] >= $limit) {
                $reached += $m3s[$c];
            }
        }

        return $reached / $all;
    }

    /** Water of the base, % wet basis; NAN without a base. */
    public function basePercent(Cells $cells): float
    {
        $grid = $this->grid;
        if ($grid->baseRows === 0) {
            return NAN;
        }
        $water = $dry = 0.0;
        for ($j = 1; $j <= $grid->baseRows; $j++) {
            for ($i = 0; $i < $grid->fillColumns; $i++) {
                $water += $cells->W[$j * $grid->columns + $i] * $grid->area[$i];
                $dry += $this->materials->pastry->dry * $grid->area[$i];
            }
        }

        return 100 * $water / ($water + $dry);
    }

    /** How deep the base is soggy, mm from its top, at the middle. */
    public function soakMm(Cells $cells): float
    {
        $mm = 0.0;
        for ($j = 1; $j <= $this->grid->baseRows; $j++) {
            $w = $cells->W[$j * $this->grid->columns];
            $mm += 100 * $w / ($w + $this->materials->pastry->dry) > BaseVerdict::SOFT_TO_PERCENT ? $this->grid->dz[$j] * 1000 : 0.0;
        }

        return $mm;
    }

    public function waterKg(Cells $cells): float
    {
        $kg = 0.0;
        foreach ($cells->W as $cell => $w) {
            $kg += $w * $this->grid->m3[$cell];
        }

        return $kg;
    }

    /** J above 0 °C. */
    public function heatJoules(Cells $cells): float
    {
        $joules = 0.0;
        foreach ($cells->T as $cell => $t) {
            $kind = $this->grid->kind[$cell];
            $joules += $this->grid->m3[$cell] * ($kind === Grid::TIN
                ? $this->materials->tinHeat * $t
                : $cells->W[$cell] * Vapour::WATER_JOULES_PER_KG_KELVIN * $t + $this->materials->heat0[$kind] * $t + $this->materials->heat1[$kind] * $t * $t / 2);
        }

        return $joules;
    }
}
