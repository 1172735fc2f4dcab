<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

use Hojaldre\Core\Food\DoughKind;
use Hojaldre\Core\Food\Freezing;
use Hojaldre\Core\Food\Thermal;

/**
 * rho cp dT/dt = div(k grad T), split into a sweep along z and one along r, each a tridiagonal system (Conductances).
 */
final readonly class Heat
{
    /** Contact of tin and crust, m2 K/W: raw dough lies close, a baked crust lifts, and more so at the side (judgement). */
    private const CONTACT_RAW = 0.0025;

    private const CONTACT_BAKED = 0.004;

    private const SIDE_LIFTS = 1.5;

    private const CONTACT_FILLING = 0.0005;

    /** A lid lies on the rim: 2 mm of air and steam below it, m2 K/W (judgement). */
    private const UNDER_A_LID = 0.045;

    /** Air in the pastry, raw and baked, and what it does to conduction (judgement). */
    private const POROSITY_RAW = 0.04;

    private const POROSITY_BAKED = [DoughKind::Short->value => 0.25, DoughKind::Puff->value => 0.40];

    private const POROSITY_POWER = 2.2;

    /** Of water, W/m K over °C, and m3 a kg (docs/sources.md#choi-okos) */
    private const WATER_K = Thermal::CONDUCTIVITY['water'];

    private const WATER_VOLUME = 0.001;

    public function __construct(private Grid $grid, private CellMaterials $materials, private float $fromBelowFactor = 1.0)
    {
    }

    /** @param  float  $insideWatts  W/m2 K to the inner face of an empty shell */
    public function conductances(Cells $cells, Surroundings $air, Outline $outline, float $insideWatts): Conductances
    {
        [$joules, $k] = $this->properties($cells);
        [$beyond, $inside] = $this->besideRows($cells, $air, $outline, $k, $insideWatts);

        return new Conductances($joules, $k, $this->up($cells->peak, $k, $outline->top), $this->out($cells->peak, $k, $outline->first), $this->belowFloor($cells, $air), $beyond, $inside);
    }

    /** @return list<float> W/K through the floor of each column */
    private function belowFloor(Cells $cells, Surroundings $air): array
    {
        $below = [];
        for ($i = 0; $i < $this->grid->columns; $i++) {
            $h = $air->contact > 0 ? $air->contact
                : $air->convectionBelow + Radiation::watts($this->materials->emissivityShare * Radiation::VIEW_SHARE, $air->belowCelsius, $cells->T[$i]);
            $below[] = $this->grid->area[$i] * $h * $this->fromBelowFactor;
        }

        return $below;
    }

    /**
     * @param  array<int, float>  $k
     * @return array{list<float>, list<float>} W/K through the outer and the inner face of each row
     */
    private function besideRows(Cells $cells, Surroundings $air, Outline $outline, array $k, float $insideWatts): array
    {
        $grid = $this->grid;
        $last = $grid->columns - 1;
        $beyond = $inside = [];
        for ($j = 0; $j < $grid->rows; $j++) {
            $c = $j * $grid->columns + $last;
            $emits = $grid->kind[$c] === Grid::TIN ? $this->materials->emissivityShare * Radiation::VIEW_SHARE : Radiation::FOOD_SHARE;
            $h = ($air->convectionAbove + $air->convectionBelow) / 2 + Radiation::watts($emits, ($air->aboveCelsius + $air->belowCelsius) / 2, $cells->T[$c]);
            $h /= 1 + $h * $grid->dr[$last] / (2 * $k[$c]);
            $beyond[] = $h * $grid->around[$last] * $grid->dz[$j];
            $from = $outline->first[$j];
            $inside[] = $from > 0 ? $insideWatts * $grid->around[$from - 1] * $grid->dz[$j] : 0.0;
        }

        return [$beyond, $inside];
    }

    /**
     * @param  array<int, float>  $peak
     * @param  array<int, float>  $k
     * @param  array<int, int>  $top
     * @return array<int, float> W/K from each cell to the one above it
     */
    private function up(array $peak, array $k, array $top): array
    {
        $grid = $this->grid;
        $columns = $grid->columns;
        $dz = $grid->dz;
        $fillTo = $grid->fillTo;
        $wall = $grid->fillColumns + $grid->sideColumns;
        $up = array_fill(0, $columns * $grid->rows, 0.0);
        for ($i = 0; $i < $columns; $i++) {
            for ($j = 0; $j < $top[$i]; $j++) {
                $c = $j * $columns + $i;
                $resist = $dz[$j] / (2 * $k[$c]) + $dz[$j + 1] / (2 * $k[$c + $columns]);
                if (($j === 0 || $j === $fillTo) && $i < $wall) {
                    $resist += $this->resistsAbove($j, $peak[$c + $columns]);
                }
                $up[$c] = $grid->area[$i] / $resist;
            }
        }

        return $up;
    }

    /** What lies between a row and the one above it beside their own halves, m2 K/W: tin and crust, filling and lid. */
    private function resistsAbove(int $row, float $peakAbove): float
    {
        if ($row === 0) {
            return $this->grid->baseRows === 0 ? self::CONTACT_FILLING
                : self::CONTACT_RAW + (self::CONTACT_BAKED - self::CONTACT_RAW) * CrustState::bakedShare($peakAbove);
        }

        return self::UNDER_A_LID;
    }

    /**
     * @param  array<int, float>  $peak
     * @param  array<int, float>  $k
     * @param  array<int, int>  $first
     * @return array<int, float> W/K from each cell to the one further out
     */
    private function out(array $peak, array $k, array $first): array
    {
        $grid = $this->grid;
        $columns = $grid->columns;
        $dr = $grid->dr;
        $around = $grid->around;
        $wall = $grid->fillColumns + $grid->sideColumns;
        $out = array_fill(0, $columns * $grid->rows, 0.0);
        for ($j = 0; $j < $grid->rows; $j++) {
            for ($i = $first[$j]; $i < $columns - 1; $i++) {
                $c = $j * $columns + $i;
                $resist = $dr[$i] / (2 * $k[$c]) + $dr[$i + 1] / (2 * $k[$c + 1]);
                if ($i + 1 === $wall && $j > 0) {
                    $resist += $this->resistsAtWall($peak[$c]);
                }
                $out[$c] = $around[$i] * $grid->dz[$j] / $resist;
            }
        }

        return $out;
    }

    /** Side crust, or filling where there is none, to the wall of the tin, m2 K/W. */
    private function resistsAtWall(float $peak): float
    {
        return $this->grid->sideColumns === 0 ? self::CONTACT_FILLING
            : self::CONTACT_RAW + self::SIDE_LIFTS * (self::CONTACT_BAKED - self::CONTACT_RAW) * CrustState::bakedShare($peak);
    }

    /** @return array{array<int, float>, array<int, float>} heat capacity of each cell, J/K, and conductivity, W/m K */
    private function properties(Cells $cells): array
    {
        $T = $cells->T;
        $W = $cells->W;
        $peak = $cells->peak;
        $grid = $this->grid;
        $materials = $this->materials;
        $porosity = self::POROSITY_BAKED[$materials->doughKind->value] - self::POROSITY_RAW;
        [$k0, $k1, $k2] = self::WATER_K;
        [$m3s, $volumes, $dryK0, $dryK1, $heat0, $heat1] = [$grid->m3, $materials->volume, $materials->k0, $materials->k1, $materials->heat0, $materials->heat1];
        $solids = $materials->solids;
        $C = $k = [];
        foreach ($grid->kind as $c => $what) {
            $m3 = $m3s[$c];
            if ($what === Grid::TIN) {
                $C[] = $m3 * $materials->tinHeat;
                $k[] = $materials->tinConducts;

                continue;
            }
            $t = $T[$c];
            $wet = $W[$c] * self::WATER_VOLUME;
            $volume = $volumes[$what];
            $conducts = ($wet * ($k0 + $t * ($k1 + $k2 * $t)) + $volume * ($dryK0[$what] + $dryK1[$what] * $t)) / ($wet + $volume);
            if ($what === Grid::CRUST || $what === Grid::LID) {
                $conducts *= (1 - self::POROSITY_RAW - $porosity * CrustState::bakedShare($peak[$c])) ** self::POROSITY_POWER;
            }
            if ($t < Freezing::POINT_CELSIUS) {
                $conducts *= 1 + Freezing::CONDUCTS_MORE_PER_KG * Freezing::iceShare($t) * Freezing::freezable($W[$c], $solids[$what]);
            }
            $k[] = $conducts;
            $C[] = $m3 * ($W[$c] * Vapour::WATER_JOULES_PER_KG_KELVIN + $heat0[$what] + $heat1[$what] * $t);
        }

        return [$C, $k];
    }
}
