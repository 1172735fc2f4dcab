<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/**
 * Water of the filling: what the solids let go as they warm, what is loose between them, how that wets the crust, and what
 * boils or dries off.
 */
final readonly class FillingWater
{
    /** 1/s above 80 °C, rising from nothing at 60 (judgement) */
    private const RELEASE = 1 / 480;

    /** Loose water that wets as much as half of all, kg/m3; what a gel still lets go; what it holds of its liquid (judgement) */
    private const HALF_WETS = 30.0;

    private const GEL_WETS = 0.05;

    private const GEL_HOLDS = 0.03;

    /** Liquid that over-cooking squeezes out, at most, of the part of the custard that is liquid (judgement) */
    private const SYNERESIS = 0.05 * 0.7;

    /** m2/s, towards the skin, and how many rows of it are followed (fitted) */
    private const TO_THE_SKIN = 3.7e-10;

    private const SKIN_ROWS = 5;

    /** @return float kg of loose water in a m3 of filling, after what binders and the gel hold */
    public static function release(Cells $cells, Grid $grid, BakeInput $input, float $volume, float $seconds): float
    {
        $T = $cells->T;
        $released = $cells->released;
        $dose = $cells->dose;
        $cells->released = [];
        $sum = $squeezed = $set = 0.0;
        $count = $grid->fillColumns;
        $from = $grid->fillFrom * $grid->columns;
        $to = $grid->fillTo * $grid->columns;
        $sets = $input->setsAtCelsius ?? 999.0;
        $peak = $cells->peak;
        for ($row = $from; $row <= $to; $row += $grid->columns) {
            $high = $grid->dz[intdiv($row, $grid->columns)];
            for ($i = 0; $i < $count; $i++) {
                $c = $row + $i;
                $t = $T[$c];
                if ($t > 60) {
                    $eager = ($t - 60) / 20;
                    $released[$c] += (1 - $released[$c]) * self::RELEASE * ($eager > 1 ? 1.0 : $eager) * $seconds;
                }
                $m3 = $grid->area[$i] * $high;
                $sum += $released[$c] * $m3;
                if ($dose[$c] > 1) {
                    $much = log10($dose[$c]) / 2;
                    $squeezed += ($much > 1 ? 1.0 : $much) * $m3;
                }
                if ($peak[$c] > $sets) {
                    $set += $m3;
                }
            }
        }
        $cells->released = $released;
        $kg = $input->weepKg * $sum + $input->liquidKg * self::SYNERESIS * $squeezed;
        $held = $input->bindsKg * $volume + $input->liquidKg * self::GEL_HOLDS * $set;

        return max(0.0, ($kg - $held) / $volume / $volume);
    }

    /**
     * How freely it wets the crust where it touches it: runny before it sets, by its loose water after.
     *
     * @return array<int, float> in the order of the lines
     */
    public static function wets(Cells $cells, CrustPaths $paths, BakeInput $input, float $loose): array
    {
        $free = $loose / ($loose + self::HALF_WETS);
        $runny = max($input->runniness, $free);
        $gel = self::GEL_WETS + $free;
        $sets = $input->setsAtCelsius;
        $wets = [];
        foreach ($paths->all as [, , , , , $fill]) {
            if ($fill < 0 || $sets === null) {
                $wets[] = $sets === null ? $free : 0.0;

                continue;
            }
            $share = ($cells->peak[$fill] - $sets + 6) / 6;
            $share = $share < 0 ? 0.0 : ($share > 1 ? 1.0 : $share);
            $wets[] = (1 - $share) * $runny + $share * $gel;
        }

        return $wets;
    }

    /**
     * Boils where it is past its boiling point, and feeds the skin.
     *
     * @param  array<int, float>  $C  heat capacity over the step, W/K
     */
    public static function boil(Cells $cells, Grid $grid, CellMaterials $materials, array $C, float $seconds): void
    {
        $T = $cells->T;
        $W = $cells->W;
        $cells->T = $cells->W = [];
        $columns = $grid->columns;
        $gone = $joules = 0.0;
        for ($j = $grid->fillFrom; $j <= $grid->fillTo; $j++) {
            for ($i = 0; $i < $grid->fillColumns; $i++) {
                $c = $j * $columns + $i;
                $t = $T[$c];
                if ($t < 100.0) {
                    continue;
                }
                $boilsAt = Vapour::boilsAt(101325 / max(0.02, Vapour::activity($W[$c] / $materials->solids[$grid->kind[$c]])));
                if ($t <= $boilsAt) {
                    continue;
                }
                $m3 = $grid->area[$i] * $grid->dz[$j];
                $kg = min(0.25 * $W[$c] * $m3, $C[$c] * $seconds * ($t - $boilsAt) / Vapour::LATENT);
                $W[$c] -= $kg / $m3;
                $T[$c] = $t - $kg * Vapour::LATENT / ($C[$c] * $seconds);
                $gone += $kg;
                $joules += $kg * (Vapour::LATENT + Vapour::WATER_HEAT * $t);
            }
        }
        for ($n = 0; $n < self::SKIN_ROWS - 1; $n++) {
            $j = $grid->fillTo - $n;
            if ($j <= $grid->fillFrom) {
                break;
            }
            $apart = ($grid->dz[$j] + $grid->dz[$j - 1]) / 2;
            $move = self::TO_THE_SKIN * $seconds / $apart;
            $up = min($move / $grid->dz[$j], 0.25);
            for ($i = 0; $i < $grid->fillColumns; $i++) {
                $c = $j * $columns + $i;
                $flow = $up * ($W[$c - $columns] - $W[$c]) * $grid->dz[$j];
                $W[$c] += $flow / $grid->dz[$j];
                $W[$c - $columns] -= $flow / $grid->dz[$j - 1];
            }
        }
        $cells->T = $T;
        $cells->W = $W;
        $cells->evaporatedKg += $gone;
        $cells->vapourJoules += $joules;
    }
}
