<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

use Hojaldre\Core\Food\Freezing;
use Hojaldre\Core\Pastry\BaseVerdict;

/** What is asked of all cells together. */
final readonly class CellSums
{
    /** The middle of a filling: out to so much of its radius, and between these heights (definition). */
    private const MIDDLE_RADIUS_SHARE = 0.6;

    private const MIDDLE_FROM_SHARE = 0.2;

    private const MIDDLE_TO_SHARE = 0.8;

    /** A custard trembles where it is further below set than so, K (fitted: at the time to look 3 to 7 cm tremble as one, common practice, no source). */
    private const TREMBLES_BELOW_KELVINS = 2.0;

    /** @var list<int> of the filling */
    private array $fillCells;

    /** @var array<int, float> of the middle, and which part of it each is */
    private array $middle;

    public function __construct(private Grid $grid, private CellMaterials $materials)
    {
        $this->fillCells = $grid->fillCells();
        $this->middle = self::middle($grid);
    }

    /** @return array<int, float> */
    private static function middle(Grid $grid): array
    {
        $high = array_sum(array_slice($grid->dz, $grid->fillFrom, $grid->fillTo - $grid->fillFrom + 1));
        $wide = array_sum(array_slice($grid->dr, 0, $grid->fillColumns));
        $m3 = [];
        $z = 0.0;
        for ($j = $grid->fillFrom; $j <= $grid->fillTo; $j++) {
            $at = ($z + $grid->dz[$j] / 2) / $high;
            $z += $grid->dz[$j];
            $r = 0.0;
            for ($i = 0; $i < $grid->fillColumns; $i++) {
                if ($at >= self::MIDDLE_FROM_SHARE && $at <= self::MIDDLE_TO_SHARE && $r + $grid->dr[$i] / 2 <= self::MIDDLE_RADIUS_SHARE * $wide) {
                    $m3[$j * $grid->columns + $i] = $grid->m3[$j * $grid->columns + $i];
                }
                $r += $grid->dr[$i];
            }
        }
        $all = array_sum($m3);

        return array_map(static fn (float $one): float => $one / $all, $m3);
    }

    /** Mean of the filling, °C. */
    public function fillingCelsius(Cells $cells): float
    {
        $sum = $all = 0.0;
        $T = $cells->T;
        $m3s = $this->grid->m3;
        foreach ($this->fillCells as $c) {
            $all += $m3s[$c];
            $sum += $m3s[$c] * $T[$c];
        }

        return $sum / $all;
    }

    /** How wide the middle still trembles, mm across: as a disc through the whole depth that holds all that is not yet near to set. */
    public function tremblesMm(Cells $cells, float $setsAtCelsius): float
    {
        $from = $setsAtCelsius - self::TREMBLES_BELOW_KELVINS;
        $loose = $all = 0.0;
        foreach ($this->fillCells as $c) {
            $all += $this->grid->m3[$c];
            // a cell that is about to cross goes over bit by bit
            $loose += $this->grid->m3[$c] * max(0.0, min(1.0, ($from - $cells->T[$c]) / self::TREMBLES_BELOW_KELVINS + 0.5));
        }
        $wide = 2000 * array_sum(array_slice($this->grid->dr, 0, $this->grid->fillColumns));

        return $wide * sqrt($loose / $all);
    }

    /** Measures of over-cooking that the middle has had. */
    public function middleDose(Cells $cells): float
    {
        $sum = 0.0;
        foreach ($this->middle as $c => $share) {
            $sum += $share * $cells->dose[$c];
        }

        return $sum;
    }

    /** And how many a minute. */
    public function middleRate(Cells $cells, float $setsAtCelsius): float
    {
        $sum = 0.0;
        foreach ($this->middle as $c => $share) {
            $sum += $share * Doneness::overRate($cells->T[$c], $setsAtCelsius);
        }

        return $sum;
    }

    /** Share of the weep of the filling that had left before its place set, 0 to 1. */
    public function earlyShare(Cells $cells): float
    {
        $sum = $all = 0.0;
        foreach ($this->fillCells as $c) {
            $all += $this->grid->m3[$c];
            $sum += $this->grid->m3[$c] * $cells->early[$c];
        }

        return $sum / $all;
    }

    /** Water to solids of the outer half of the base, where it is bitten first; NAN without a base. */
    public function baseRatio(Cells $cells): float
    {
        $grid = $this->grid;
        if ($grid->baseRows === 0) {
            return NAN;
        }
        $water = $area = 0.0;
        $rows = intdiv($grid->baseRows, 2);
        for ($j = 1; $j <= $rows; $j++) {
            for ($i = 0; $i < $grid->fillColumns; $i++) {
                $water += $cells->W[$j * $grid->columns + $i] * $grid->area[$i];
                $area += $grid->area[$i];
            }
        }

        return $water / $area / $this->materials->solids[Grid::CRUST];
    }

    /** How far the base is baked through, by the highest temperature its inner face has had, 0 raw to 1; 1 without a base. */
    public function baseBakedShare(Cells $cells): float
    {
        $grid = $this->grid;
        $sum = $area = 0.0;
        for ($i = 0; $i < ($grid->baseRows === 0 ? 0 : $grid->fillColumns); $i++) {
            $sum += CrustState::bakedShare($cells->peak[$grid->baseRows * $grid->columns + $i]) * $grid->area[$i];
            $area += $grid->area[$i];
        }

        return $area > 0 ? $sum / $area : 1.0;
    }

    /** Brownness of the top, the mean by area. */
    public function topBrownIndex(Cells $cells): float
    {
        $sum = $area = 0.0;
        for ($i = 0; $i < $this->grid->fillColumns; $i++) {
            $sum += Brownness::index($cells->topBrown[$i]) * $this->grid->area[$i];
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
            $mm += $cells->W[$j * $this->grid->columns] / $this->materials->solids[Grid::CRUST] > BaseVerdict::SOFT_TO_RATIO ? $this->grid->dz[$j] * 1000 : 0.0;
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
                : $cells->W[$cell] * Vapour::WATER_JOULES_PER_KG_KELVIN * $t + $this->materials->heat0[$kind] * $t + $this->materials->heat1[$kind] * $t * $t / 2
                    - Freezing::LATENT_JOULES_PER_KG * Freezing::iceShare($t) * Freezing::freezable($cells->W[$cell], $this->materials->solids[$kind]));
        }

        return $joules;
    }
}
