<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/**
 * Between filling and lid steam goes from the warmer to the colder and condenses there: a hot stew wets a cold lid, a wet lid warms
 * a cold filling. It goes no further than until both are as warm.
 */
final readonly class LidSteam
{
    /** m/s across the 2 mm of air between them: vapour diffuses in air at 3e-5 m2/s near 80 °C (handbook figure, from memory) */
    private const ACROSS = 1.5e-2;

    /** Activity of water in a filling (judgement). */
    private const FILLING_ACTIVITY = 0.98;

    /** Share of its water that either may lose in a step (numerics). */
    private const MOST = 0.25;

    /** What lies behind a face takes heat too in a step: sqrt(k rho c) of wet food, J/m2 K for the root of a second (numerics; 0.5 W/m K and 3.6 MJ/m3 K). */
    private const REACHES = 1.3e3;

    private float $solids;

    /** @var list<array{int, float, int}> undermost cell of the lid, face m2, filling cell */
    private array $faces;

    public function __construct(private Grid $grid, CrustPaths $paths, CellMaterials $materials)
    {
        $this->solids = $materials->solids[Grid::LID];
        $faces = [];
        foreach ($paths->all as [$c, $stride, $count, $face, $fill, , $kind]) {
            if ($fill >= 0 && $kind === CrustPaths::LID) {
                $faces[] = [$c + ($count - 1) * $stride, $face, $fill];
            }
        }
        $this->faces = $faces;
    }

    /** @param  array<int, float>  $C  heat capacity of each cell, J/K */
    public function exchange(Cells $cells, array $C, float $seconds): void
    {
        if ($this->faces === []) {
            return;
        }
        $T = $cells->T;
        $W = $cells->W;
        $cells->T = $cells->W = [];
        $m3s = $this->grid->m3;
        $reach = self::REACHES * sqrt($seconds);
        foreach ($this->faces as [$c, $face, $fill]) {
            $kg = self::kgPerM2Second($T[$fill], $T[$c], $W[$c] / $this->solids) * $face * $seconds;
            $levels = ($T[$fill] - $T[$c]) / Vapour::LATENT_JOULES_PER_KG / (1 / ($C[$c] + $reach * $face) + 1 / ($C[$fill] + $reach * $face));
            $kg = $levels > 0
                ? max(0.0, min($kg, $levels, self::MOST * $W[$fill] * $m3s[$fill]))
                : min(0.0, max($kg, $levels, -self::MOST * $W[$c] * $m3s[$c]));
            $W[$fill] -= $kg / $m3s[$fill];
            $W[$c] += $kg / $m3s[$c];
            $T[$fill] -= Vapour::LATENT_JOULES_PER_KG * $kg / $C[$fill];
            $T[$c] += Vapour::LATENT_JOULES_PER_KG * $kg / $C[$c];
        }
        $cells->T = $T;
        $cells->W = $W;
    }

    /** Onto the lid; negative where it goes from the lid to the filling. @param  float  $lidRatio  water to solids of the lid's underside */
    public static function kgPerM2Second(float $fillingCelsius, float $lidCelsius, float $lidRatio): float
    {
        return self::ACROSS * (self::FILLING_ACTIVITY * self::saturated($fillingCelsius) - Vapour::activityShare($lidRatio) * self::saturated($lidCelsius));
    }

    /** kg in a m3 of saturated vapour */
    private static function saturated(float $celsius): float
    {
        $row = (int) $celsius;

        return SteamTables::densities()[$row < 0 ? 0 : ($row > Vapour::LAST_ROW ? Vapour::LAST_ROW : $row)];
    }
}
