<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\BakeInput;
use Hojaldre\Core\Bake\CellMaterials;
use Hojaldre\Core\Bake\Cells;
use Hojaldre\Core\Bake\FaceLoad;
use Hojaldre\Core\Bake\Grid;
use Hojaldre\Core\Bake\Heat;
use Hojaldre\Core\Bake\Melting;
use Hojaldre\Core\Bake\Outline;
use Hojaldre\Core\Bake\Resolution;
use Hojaldre\Core\Bake\Simulation;
use Hojaldre\Core\Bake\Surroundings;
use Hojaldre\Core\Bake\WeepPlaces;
use Hojaldre\Core\Food\DoughKind;
use Hojaldre\Core\Food\Freezing;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\Verdict;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Oven\TinMaterial;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\Underlay;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\PieFile\PieFile;
use PHPUnit\Framework\TestCase;

/** Pies that go into the oven frozen. */
final class FrozenTest extends TestCase
{
    private const AIR_WATTS = 25.0;

    private const DEEP = 0.04;

    private const FREEZER = -18.0;

    /** Common practice, no source: from frozen it takes a third to a half longer. */
    public function test_from_the_freezer_it_takes_a_third_to_two_thirds_longer(): void
    {
        foreach (['pasty 20 cm, raw meat and roots; 200 °C', 'small hand pie 12 cm, cold cooked filling; 220 °C', 'chicken and leek, double crust 24 cm, cold thick filling; 200 °C'] as $name) {
            [$pie] = Practice::timed()[$name];
            $safe = static fn (float $celsius): float => Simulation::run(BakeInputs::of(Weights::of(self::from($pie, $celsius))))->minute(BakeEvent::Safe);
            $longer = $safe(-18.0) / $safe(5.0);
            self::assertGreaterThan(1.25, $longer, $name);
            self::assertLessThan(1.75, $longer, $name);
        }
    }

    public function test_a_raw_pasty_from_the_freezer_is_not_called_safe_at_the_time_of_a_fresh_one(): void
    {
        [$pasty] = Practice::timed()['pasty 20 cm, raw meat and roots; 200 °C'];
        $fresh = Forecast::of(self::from($pasty, 5.0))->reading(ReadingName::Safe);
        self::assertNotNull($fresh?->high);
        $frozen = self::from($pasty, -18.0)->withBake($pasty->bake->withMinutes($fresh->high + 1));
        self::assertSame(Verdict::NotYetSafe, Forecast::of($frozen)->reading(ReadingName::Safe)?->verdict);
    }

    public function test_its_water_and_its_heat_with_the_ice_are_accounted_for(): void
    {
        [$pasty] = Practice::timed()['pasty 20 cm, raw meat and roots; 200 °C'];
        $result = Simulation::run(BakeInputs::of(Weights::of(self::from($pasty, -18.0))));
        self::assertLessThan(1e-10, $result->massErrorShare);
        self::assertLessThan(0.02, $result->energyErrorShare);
    }

    /**
     * Plank's time for a slab that changes state at its freezing point, heated on one face with the other shut (a handbook formula of
     * refrigeration): t = rho L / (T_air - T_f) (a / h + a2 / 2k), a the thickness. Ours melts over a range and has to be warmed up to it
     * and a little beyond, so that it takes somewhat longer, never less.
     */
    public function test_a_frozen_slab_thaws_in_planks_time_and_a_little_more(): void
    {
        $input = self::dish();
        $materials = new CellMaterials($input);
        $grid = Grid::of($input, self::DEEP * M_PI * 0.12 ** 2, Resolution::fine());
        $cells = new Cells($grid->rows * $grid->columns, $grid->columns);
        $cells->W = array_map(static fn (int $kind): float => $kind === Grid::TIN ? 0.0 : $materials->filling->water, $grid->kind);
        $cells->T = array_fill(0, count($grid->kind), self::FREEZER);
        $outline = Outline::ofPie($grid);
        $melting = new Melting($grid, $materials);
        $heat = new Heat($grid, $materials, fromBelowFactor: 0.0);
        $middle = $grid->fillFrom * $grid->columns;
        $air = 20.0;
        [$seconds, $step, $k] = [0.0, 20.0, 0.0];
        while ($cells->T[$middle] < Freezing::POINT_CELSIUS + 0.1 && $seconds < 200_000) {
            $conducts = $heat->conductances($cells, Surroundings::room(), $outline, 0.0);
            $k = $conducts->k[$grid->fillTo * $grid->columns];
            $addD = $addR = [];
            for ($i = 0; $i < $grid->columns; $i++) {
                $cell = $outline->top[$i] * $grid->columns + $i;
                $h = self::AIR_WATTS / (1 + self::AIR_WATTS * $grid->dz[$grid->rows - 1] / (2 * $conducts->k[$cell]));
                $addD[] = $grid->area[$i] * $h;
                $addR[] = $grid->area[$i] * $h * $air;
            }
            $joules = $conducts->joules;
            $times = $melting->times($cells, $joules);
            $counted = $joules;
            foreach ($times as $c => $factor) {
                $counted[$c] *= $factor;
            }
            $T = $conducts->alongZ($cells->T, $counted, $grid, $outline, new FaceLoad($addD, $addR, [], []), 0.0, $step);
            foreach ($times as $c => $factor) {
                $T[$c] = $grid->kind[$c] === Grid::TIN ? $T[$c] : $melting->warmed($cells, $c, $joules[$c], $factor * $joules[$c] * ($T[$c] - $cells->T[$c]));
            }
            $cells->T = $T;
            $seconds += $step;
        }
        $latent = Freezing::LATENT_JOULES_PER_KG * Freezing::iceShare(self::FREEZER) * Freezing::freezable($materials->filling->water, $materials->filling->solids);
        $plank = $latent / ($air - Freezing::POINT_CELSIUS) * (self::DEEP / self::AIR_WATTS + self::DEEP ** 2 / (2 * $k));
        self::assertGreaterThan(1.0, $seconds / $plank);
        self::assertLessThan(1.35, $seconds / $plank);
    }

    private static function from(Pie $pie, float $celsius): Pie
    {
        $document = (array) json_decode(PieFile::write($pie), true);
        foreach (array_keys($document['layers']) as $i) {
            $document['layers'][$i]['fromCelsius'] = $celsius;
        }

        return PieFile::fromDocument($document);
    }

    private static function dish(): BakeInput
    {
        return new BakeInput(
            radiusMm: 120, lengthMm: null, crustMm: 0, isLined: false, hasWall: true, lidMm: 0, openShare: 0, tinMaterial: TinMaterial::ShinySteel,
            pastry: Pantry::food('shortcrust')->per100g, pastryKgPerM3: 1160, doughKind: DoughKind::Short,
            partsKg: ['water' => 0.75, 'protein' => 0.1, 'fat' => 0.05, 'carbohydrate' => 0.08, 'fibre' => 0.01, 'ash' => 0.01], toppingKg: null, startCelsius: -4,
            setsAtCelsius: null, toughDose: 7, liquidKg: 0, weep: new WeepPlaces, bindsKg: 0, runnyShare: 0, seal: Seal::None, underlay: Underlay::None,
            topGain: 1, topHalfWaterRatio: 1, shell: [], stages: [new Stage(180, OvenMode::Static, 30)], onSteel: false, safeCelsius: 74,
        );
    }
}
