<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Bake\CellSums;
use Hojaldre\Core\Bake\CustardWatch;
use Hojaldre\Core\Bake\Grid;

/** When a custard may come out, told by how it went on when it rested. */
final class CustardWatchTest extends CellsByHand
{
    private CustardWatch $watch;

    protected function setUp(): void
    {
        parent::setUp();
        $this->watch = new CustardWatch(new CellSums($this->grid, $this->materials), 76.0);
    }

    /** By hand: from 70 to 78 at a mean of 90 it carried 8 of 20 K; with that it is at 68 after ten minutes and at 78 after twenty. */
    public function test_a_pie_is_ready_where_its_own_rest_takes_it_the_rest_of_the_way(): void
    {
        $this->at(10, cold: 60, mean: 80);
        $this->at(20, cold: 70, mean: 90);
        $this->watch->takenOut();
        $this->watch->rests($this->cells, 78.0);
        $this->watch->rests($this->cells, 74.0);
        self::assertEqualsWithDelta(18.0, $this->watch->readyMinute(), 1e-9);
        self::assertEqualsWithDelta(16.0, $this->watch->readyMinute(2.0), 1e-9, 'two kelvins short of it');
        self::assertSame(INF, $this->watch->readyMinute(-5.0));
        self::assertSame(78.0, $this->watch->peakCelsius());
    }

    /** One that is as warm all through tells nothing, 0.31 is taken; and no pie carries more than 0.6 or less than 0.1. */
    public function test_what_a_rest_cannot_tell_is_taken_from_what_pies_do(): void
    {
        foreach ([[75.0, 77.0, 90.0, 0.31], [60.0, 90.0, 89.0, 0.6], [60.0, 90.0, 61.0, 0.1]] as [$cold, $mean, $rest, $carries]) {
            $this->setUp();
            $this->at(10, cold: 55, mean: 55);
            $this->at(20, cold: $cold, mean: $mean);
            $this->watch->takenOut();
            $this->watch->rests($this->cells, $rest);
            // it rises from 55 to this; five kelvins below it lie on the way
            $reached = $cold + $carries * ($mean - $cold);
            self::assertEqualsWithDelta(20 - 10 * 5 / ($reached - 55), $this->watch->readyMinute(76 - $reached + 5), 1e-9);
        }
    }

    public function test_far_from_set_nothing_is_noted_and_nothing_was_reached(): void
    {
        $this->at(10, cold: 50, mean: 95);
        $this->watch->takenOut();
        self::assertSame([INF, INF, 0.0], [$this->watch->readyMinute(), $this->watch->doseMinute(1.0), $this->watch->dose()]);
    }

    /** By hand: at 85 °C, 9 K past it, an eighth of a measure a minute; a rest that added half a measure was worth four minutes of that. */
    public function test_over_cooking_counts_what_the_rest_adds(): void
    {
        foreach ([[10, 1.0], [20, 2.25]] as [$minutes, $dose]) {
            $this->fill('dose', Grid::FILLING, $dose);
            $this->at($minutes, cold: 80, mean: 85);
        }
        $this->watch->takenOut();
        $this->fill('dose', Grid::FILLING, 2.75);
        $this->watch->rests($this->cells, 84.0);
        self::assertEqualsWithDelta(2.75, $this->watch->dose(), 1e-9);
        self::assertEqualsWithDelta(14.0, $this->watch->doseMinute(2.0), 1e-6);
        self::assertEqualsWithDelta(20.0, $this->watch->doseMinute(2.75), 1e-6);
    }

    private function at(float $minutes, float $cold, float $mean): void
    {
        $this->fill('T', Grid::FILLING, $mean);
        $this->fill('T', Grid::TOPPING, $mean);
        $this->watch->at($minutes, $this->cells, $cold);
    }
}
