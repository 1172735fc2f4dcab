<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Bake\Browning;
use Hojaldre\Core\Bake\Cells;
use Hojaldre\Core\Bake\CrustState;
use Hojaldre\Core\Bake\CrustWater;
use Hojaldre\Core\Bake\Doneness;
use Hojaldre\Core\Bake\FillingWater;
use Hojaldre\Core\Bake\FilmFrame;
use Hojaldre\Core\Bake\FilmStage;
use Hojaldre\Core\Bake\Grid;
use Hojaldre\Core\Bake\Heat;
use Hojaldre\Core\Bake\LidSteam;
use Hojaldre\Core\Bake\Outline;
use Hojaldre\Core\Bake\Resolution;
use Hojaldre\Core\Bake\Simulation;
use Hojaldre\Core\Bake\Surroundings;
use Hojaldre\Core\Bake\Vapour;
use Hojaldre\Core\Forecast\FilmField;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;

/** The formulas of docs/model.md, one at a time, on cells that were filled by hand and worked out by hand. */
final class CellFormulasTest extends CellsByHand
{
    public function test_dough_bakes_from_80_to_98_degrees(): void
    {
        self::assertSame([0.0, 0.0, 0.5, 1.0, 1.0], array_map(CrustState::bakedShare(...), [20.0, 80.0, 89.0, 98.0, 200.0]));
    }

    /** J = D dX: 2e-10 m2/s raw, 1.5e-9 baked, twice as fast at 75 °C, never slower than a fifth. Ten seconds over a row of 0.875 mm. */
    public function test_water_creeps_from_the_wet_row_of_a_base_to_the_dry_one(): void
    {
        $share = static fn (float $D): float => $D * 10 / self::BASE_ROW ** 2;
        foreach ([[20.0, 25.0, 2.0e-10], [200.0, 25.0, 1.5e-9], [89.0, 25.0, 0.85e-9], [20.0, 75.0, 4.0e-10], [20.0, -40.0, 0.4e-10]] as [$peak, $celsius, $D]) {
            $this->setUp();
            $this->fill('peak', Grid::CRUST, $peak);
            $this->fill('T', Grid::CRUST, $celsius);
            $this->cells->W[$this->cell(1)] = 100.0;
            $this->crust()->diffuse($this->cells, 10.0);
            self::assertEqualsWithDelta(100 * (1 - $share($D)), $this->cells->W[$this->cell(1)], 1e-9);
            self::assertEqualsWithDelta(100.0, array_sum($this->cells->W), 1e-9, 'none is lost');
        }
        // however long the step, no more than a quarter
        $this->cells->W[$this->cell(1)] = 100.0;
        $this->crust()->diffuse($this->cells, 1e7);
        self::assertEqualsWithDelta(75.0, $this->cells->W[$this->cell(1)], 0.5);
    }

    /** What lies on it gives 1e-4 kg/m2 s to raw pastry, 3e-4 to baked, less the fuller it is (0.75 and 1.5 to its solids); 1.2e-5 as vapour. */
    public function test_a_crust_takes_up_what_lies_on_it_and_less_the_fuller_it_is(): void
    {
        $of = function (float $peak, float $ratio, float $barrier, float $wets): float {
            $this->setUp();
            $this->fill('peak', Grid::CRUST, $peak);
            $this->fill('T', Grid::CRUST, 25.0);
            $this->fill('W', Grid::FILLING, 800.0);
            $inner = $this->cell($this->grid->baseRows);
            $this->cells->W[$inner] = $before = $ratio * $this->materials->solids[Grid::CRUST];
            $this->crust()->takeUp($this->cells, $this->joules(), array_fill(0, count($this->paths()->all), $wets), $barrier, 10.0);

            return ($this->cells->W[$inner] - $before) * self::BASE_ROW / 10;
        };
        $vapour = 1.2e-5 * 0.98;
        self::assertEqualsWithDelta(1e-4 + $vapour, $of(20, 0.0, 1.0, 1.0), 1e-9);
        self::assertEqualsWithDelta(3e-4 + $vapour, $of(200, 0.0, 1.0, 1.0), 1e-9);
        self::assertEqualsWithDelta(0.5e-4 + $vapour, $of(20, 0.0, 1.0, 0.5), 1e-9);
        self::assertEqualsWithDelta(0.42 * (1e-4 + $vapour), $of(20, 0.0, 0.42, 1.0), 1e-9);
        // a third of the way to full: X = 0.25 of 0.75 raw, a_w = 1 - exp(-11 x 0.25^1.1) = 0.9088
        self::assertEqualsWithDelta(1e-4 * 2 / 3 + 1.2e-5 * (0.98 - 0.9088), $of(20, 0.25, 1.0, 1.0), 2e-9);
        self::assertEqualsWithDelta(0.0, $of(20, 0.75, 1.0, 1.0), 1e-12, 'full, and wetter than what lies on it');
        // a_w of 0.75 is 0.9997
        self::assertEqualsWithDelta(1.5e-4 - 1.2e-5 * 0.0197, $of(200, 0.75, 1.0, 1.0), 2e-9, 'baked it is half full');
    }

    /** Through a gap of 1 mm/s from a wet underside of 80 °C: 47.4 kPa by the steam table, 291 g in a m3 by the gas law; the oven holds 8 kPa, 38 g. */
    public function test_an_underside_dries_through_the_gap_and_pays_for_it_in_heat(): void
    {
        $air = self::oven();
        $under = $this->cell(1);
        $this->cells->T[$under] = 80.0;
        $this->cells->W[$under] = $wet = 2.5 * $this->materials->solids[Grid::CRUST];
        $this->crust()->dryUnderside($this->cells, $this->joules(50.0), $air, 1e-3, 10.0);
        $kgPerM2 = 1e-3 * 10 * (0.2907 - 0.0383);
        self::assertEqualsWithDelta($kgPerM2 / self::BASE_ROW, $wet - $this->cells->W[$under], 0.03);
        $kg = ($wet - $this->cells->W[$under]) * $this->grid->m3[$under];
        self::assertEqualsWithDelta($kg, $this->cells->evaporatedKg, 1e-12);
        self::assertEqualsWithDelta(80 - 2.26e6 * $kg / 50.0, $this->cells->T[$under], 1e-6);
        self::assertEqualsWithDelta($kg * (2.26e6 + 4190 * 80), $this->cells->vapourJoules, 1e-6);
        // and a wide gap takes a quarter of its water at most
        $this->cells->T[$under] = 80.0;
        $this->cells->W[$under] = $wet;
        $this->crust()->dryUnderside($this->cells, $this->joules(1e9), $air, 10.0, 10.0);
        self::assertEqualsWithDelta(0.75 * $wet, $this->cells->W[$under], 1e-6);
    }

    /** dm = C (T - T_b) / L for water that is free: what is boiled off has taken the heat above boiling with it. Below leaves what the tin lets out. */
    public function test_what_boils_in_a_base_leaves_below_in_part_and_the_rest_climbs(): void
    {
        $wet = 2.5 * $this->materials->solids[Grid::CRUST];
        $under = $this->cell(1);
        $this->fill('W', Grid::CRUST, $wet);
        $this->fill('T', Grid::CRUST, 20.0);
        $boils = Vapour::boundBoilsAtCelsius(1.0);
        $this->cells->T[$under] = $boils + 4;
        $this->crust(boilsOutBelowShare: 0.3)->boil($this->cells, $this->joules(30.0));
        $kg = 30.0 * 4 / 2.26e6;
        self::assertEqualsWithDelta($boils, $this->cells->T[$under], 1e-6);
        self::assertEqualsWithDelta($wet - $kg / $this->grid->m3[$under], $this->cells->W[$under], 1e-6);
        self::assertEqualsWithDelta(0.3 * $kg, $this->cells->evaporatedKg, 1e-12);
        // the row above is cold and takes all that climbs, with its heat
        self::assertEqualsWithDelta($wet + 0.7 * $kg / $this->grid->m3[$under], $this->cells->W[$this->cell(2)], 1e-6);
        self::assertEqualsWithDelta(20 + 0.7 * $kg * 2.26e6 / 30.0, $this->cells->T[$this->cell(2)], 1e-6);
    }

    public function test_dry_pastry_boils_hotter_and_only_half_of_its_water_in_a_step(): void
    {
        $under = $this->cell(1);
        $this->cells->W[$under] = 0.1 * $this->materials->solids[Grid::CRUST];
        $boils = Vapour::boundBoilsAtCelsius(Vapour::activityShare(0.1));
        $this->cells->T[$under] = $boils - 1;
        $before = $this->cells->W[$under];
        $this->crust()->boil($this->cells, $this->joules(30.0));
        self::assertSame($before, $this->cells->W[$under], 'not hot enough for how dry it is');
        $this->cells->T[$under] = $boils + 90;
        $this->crust()->boil($this->cells, $this->joules(1e6));
        self::assertEqualsWithDelta($before / 2, $this->cells->W[$under], 1e-9);
    }

    /** 1/480 of what is left each second above 80 °C, half as fast at 70, nothing below 60. */
    public function test_solids_let_go_from_60_degrees_up(): void
    {
        foreach ([[60.0, 0.0], [70.0, 0.5], [80.0, 1.0], [95.0, 1.0]] as [$celsius, $eager]) {
            $this->setUp();
            $this->fill('T', Grid::FILLING, $celsius);
            $this->filling()->release($this->cells, 48.0);
            self::assertEqualsWithDelta(0.1 * $eager, $this->cells->released[$this->cell($this->grid->fillFrom)], 1e-9, "$celsius °C");
        }
        $this->filling()->release($this->cells, 48.0);
        self::assertEqualsWithDelta(0.1 + 0.9 * 0.1, $this->cells->released[$this->cell($this->grid->fillFrom)], 1e-9);
    }

    /** Loose water wets by w / (w + 30); before it sets a custard runs, after it a gel lets 0.05 go of its own. */
    public function test_a_set_custard_wets_less_than_a_runny_one_and_loose_water_wets_either(): void
    {
        $sets = (float) $this->input->setsAtCelsius;
        $runny = $this->input->runnyShare;
        $of = function (float $peak, float $loose): float {
            $this->fill('peak', Grid::FILLING, $peak);

            return $this->filling()->wets($this->cells, $loose)[0];
        };
        self::assertEqualsWithDelta(max($runny, 0.5), $of(20, 30.0), 1e-9);
        self::assertEqualsWithDelta($runny, $of(20, 0.0), 1e-9);
        self::assertEqualsWithDelta(0.05, $of($sets, 0.0), 1e-9);
        self::assertEqualsWithDelta(0.05 + 0.75, $of($sets, 90.0), 1e-9);
        self::assertEqualsWithDelta((max($runny, 0.5) + 0.55) / 2, $of($sets - 3, 30.0), 1e-9, 'half set');
    }

    /** 3.7e-10 m2/s between the middles of two rows; nothing is lost on the way. */
    public function test_water_moves_up_into_a_drying_skin(): void
    {
        $top = $this->cell($this->grid->fillTo);
        $this->fill('W', Grid::FILLING, 800.0);
        $this->fill('W', Grid::TOPPING, 800.0);
        $this->cells->W[$top] = 300.0;
        $before = $this->water();
        $this->filling()->feedSkin($this->cells, 10.0);
        // rows of 0.5 and 0.8 mm: their middles lie 0.65 mm apart
        self::assertEqualsWithDelta(300 + 3.7e-10 * 10 / 0.00065 * 500 / 0.0005, $this->cells->W[$top], 1e-6);
        self::assertEqualsWithDelta($before, $this->water(), 1e-12);
    }

    /**
     * dB/dt = 1.12e-3 exp(-E/R (1/T - 1/423)) gain / (1 + (X/X0)^2), at 423 K one: 0.112 in a hundred seconds for plain dry pastry.
     * Against metal twice that, on the rim 1.15 times; at X0 = 0.12 half; with 48 kJ/mol 1.31 times as fast at 433 K.
     */
    public function test_pastry_browns_by_how_hot_and_how_dry_it_is(): void
    {
        $hot = 423 - Vapour::KELVIN;
        $of = function (float $celsius, float $ratio): array {
            $this->setUp();
            $this->fill('T', Grid::CRUST, $celsius);
            $this->fill('W', Grid::CRUST, $ratio * $this->materials->solids[Grid::CRUST]);
            $this->cells->T[0] = $celsius;
            (new Browning($this->grid, $this->materials, $this->input))->brown($this->cells, Outline::ofShell($this->grid), array_fill(0, count($this->cells->T), 0.3), $celsius, 100.0);

            return [$this->cells->rimBrown, $this->cells->baseBrown, $this->cells->insideBrown];
        };
        self::assertEqualsWithDelta([0.112 * 1.15, 0.224, 0.224], $of($hot, 0.0), 1e-6);
        self::assertEqualsWithDelta([0.056 * 1.15, 0.112, 0.112], $of($hot, 0.12), 1e-6);
        self::assertEqualsWithDelta([0.112 * 1.15 / 5, 0.224 / 5, 0.224 / 5], $of($hot, 0.24), 1e-6);
        self::assertEqualsWithDelta(0.224 * exp(48000 / 8.314 * (1 / 423 - 1 / 433)), $of($hot + 10, 0.0)[1], 1e-6);
        self::assertSame([0.0, 0.0, 0.0], $of(89.0, 0.0));
    }

    /** k (1 - e)^2.2 with 4 % of air raw and 25 baked; 4190 J/kg K for the water; the floor takes convection and radiation, steel 80 W/m2 K. */
    public function test_pastry_that_has_baked_conducts_less_and_water_holds_heat(): void
    {
        $heat = new Heat($this->grid, $this->materials);
        $inner = $this->cell($this->grid->baseRows);
        $raw = $heat->conductances($this->cells, self::oven(), Outline::ofPie($this->grid), 0.0);
        $this->fill('peak', Grid::CRUST, 200.0);
        $this->cells->W[$inner] = 10.0;
        $baked = $heat->conductances($this->cells, self::oven(), Outline::ofPie($this->grid), 0.0);
        $below = $this->cell($this->grid->baseRows - 1);
        self::assertEqualsWithDelta((0.75 / 0.96) ** 2.2, $baked->k[$below] / $raw->k[$below], 1e-9);
        self::assertEqualsWithDelta(10 * 4190 * $this->grid->m3[$inner], $baked->joules[$inner] - $raw->joules[$inner], 1e-9);
        self::assertEqualsWithDelta(3.7e6 * $this->grid->m3[0], $raw->joules[0], 1e-9);
        // dark steel of 20 °C: 7 W/m2 K, and 0.85 x 0.95 of 5.67e-8 (453.15^2 + 293.15^2)(453.15 + 293.15)
        $h = 7 + 0.85 * 0.95 * 5.67e-8 * (453.15 ** 2 + 293.15 ** 2) * (453.15 + 293.15);
        self::assertEqualsWithDelta($h * $this->grid->area[0], $raw->below[0], 1e-6);
        $steel = (new Heat($this->grid, $this->materials, 1.2))->conductances($this->cells, self::oven(steel: true), Outline::ofPie($this->grid), 0.0);
        self::assertEqualsWithDelta(1.2 * 80 * $this->grid->area[0], $steel->below[0], 1e-9);
    }

    /** Two minutes at 70 °C are two; at 77.5 they are twenty. The two rows of skin do not count as the coldest. */
    public function test_the_coldest_of_the_inside_decides_what_is_killed_and_the_middle_over_cooks_by_the_minute(): void
    {
        foreach ([[70.0, 2.0], [77.5, 20.0], [44.0, 0.0]] as [$celsius, $minutes]) {
            $this->setUp();
            $this->fill('T', Grid::FILLING, $celsius);
            foreach ([$this->grid->fillTo, $this->grid->fillTo - 1] as $skin) {
                $this->cells->T[$this->cell($skin)] = 15.0;
            }
            $coldest = $this->cell($this->grid->fillFrom + 4, 2);
            $this->cells->T[$coldest] -= 1e-6;
            [$cold, $where] = Doneness::cook($this->cells, $this->grid, 78.0, null, 120.0);
            self::assertEqualsWithDelta($celsius, $cold, 1e-5);
            self::assertSame($coldest, $where);
            self::assertEqualsWithDelta($minutes, $this->cells->lethalMinutes, 1e-4);
        }
        $this->setUp();
        $this->fill('T', Grid::FILLING, 87.0);
        Doneness::cook($this->cells, $this->grid, 78.0, null, 60.0);
        self::assertEqualsWithDelta(0.125, $this->cells->dose[$this->cell($this->grid->fillFrom)], 1e-6, 'as the formula of a minute');
        self::assertSame(87.0, $this->cells->peak[$this->cell($this->grid->fillFrom)]);
    }

    public function test_steam_under_a_lid_takes_its_heat_along_and_stops_when_both_are_as_warm(): void
    {
        $this->cut('pot pie, 3 mm lid on a hot stew; 200 °C');
        $steam = new LidSteam($this->grid, $this->paths(), $this->materials);
        $under = $this->cell($this->grid->fillTo + 1);
        $stew = $this->cell($this->grid->fillTo);
        $this->fill('W', Grid::FILLING, 700.0);
        $this->fill('W', Grid::LID, 300.0);
        $this->fill('T', Grid::FILLING, 85.0);
        $before = $this->water();
        $steam->exchange($this->cells, $this->joules(40.0), 0.5);
        $kg = ($this->cells->W[$under] - 300) * $this->grid->m3[$under];
        self::assertGreaterThan(0.0, $kg);
        self::assertEqualsWithDelta($before, $this->water(), 1e-12);
        self::assertEqualsWithDelta([85 - 2.26e6 * $kg / 40, 20 + 2.26e6 * $kg / 40], [$this->cells->T[$stew], $this->cells->T[$under]], 1e-6);
        $this->fill('T', Grid::FILLING, 60.0);
        $this->fill('T', Grid::LID, 60.0);
        $still = $this->cells->W;
        $steam->exchange($this->cells, $this->joules(40.0), 20.0);
        self::assertSame($still, $this->cells->W);
    }

    public function test_a_film_tells_whole_degrees_per_cents_and_how_far_a_place_is_set(): void
    {
        $cell = $this->cell($this->grid->fillFrom);
        $this->cells->T[$cell] = 71.6;
        $result = Simulation::run($this->input, resolution: Resolution::coarse());
        $told = function (float $peak, float $dose, ?float $sets = 78.0) use ($cell): int {
            [$this->cells->peak[$cell], $this->cells->dose[$cell]] = [$peak, $dose];

            return FilmField::setPercents(FilmFrame::of(FilmStage::Bake, 1.0, $this->cells), $sets)[$cell];
        };
        self::assertSame(72, FilmField::celsius(FilmFrame::of(FilmStage::Bake, 1.0, $this->cells))[$cell]);
        // half set three kelvins before; set; over-cooked ten times, a hundred times and beyond
        self::assertSame([0, 50, 100, 100, 150, 200, 200, 0], [$told(20, 0), $told(75, 0), $told(78, 0), $told(90, 1.0), $told(90, 10.0), $told(90, 100.0), $told(90, 1e6), $told(90, 0, null)]);
        // shares of water: on the grid of that bake
        $cells = new Cells(count($result->grid->kind), $result->grid->columns);
        $there = $result->grid->fillFrom * $result->grid->columns;
        $cells->W[$there] = 3 * $result->materials->solids[Grid::FILLING];
        $percents = FilmField::waterPercents(FilmFrame::of(FilmStage::Bake, 1.0, $cells), $result);
        self::assertSame([75, 0], [$percents[$there], $percents[0]]);
    }

    private static function oven(bool $shield = false, bool $steel = false): Surroundings
    {
        return Surroundings::oven(180, OvenMode::Static, Rack::Middle, false, $shield, $steel);
    }

    private function crust(float $boilsOutBelowShare = 0.15): CrustWater
    {
        return new CrustWater($this->grid, $this->paths(), $this->materials, $boilsOutBelowShare);
    }

    private function filling(): FillingWater
    {
        return new FillingWater($this->grid, $this->paths(), $this->materials, $this->input);
    }

    /** @return array<int, float> J/K of each cell, all alike */
    private function joules(float $each = 100.0): array
    {
        return array_fill(0, count($this->cells->T), $each);
    }

    /** kg in all cells */
    private function water(): float
    {
        return (float) array_sum(array_map(static fn (float $w, float $m3): float => $w * $m3, $this->cells->W, $this->grid->m3));
    }
}
