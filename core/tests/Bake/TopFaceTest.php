<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Bake\FaceLoad;
use Hojaldre\Core\Bake\Grid;
use Hojaldre\Core\Bake\Outline;
use Hojaldre\Core\Bake\Surroundings;
use Hojaldre\Core\Bake\TopFace;
use Hojaldre\Core\Bake\Vapour;
use Hojaldre\Core\Bake\Weighting;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;

/** What reaches the face that looks up, and what dries off it, worked out by hand. */
final class TopFaceTest extends CellsByHand
{
    /** h = 8.5 W/m2 K by convection and 12.1 by radiation between 180 and 60 °C; half of a row's own resistance lies before it. */
    public function test_heat_reaches_the_top_by_convection_and_radiation_through_half_a_cell(): void
    {
        $air = self::oven();
        $h = 8.5 + 0.9 * 0.95 * 5.67e-8 * (453.15 ** 2 + 333.15 ** 2) * (453.15 + 333.15);
        $this->cells->T = array_fill(0, count($this->cells->T), 60.0);
        $load = $this->load($air, Outline::ofPie($this->grid), 0.5);
        $wall = $this->grid->columns - 1;
        $effective = $h / (1 + $h * $this->grid->dz[$this->grid->rows - 1] / (2 * 0.5));
        self::assertEqualsWithDelta($effective * $this->grid->area[$wall], $load->addD[$wall], 1e-3 * $load->addD[$wall]);
        self::assertEqualsWithDelta(180 * $load->addD[$wall], $load->addR[$wall], 1e-9);
        self::assertSame(0.0, $load->m[$wall], 'a tin does not dry');
        // dry pastry gives nothing and draws steam from the oven, by half of h_c / 800 and 38 g in a m3
        $rim = $this->grid->fillColumns;
        self::assertLessThan(0.0, $load->m[$rim]);
        $shell = $this->load($air, Outline::ofShell($this->grid), 1e9);
        $this->fill('W', Grid::CRUST, 2.5 * $this->materials->solids[Grid::CRUST]);
        // of wet pastry at 60 °C 130 g in a m3; an empty shell shades its inside by a quarter
        $shell = $this->load($air, Outline::ofShell($this->grid), 1e9);
        $dries = $air->convectionAbove / 800 * 0.5 * (0.1302 - 0.0383);
        self::assertEqualsWithDelta($dries, $shell->m[$rim], 0.01 * $dries);
        self::assertEqualsWithDelta(0.75 * $dries, $shell->m[0], 0.01 * $dries);
    }

    /** Saturated vapour has 19.94 kPa at 60 °C, 20.88 at 61 (steam table, from memory), by the gas law 129.7 and 135.4 g a m3: half of h_c / 800 of it dries off wet pastry. */
    public function test_drying_takes_its_heat_from_the_face_and_rises_with_it(): void
    {
        $air = self::oven();
        $rim = $this->grid->fillColumns;
        $this->fill('W', Grid::CRUST, 2.5 * $this->materials->solids[Grid::CRUST]);
        $this->fill('T', Grid::CRUST, 60.5);
        $load = $this->load($air, Outline::ofShell($this->grid), 1e9);
        $transfer = 8.5 / 800 * 0.5;
        self::assertEqualsWithDelta($transfer * (0.13255 - 0.0383), $load->m[$rim], 0.01 * $load->m[$rim]);
        self::assertEqualsWithDelta($transfer * 0.0057, $load->slope[$rim], 0.03 * $load->slope[$rim]);
        $h = 8.5 + 0.9 * 0.95 * 5.67e-8 * (453.15 ** 2 + 333.65 ** 2) * (453.15 + 333.65);
        self::assertEqualsWithDelta($this->grid->area[$rim] * ($h + 2.26e6 * $load->slope[$rim]), $load->addD[$rim], 1e-4 * $load->addD[$rim]);
        self::assertEqualsWithDelta($this->grid->area[$rim] * ($h * 180 + 2.26e6 * ($load->slope[$rim] * 60.5 - $load->m[$rim])), $load->addR[$rim], 1e-4 * $load->addR[$rim]);
        // in a long step pastry that is no longer wet gets drier and gives less
        $this->fill('W', Grid::CRUST, 0.1 * $this->materials->solids[Grid::CRUST]);
        $now = (new TopFace($this->grid, $this->materials))->load($this->cells, $air, Outline::ofShell($this->grid), array_fill(0, count($this->cells->T), 1.0), 180.0, 1e-3)->m[$rim];
        $long = (new TopFace($this->grid, $this->materials))->load($this->cells, $air, Outline::ofShell($this->grid), array_fill(0, count($this->cells->T), 1.0), 180.0, 60.0)->m[$rim];
        [, $rises] = Vapour::activityAndRise(0.1);
        $row = $this->grid->dz[$this->grid->fillTo];
        self::assertEqualsWithDelta($now / (1 + $transfer * 0.13255 * $rises / $this->materials->solids[Grid::CRUST] * 60 / $row), $long, 0.01 * $now);
        self::assertLessThan(0.9 * $now, $long);
    }

    /** What dries off in a step leaves the topmost cells, nine tenths of their water at most. */
    public function test_what_dries_leaves_the_topmost_cells(): void
    {
        $outline = Outline::ofPie($this->grid);
        $top = $this->cell($this->grid->rows - 1);
        $this->cells->W[$top] = 800.0;
        $one = static fn (float $first, int $count): array => [$first, ...array_fill(0, $count - 1, 0.0)];
        $tops = array_fill(0, $this->grid->columns, 24.0);
        $load = new FaceLoad([], [], $one(1e-3, $this->grid->columns), $one(1e-4, $this->grid->columns));
        (new TopFace($this->grid, $this->materials))->dry($this->cells, $tops, $outline, $load, 20.0);
        // 1e-3 and 4 K of 1e-4 for twenty seconds, of a skin of half a millimetre
        self::assertEqualsWithDelta(800 - 1.4e-3 * 20 / 0.0005, $this->cells->W[$top], 1e-9);
        self::assertEqualsWithDelta(1.4e-3 * 20 * $this->grid->area[0], $this->cells->evaporatedKg, 1e-12);
        self::assertEqualsWithDelta($this->cells->evaporatedKg * 4190 * 24, $this->cells->vapourJoules, 1e-9);
        (new TopFace($this->grid, $this->materials))->dry($this->cells, $tops, $outline, new FaceLoad([], [], $one(1.0, $this->grid->columns), $one(0.0, $this->grid->columns)), 20.0);
        self::assertEqualsWithDelta(0.1 * (800 - 56), $this->cells->W[$top], 1e-9);
    }

    public function test_a_shield_keeps_the_oven_off_the_rim_alone(): void
    {
        $bare = $this->load(self::oven(), Outline::ofPie($this->grid), 1e9);
        $shielded = $this->load(self::oven(shield: true), Outline::ofPie($this->grid), 1e9);
        $rim = $this->grid->fillColumns;
        self::assertEqualsWithDelta(0.4 * $bare->m[$rim], $shielded->m[$rim], 1e-9);
        self::assertSame([$bare->addD[0], $bare->addD[$this->grid->columns - 1]], [$shielded->addD[0], $shielded->addD[$this->grid->columns - 1]]);
    }

    /** Weights give 30 W/m2 K to the crust; 9 kJ/m2 K of them take 0.6 of 22 W/m2 K from the oven; under them dries 0.3. */
    public function test_weights_warm_the_crust_and_are_warmed_by_the_oven(): void
    {
        $grid = $this->grid;
        $this->cells->weightsCelsius = 100.0;
        $this->fill('T', Grid::CRUST, 40.0);
        $plain = new FaceLoad(array_fill(0, $grid->columns, 1.0), array_fill(0, $grid->columns, 2.0), array_fill(0, $grid->columns, 1e-4), array_fill(0, $grid->columns, 1e-6));
        $load = (new Weighting($grid))->on($plain, $this->cells, Outline::ofShell($grid), 180.0, 20.0);
        self::assertEqualsWithDelta(30 * $grid->area[0], $load->addD[0], 1e-12);
        self::assertEqualsWithDelta($grid->area[0] * (30 * 100 - 2.26e6 * 0.3e-4), $load->addR[0], 1e-9);
        self::assertEqualsWithDelta(0.3e-4, $load->m[0], 1e-12);
        self::assertSame([1.0, 2.0, 1e-4], [$load->addD[$grid->fillColumns], $load->addR[$grid->fillColumns], $load->m[$grid->fillColumns]], 'the rim stands free');
        self::assertEqualsWithDelta(100 + 20 * (30 * (40 - 100) + 0.6 * 22 * 80) / 9000, $this->cells->weightsCelsius, 1e-9);
    }

    private static function oven(bool $shield = false): Surroundings
    {
        return Surroundings::oven(180, OvenMode::Static, Rack::Middle, false, $shield, false);
    }

    private function load(Surroundings $air, Outline $outline, float $k): FaceLoad
    {
        return (new TopFace($this->grid, $this->materials))->load($this->cells, $air, $outline, array_fill(0, count($this->cells->T), $k), 180.0, 1e-3);
    }
}
