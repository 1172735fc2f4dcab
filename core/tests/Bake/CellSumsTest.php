<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Bake\CellSums;
use Hojaldre\Core\Bake\Grid;
use Hojaldre\Core\Bake\Vapour;

/** Sums over cells that were filled by hand, so that their answer is known without them. */
final class CellSumsTest extends CellsByHand
{
    private CellSums $sums;

    protected function setUp(): void
    {
        parent::setUp();
        $this->sums = new CellSums($this->grid, $this->materials);
    }

    public function test_a_filling_that_is_evenly_warmer_upwards_has_the_mean_of_its_half_height(): void
    {
        foreach ($this->heights() as $cell => $mm) {
            $this->cells->T[$cell] = 20 + 2 * $mm;
        }
        self::assertEqualsWithDelta(20 + 2 * 15, $this->sums->fillingCelsius($this->cells), 1e-9);
    }

    public function test_the_middle_is_what_lies_within_six_tenths_of_the_radius_and_neither_low_nor_high(): void
    {
        foreach ($this->heights() as $cell => $mm) {
            $isMiddle = $mm >= 0.2 * 30 && $mm <= 0.8 * 30 && $this->radiusMm($cell) <= 0.6 * $this->input->radiusMm;
            $this->cells->dose[$cell] = $isMiddle ? 4.0 : 1000.0;
            $this->cells->T[$cell] = $isMiddle ? 60.0 : 100.0;
        }
        self::assertEqualsWithDelta(4.0, $this->sums->middleDose($this->cells), 1e-9);
        self::assertLessThan(0.1, $this->sums->middleRate($this->cells, 80.0), 'the middle is cool, whatever the rim is');
    }

    public function test_what_left_early_and_what_has_set_count_by_volume(): void
    {
        $upper = 0.0;
        foreach ($this->heights() as $cell => $mm) {
            $this->cells->early[$cell] = $mm > 15 ? 1.0 : 0.0;
            $upper += $mm > 15 ? $this->grid->m3[$cell] : 0.0;
        }
        $share = $upper / (0.03 * $this->grid->fillArea());
        self::assertEqualsWithDelta(0.5, $share, 0.1, 'about half of it lies above the half');
        self::assertEqualsWithDelta($share, $this->sums->earlyShare($this->cells), 1e-9);
        self::assertEqualsWithDelta($share, $this->sums->fillingShare($this->cells->early, 1.0), 1e-9);
        self::assertSame(0.0, $this->sums->fillingShare($this->cells->early, 1.1));
    }

    public function test_the_outer_half_of_a_base_is_read_alone_and_its_per_cent_over_the_whole(): void
    {
        $solids = $this->materials->solids[Grid::CRUST];
        for ($j = 1; $j <= $this->grid->baseRows; $j++) {
            for ($i = 0; $i < $this->grid->fillColumns; $i++) {
                $this->cells->W[$j * $this->grid->columns + $i] = ($j <= $this->grid->baseRows / 2 ? 0.2 : 0.6) * $solids;
            }
        }
        self::assertEqualsWithDelta(0.2, $this->sums->baseRatio($this->cells), 1e-9);
        $water = 0.4 * $solids;
        self::assertEqualsWithDelta(100 * $water / ($water + $this->materials->pastry->dry), $this->sums->basePercent($this->cells), 1e-9);
        self::assertEqualsWithDelta(3.5 / 2, $this->sums->soakMm($this->cells), 1e-9, 'half of a crust of 3.5 mm is wet through');
    }

    public function test_a_base_is_baked_where_its_inner_face_was_hot_and_by_area(): void
    {
        $inner = 0.0;
        for ($i = 0; $i < $this->grid->fillColumns; $i++) {
            $isHot = $i >= 3;
            $this->cells->peak[$this->grid->baseRows * $this->grid->columns + $i] = $isHot ? 150.0 : 20.0;
            $inner += $isHot ? 0.0 : $this->grid->area[$i];
        }
        self::assertEqualsWithDelta(1 - $inner / $this->grid->fillArea(), $this->sums->baseBakedShare($this->cells), 1e-9);
    }

    public function test_water_and_heat_are_those_of_the_cells_together(): void
    {
        $cell = array_key_first($this->heights());
        $this->cells->W[$cell] = 500.0;
        self::assertEqualsWithDelta(500 * $this->grid->m3[$cell], $this->sums->waterKg($this->cells), 1e-12);
        $dry = $this->sums->heatJoules($this->cells);
        $this->cells->W[$cell] = 600.0;
        self::assertEqualsWithDelta($dry + 100 * $this->grid->m3[$cell] * Vapour::WATER_JOULES_PER_KG_KELVIN * 20, $this->sums->heatJoules($this->cells), 1e-6);
    }

    /** @return array<int, float> of each cell of the filling, mm from its bottom to the middle of the cell */
    private function heights(): array
    {
        $heights = [];
        $under = 0.0;
        for ($j = $this->grid->fillFrom; $j <= $this->grid->fillTo; $j++) {
            for ($i = 0; $i < $this->grid->fillColumns; $i++) {
                $heights[$j * $this->grid->columns + $i] = ($under + $this->grid->dz[$j] / 2) * 1000;
            }
            $under += $this->grid->dz[$j];
        }

        return $heights;
    }

    /** From the axis to the middle of the cell. */
    private function radiusMm(int $cell): float
    {
        $column = $cell % $this->grid->columns;

        return (array_sum(array_slice($this->grid->dr, 0, $column)) + $this->grid->dr[$column] / 2) * 1000;
    }
}
