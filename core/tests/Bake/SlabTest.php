<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Bake\BakeInput;
use Hojaldre\Core\Bake\CellMaterials;
use Hojaldre\Core\Bake\Cells;
use Hojaldre\Core\Bake\FaceLoad;
use Hojaldre\Core\Bake\Grid;
use Hojaldre\Core\Bake\Heat;
use Hojaldre\Core\Bake\Outline;
use Hojaldre\Core\Bake\Resolution;
use Hojaldre\Core\Bake\Surroundings;
use Hojaldre\Core\Bake\WeepPlaces;
use Hojaldre\Core\Food\DoughKind;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Oven\TinMaterial;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\Underlay;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The heat sweeps against Fourier's solution for a slab (docs/sources.md#incropera, table 5.1 of coefficients from memory). */
final class SlabTest extends TestCase
{
    private const W_M2K = 25.0;

    public function test_the_coefficients_are_those_of_the_table(): void
    {
        foreach ([[0.1, 0.3111, 1.0161], [1.0, 0.8603, 1.1191], [10.0, 1.4289, 1.2620]] as [$biot, $zeta, $c1]) {
            $slab = Slab::withBiot($biot);
            self::assertEqualsWithDelta($zeta, $slab->zeta, 6e-5);
            self::assertEqualsWithDelta($c1, $slab->c1, 1.1e-4);
        }
    }

    /** @return array<string, array{float}> */
    public static function steps(): array
    {
        return ['10 s' => [10.0], '20 s' => [20.0], '40 s' => [40.0]];
    }

    #[DataProvider('steps')]
    public function test_a_thick_filling_with_a_shut_floor_warms_as_half_a_slab_does(float $step): void
    {
        $partsKg = ['water' => 0.75, 'protein' => 0.08, 'fat' => 0.12, 'carbohydrate' => 0.04, 'fibre' => 0.005, 'ash' => 0.005];
        $input = self::dish($partsKg);
        $materials = new CellMaterials($input);
        $filling = $materials->filling;
        $deep = 0.05;
        $grid = Grid::of($input, $deep * M_PI * 0.12 ** 2, Resolution::fine());
        $cells = new Cells($grid->rows * $grid->columns, $grid->columns);
        $cells->W = array_map(static fn (int $kind): float => $kind === Grid::TIN ? 0.0 : $filling->water, $grid->kind);
        $outline = Outline::ofPie($grid);
        $heat = (new Heat($grid, $materials, fromBelowFactor: 0.0))->conductances($cells, Surroundings::room(), $outline, 0.0);
        // from 20 to a surrounding at 30 °C the properties hardly move
        $addD = $addR = [];
        for ($i = 0; $i < $grid->columns; $i++) {
            $cell = $outline->top[$i] * $grid->columns + $i;
            $h = self::W_M2K / (1 + self::W_M2K * $grid->dz[$grid->rows - 1] / (2 * $heat->k[$cell]));
            $addD[] = $grid->area[$i] * $h;
            $addR[] = $grid->area[$i] * $h * 30;
        }
        $load = new FaceLoad($addD, $addR, [], []);
        $middle = $grid->fillFrom * $grid->columns;
        $k = $heat->k[$middle];
        $rhoC = $heat->joules[$middle] / $grid->m3[$middle];
        $T = $cells->T;
        $slab = Slab::withBiot(self::W_M2K * $deep / $k);
        foreach ([3600, 7200, 10800] as $seconds) {
            for ($t = $seconds - 3600; $t < $seconds; $t += (int) $step) {
                $T = $heat->alongZ($T, $heat->joules, $grid, $outline, $load, 0.0, $step);
            }
            $fourier = $k / $rhoC * $seconds / $deep ** 2;
            $left = $slab->c1 * exp(-$slab->zeta ** 2 * $fourier);
            // the tin below holds a fiftieth of the heat, which the slab does not know
            self::assertEqualsWithDelta($left, (30 - $T[$middle]) / 10, 0.03, "after $seconds s");
        }
    }

    /** @param  array<string, float>  $partsKg */
    private static function dish(array $partsKg): BakeInput
    {
        return new BakeInput(
            radiusMm: 120, lengthMm: null, crustMm: 0, isLined: false, hasWall: true, lidMm: 0, openShare: 0, tinMaterial: TinMaterial::ShinySteel,
            pastry: Pantry::food('shortcrust')->per100g, pastryKgPerM3: 1160, doughKind: DoughKind::Short, partsKg: $partsKg, toppingKg: null, startCelsius: 20,
            setsAtCelsius: null, toughDose: 7, liquidKg: 0, weep: new WeepPlaces, bindsKg: 0, runnyShare: 0, seal: Seal::None, underlay: Underlay::None,
            topGain: 1, topHalfWaterRatio: 1, shell: [], stages: [new Stage(180, OvenMode::Static, 30)], onSteel: false, safeCelsius: 74,
        );
    }
}
