<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\Boiling;
use Hojaldre\Core\Bake\CellSums;
use Hojaldre\Core\Bake\Conductances;
use Hojaldre\Core\Bake\EventWatch;
use Hojaldre\Core\Bake\FaceLoad;
use Hojaldre\Core\Bake\Grid;
use Hojaldre\Core\Bake\Outline;
use Hojaldre\Core\Bake\Vapour;
use PHPUnit\Framework\Attributes\TestWith;

/** One implicit step of heat: what comes out satisfies the equations that it was to solve. And what is read off step by step. */
final class HeatStepTest extends CellsByHand
{
    private const SECONDS = 20.0;

    #[TestWith([false])]
    #[TestWith([true])]
    public function test_along_a_column_each_cell_warms_by_what_its_neighbours_and_the_faces_give_it(bool $isShell): void
    {
        $grid = $this->grid;
        $outline = $isShell ? Outline::ofShell($grid) : Outline::ofPie($grid);
        [$C, $up, , $below] = $this->conducts();
        $load = new FaceLoad($this->some($grid->columns, 0.2), $this->some($grid->columns, 30.0), [], []);
        $T = $this->some(count($grid->kind), 60.0);
        $step = new Conductances($C, [], $up, [], $below, [], []);
        $after = $step->alongZ($T, $C, $grid, $outline, $load, 190.0, self::SECONDS);
        $watts = 0.0;
        foreach ($outline->top as $i => $top) {
            for ($j = 0; $j <= $top; $j++) {
                $c = $this->cell($j, $i);
                $gain = $j === 0 ? $below[$i] * (190.0 - $after[$c]) : $up[$c - $grid->columns] * ($after[$c - $grid->columns] - $after[$c]);
                $gain += $j === $top ? $load->addR[$i] - $load->addD[$i] * $after[$c] : $up[$c] * ($after[$c + $grid->columns] - $after[$c]);
                self::assertEqualsWithDelta($C[$c] * ($after[$c] - $T[$c]) / self::SECONDS, $gain, 1e-6, "row $j, column $i");
                $watts += $C[$c] * ($after[$c] - $T[$c]) / self::SECONDS;
            }
        }
        self::assertEqualsWithDelta($watts, $step->wattsAlongZ($after, $grid, $outline, $load, 190.0), 1e-6, 'and all of it came in through floor and top');
    }

    #[TestWith([false])]
    #[TestWith([true])]
    public function test_along_a_row_too_and_an_empty_shell_is_warmed_from_its_inside(bool $isShell): void
    {
        $grid = $this->grid;
        $outline = $isShell ? Outline::ofShell($grid) : Outline::ofPie($grid);
        [$C, , $out, , $beyond, $inside] = $this->conducts();
        $inside = array_map(static fn (float $one, int $first): float => $first > 0 ? $one : 0.0, $inside, $outline->first);
        $T = $this->some(count($grid->kind), 60.0);
        $step = new Conductances($C, [], [], $out, [], $beyond, $inside);
        $after = $step->alongR($T, $C, $grid, $outline, 185.0, 140.0, self::SECONDS);
        $watts = 0.0;
        foreach ($outline->first as $j => $first) {
            for ($i = $first; $i < $grid->columns; $i++) {
                $c = $this->cell($j, $i);
                $gain = $i === $first ? $inside[$j] * (140.0 - $after[$c]) : $out[$c - 1] * ($after[$c - 1] - $after[$c]);
                $gain += $i === $grid->columns - 1 ? $beyond[$j] * (185.0 - $after[$c]) : $out[$c] * ($after[$c + 1] - $after[$c]);
                self::assertEqualsWithDelta($C[$c] * ($after[$c] - $T[$c]) / self::SECONDS, $gain, 1e-6, "row $j, column $i");
            }
            $watts += $beyond[$j] * (185.0 - $after[$this->cell($j, $grid->columns - 1)]);
        }
        self::assertEqualsWithDelta($watts, $step->wattsAlongR($after, $grid, 185.0), 1e-6);
    }

    /** C (1 + L / (C |dT_b/dm|)), within half a kelvin of boiling and nowhere else; free water boils at one temperature, a thousand times at most. */
    public function test_only_what_boils_counts_with_many_times_its_capacity(): void
    {
        $boiling = new Boiling($this->grid, $this->materials);
        $cell = $this->cell(1);
        $solids = $this->materials->solids[Grid::CRUST];
        $times = function (float $celsius, float $ratio) use ($boiling, $cell, $solids): ?float {
            $this->cells->T[$cell] = $celsius;
            $this->cells->W[$cell] = $ratio * $solids;

            return $boiling->times($this->cells, array_fill(0, count($this->cells->T), 5.0))[$cell] ?? null;
        };
        $free = Vapour::boundBoilsAtCelsius(1.0);
        self::assertSame([null, null, 1001.0, 1001.0], [$times($free - 0.6, 2.5), $times($free + 0.6, 2.5), $times($free - 0.4, 2.5), $times($free + 0.4, 2.5)]);
        // at X = 0.1 the boiling point falls by so much for a little more water
        $at = static fn (float $ratio): float => Vapour::boundBoilsAtCelsius(Vapour::activityShare($ratio));
        $kelvinsPerKg = ($at(0.098) - $at(0.102)) / (0.004 * $solids * $this->grid->m3[$cell]);
        $expected = 1 + 2.26e6 / $kelvinsPerKg / 5.0;
        self::assertEqualsWithDelta($expected, $times($at(0.102), 0.102), 0.05 * $expected);
        self::assertNull($times(98.0, 2.5));
    }

    /** Between two steps the event comes where a straight line passes it. */
    public function test_an_event_is_told_between_the_steps(): void
    {
        $watch = new EventWatch(new CellSums($this->grid, $this->materials), $this->input, $this->cell($this->grid->fillFrom + 4, $this->grid->fillColumns - 1));
        $sets = (float) $this->input->setsAtCelsius;
        $this->fill('T', Grid::FILLING, $sets - 30);
        $this->cells->safeCelsius = $sets - 30;
        $watch->at(10, $this->cells, $sets - 30);
        self::assertSame([], $watch->minutes);
        self::assertFalse($watch->isDone());
        $this->fill('T', Grid::FILLING, $sets + 10);
        $this->cells->topBrown = array_fill(0, $this->grid->columns, 0.85);
        $this->cells->safeCelsius = $sets + 2;
        $watch->at(12, $this->cells, $sets + 2);
        self::assertEqualsWithDelta(10 + 2 * 30 / 32, $watch->minutes[BakeEvent::Set->value], 1e-9);
        self::assertEqualsWithDelta(10 + 2 * 30 / 40, $watch->minutes[BakeEvent::EdgeSet->value], 1e-9);
        self::assertEqualsWithDelta(10 + 2 * 0.7 / 0.85, $watch->minutes[BakeEvent::LightGold->value], 1e-9);
        self::assertArrayNotHasKey(BakeEvent::Golden->value, $watch->minutes);
        // one is told once, however it goes on
        $watch->at(14, $this->cells, $sets + 9);
        self::assertEqualsWithDelta(10 + 2 * 30 / 32, $watch->minutes[BakeEvent::Set->value], 1e-9);
        self::assertTrue($watch->isDone());
    }

    public function test_two_minutes_at_seventy_are_safe_though_it_was_never_hotter(): void
    {
        $watch = new EventWatch(new CellSums($this->grid, $this->materials), $this->input, 0);
        $this->cells->lethalMinutes = 1.0;
        $watch->at(20, $this->cells, 70.0);
        self::assertArrayNotHasKey(BakeEvent::Safe->value, $watch->minutes);
        $this->cells->lethalMinutes = 3.0;
        $watch->at(22, $this->cells, 70.0);
        self::assertTrue($watch->minutes[BakeEvent::Safe->value] > 20 && $watch->minutes[BakeEvent::Safe->value] < 22);
    }

    /** @return array{list<float>, list<float>, list<float>, list<float>, list<float>, list<float>} capacities, and up, out, below, beyond and inside */
    private function conducts(): array
    {
        $cells = count($this->grid->kind);

        return [$this->some($cells, 20.0), $this->some($cells, 0.5), $this->some($cells, 0.3), $this->some($this->grid->columns, 0.4), $this->some($this->grid->rows, 0.6), $this->some($this->grid->rows, 0.7)];
    }

    /** @return list<float> figures about this one, none like the next */
    private function some(int $count, float $about): array
    {
        return array_map(static fn (int $n): float => $about * (1 + 0.4 * sin(1.7 * $n)), range(0, $count - 1));
    }
}
