<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Bake\BakeInput;
use Hojaldre\Core\Bake\CrustPaths;
use Hojaldre\Core\Bake\Grid;
use Hojaldre\Core\Bake\Material;
use Hojaldre\Core\Bake\Resolution;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Thermal;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Tests\RandomPie;
use PHPUnit\Framework\TestCase;

/** The half section in cells, and what they are made of. */
final class GridTest extends TestCase
{
    public function test_the_cells_of_a_round_pie_fill_the_cylinder_to_the_last_drop(): void
    {
        $input = self::of('deep fluted 23 cm, 180 °C weighted 11, sealed bare 3; eggs, cream, cooked onion; 180 °C');
        foreach ([Resolution::fine(), Resolution::coarse()] as $resolution) {
            $grid = self::filledTo($input, 0.03, $resolution);
            self::assertEqualsWithDelta(M_PI * ($input->radiusMm / 1000) ** 2, $grid->fillArea(), 1e-12);
            $filling = 0.0;
            foreach ($grid->kind as $cell => $kind) {
                $filling += $kind === Grid::FILLING || $kind === Grid::TOPPING ? $grid->m3[$cell] : 0.0;
            }
            self::assertEqualsWithDelta(0.03 * $grid->fillArea(), $filling, 1e-12);
            self::assertEqualsWithDelta(0.0035, array_sum(array_slice($grid->dz, 1, $grid->baseRows)), 1e-12, 'crust of 3.5 mm');
        }
    }

    public function test_an_oblong_pie_is_two_slabs_of_its_length(): void
    {
        $input = self::of('oblong 35 by 11 cm, 190 °C weighted 10, bare 12; eggs, cream, cultured cream, cheese, bacon; 190 °C');
        $grid = self::filledTo($input, 0.02);
        self::assertNotNull($input->lengthMm);
        self::assertEqualsWithDelta(2 * $input->radiusMm * $input->lengthMm * 1e-6, $grid->fillArea(), 1e-12);
        self::assertSame(1, count(array_unique(array_map(static fn (float $m): string => sprintf('%.9f', $m), $grid->around))), 'a slab is as long outside as inside');
    }

    public function test_cells_are_finest_at_the_edge_and_at_the_skin_whatever_the_grid(): void
    {
        $input = self::of('raw 4.5 mm crust 20 cm; eggs, cultured cream, fried vegetables; 180 °C');
        foreach ([Resolution::fine(), Resolution::coarse()] as $resolution) {
            $grid = self::filledTo($input, 0.03, $resolution);
            for ($i = 1; $i < $grid->fillColumns; $i++) {
                self::assertLessThanOrEqual($grid->dr[$i - 1] + 1e-12, $grid->dr[$i]);
            }
            self::assertSame([0.0008, 0.0005], array_slice($grid->dz, $grid->fillTo - 1, 2));
        }
    }

    public function test_a_very_thin_filling_keeps_its_depth_by_a_thinner_skin(): void
    {
        $grid = self::filledTo(self::of('raw 4.5 mm crust 20 cm; eggs, cultured cream, fried vegetables; 180 °C'), 0.003);
        self::assertEqualsWithDelta(0.003, array_sum(array_slice($grid->dz, $grid->fillFrom, $grid->fillTo - $grid->fillFrom + 1)), 1e-12);
        self::assertGreaterThan(0.0, min($grid->dz));
    }

    public function test_a_lid_is_as_thick_as_it_was_rolled_and_its_rows_thinnest_above(): void
    {
        $grid = self::filledTo(self::of('pot pie, 3 mm lid on a hot stew; 200 °C'), 0.03);
        $lid = array_slice($grid->dz, $grid->fillTo + 1);
        self::assertCount(4, $lid);
        self::assertEqualsWithDelta(0.003, array_sum($lid), 1e-12);
        $sorted = $lid;
        rsort($sorted);
        self::assertSame($sorted, $lid);
        $open = self::filledTo(self::of('raw 4.5 mm crust 20 cm; eggs, cultured cream, fried vegetables; 180 °C'), 0.03);
        self::assertSame($open->rows - 1, $open->fillTo);
        self::assertEqualsWithDelta([0.0045 / 3, 0.0006], [$open->dr[$open->fillColumns], $open->dr[$open->columns - 1]], 1e-12, 'three columns of crust and the wall of the tin');
        self::assertEqualsWithDelta([0.002, $open->fillArea()], [$open->dr[$open->fillColumns - 1], array_sum(array_slice($open->area, 0, $open->fillColumns))], 1e-9);
    }

    public function test_every_form_has_the_parts_it_has(): void
    {
        $has = static function (string $case): array {
            $input = self::of($case);
            $kinds = self::filledTo($input, 0.03)->kind;

            return [in_array(Grid::CRUST, $kinds, true), in_array(Grid::LID, $kinds, true), $input->hasWall];
        };
        self::assertSame([true, false, true], $has('raw 4.5 mm crust 20 cm; eggs, cultured cream, fried vegetables; 180 °C'));
        self::assertSame([true, true, true], $has('puff double crust 26 cm; eggs, cream, bacon; 180 °C'));
        self::assertSame([false, true, true], $has('pot pie, 3 mm lid on a hot stew; 200 °C'));
        self::assertSame([true, true, false], $has('pasty 20 cm, raw meat and roots; 200 °C'));
    }

    public function test_every_cell_of_pastry_lies_on_one_line_and_every_line_ends_at_the_filling_it_wets(): void
    {
        foreach (Practice::timed() as $name => [$pie]) {
            $grid = self::filledTo(BakeInputs::of(Weights::of($pie)), 0.03);
            foreach ([true, false] as $isShell) {
                $seen = [];
                foreach (CrustPaths::of($grid, $isShell)->all as [$cell, $stride, $count, , $fill]) {
                    for ($n = 0; $n < $count; $n++, $cell += $stride) {
                        self::assertContains($grid->kind[$cell], [Grid::CRUST, Grid::LID], $name);
                        $seen[] = $cell;
                    }
                    self::assertTrue($fill === -1 || in_array($grid->kind[$fill], [Grid::FILLING, Grid::TOPPING], true), $name);
                }
                self::assertSame(count($seen), count(array_unique($seen)), $name);
                $pastry = array_keys(array_filter($grid->kind, static fn (int $kind): bool => $kind === Grid::CRUST || (! $isShell && $kind === Grid::LID)));
                self::assertSame([], array_diff($pastry, $seen), "$name: water of every cell of pastry is followed");
            }
        }
    }

    public function test_what_is_baked_weighs_what_was_poured(): void
    {
        foreach (RandomPie::many(60, seed: 5) as $pie) {
            if (Weights::of($pie)->fillMm() < 2) {
                continue;
            }
            $salt = array_sum(array_map(static fn ($one): float => $one->grams(), $pie->seasonings));
            self::assertEqualsWithDelta(Weights::of($pie)->fillingGrams, BakeInputs::of(Weights::of($pie))->fillingKg() * 1000 * BakeInputs::units($pie), max(1.0, 0.02 * Weights::of($pie)->fillingGrams + $salt), $pie->name);
        }
    }

    public function test_a_material_has_the_properties_of_what_it_is_made_of(): void
    {
        // water alone: 4.18 kJ/kg K and 0.60 W/m K at 20 °C (docs/sources.md#choi-okos)
        self::assertEqualsWithDelta(4.18, Thermal::ofParts(['water' => 1.0, 'protein' => 0, 'fat' => 0, 'carbohydrate' => 0, 'fibre' => 0, 'ash' => 0], 20)->specificHeat() / 1000, 0.02);
        $dough = Pantry::food('shortcrust')->per100g->parts();
        $pastry = Material::of($dough, 1160);
        self::assertEqualsWithDelta(1160, $pastry->dry + $pastry->water, 1e-6);
        self::assertEqualsWithDelta($dough['water'] / array_sum($dough), $pastry->water / 1160, 1e-9);
        self::assertEqualsWithDelta($pastry->dry * (1 - $dough['fat'] / (array_sum($dough) - $dough['water'])), $pastry->solids, 1e-6, 'fat takes up no water');
        // a straight line through 20 and 120 °C: carbohydrate alone has 1585.7 J/kg K at 20 and 1698.8 at 120
        $starch = Material::of(['water' => 0.0, 'protein' => 0.0, 'fat' => 0.0, 'carbohydrate' => 1.0, 'fibre' => 0.0, 'ash' => 0.0], 1000);
        self::assertEqualsWithDelta([1585.7e3, 1698.8e3], [$starch->heat[0] + 20 * $starch->heat[1], $starch->heat[0] + 120 * $starch->heat[1]], 200);
        self::assertEqualsWithDelta([0.22743, 0.30553], [$starch->conducts[0] + 20 * $starch->conducts[1], $starch->conducts[0] + 120 * $starch->conducts[1]], 1e-4);
        self::assertEqualsWithDelta(1000 / 1592.9, $starch->volume, 1e-4);
    }

    private static function of(string $case): BakeInput
    {
        $pie = Practice::timed()[$case][0];
        self::assertInstanceOf(Pie::class, $pie);

        return BakeInputs::of(Weights::of($pie));
    }

    /** A grid whose filling is so deep. */
    private static function filledTo(BakeInput $input, float $metres, ?Resolution $resolution = null): Grid
    {
        $m2 = $input->lengthMm === null ? M_PI * $input->radiusMm ** 2 * 1e-6 : 2 * $input->radiusMm * $input->lengthMm * 1e-6;

        return Grid::of($input, $metres * $m2, $resolution ?? Resolution::fine());
    }
}
