<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Forecast;

use Hojaldre\Core\Bake\BakeDeviation;
use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\Resolution;
use Hojaldre\Core\Bake\Simulation;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\BakeRanges;
use Hojaldre\Core\Forecast\Kitchens;
use Hojaldre\Core\Forecast\Normal;
use Hojaldre\Core\Forecast\Readings\Gauges;
use Hojaldre\Core\Forecast\WeighingDeviation;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Tests\Bake\Practice;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

/** What a range promises: 8 kitchens in 10. */
final class RangesTest extends TestCase
{
    private const KITCHENS = 150;

    /** The tables of the normal distribution: mean 0, a third of all beyond one standard deviation, none beyond 2.5 here. */
    public function test_draws_are_normal_and_the_same_for_the_same_seed(): void
    {
        $draw = new Normal(5);
        $values = array_map(static fn (): float => $draw->next(), range(1, 4000));
        self::assertEqualsWithDelta(0.0, array_sum($values) / 4000, 0.05);
        self::assertEqualsWithDelta(0.31, count(array_filter($values, static fn (float $one): bool => abs($one) > 1)) / 4000, 0.03);
        self::assertLessThanOrEqual(2.5, max(array_map(abs(...), $values)));
        self::assertEqualsWithDelta(0.5, count(array_filter($values, static fn (float $one): bool => $one > 0)) / 4000, 0.03);
        self::assertEqualsWithDelta(0.045, count(array_filter($values, static fn (float $one): bool => abs($one) > 2)) / 4000, 0.015, 'one in twenty-two beyond two');
        self::assertEquals(Kitchens::drawn(3, 8), Kitchens::drawn(3, 8));
        self::assertNotEquals(Kitchens::drawn(3, 8), Kitchens::drawn(3, 9));
    }

    public function test_every_doubt_of_the_table_is_drawn_about_the_forecast_itself(): void
    {
        $kitchens = Kitchens::drawn(400, 3);
        $usual = new BakeDeviation;
        foreach (Kitchens::DOUBTS as $what => $spread) {
            $off = array_map(static fn (BakeDeviation $one): float => ($one->$what - $usual->$what) / $spread, $kitchens);
            self::assertEqualsWithDelta(0.0, array_sum($off) / 400, 0.15, $what);
            self::assertGreaterThan(1.5, max($off), $what);
            self::assertLessThan(-1.5, min($off), $what);
        }
    }

    /** Bars of 75 to 88 % over all; a little wider here, because only some pies and kitchens are drawn. */
    public function test_ranges_of_the_bake_hold_for_eight_kitchens_in_ten(): void
    {
        $in = $all = [];
        foreach (array_filter(Practice::all(), static fn (int $n): bool => $n % 12 === 0, ARRAY_FILTER_USE_KEY) as $bake) {
            $input = BakeInputs::of(Weights::of($bake->pie));
            $ranges = BakeRanges::of($input);
            $usual = Simulation::run($input, resolution: Resolution::coarse());
            foreach (Kitchens::drawn(self::KITCHENS, 77) as $kitchen) {
                $other = Simulation::run($input, $kitchen, Resolution::coarse());
                $values = ['safe' => [$other->minute(BakeEvent::Safe), $ranges->minutes(BakeEvent::Safe, $usual->minute(BakeEvent::Safe))]];
                $values['golden'] = [$other->minute(BakeEvent::Golden), $ranges->minutes(BakeEvent::Golden, $usual->minute(BakeEvent::Golden))];
                $values['base'] = [$other->baseRatio, $ranges->baseRatio($usual->baseRatio)];
                $values['colour'] = [$other->browned->topIndex, $ranges->topIndex($usual->browned->topIndex)];
                if (is_finite($usual->minute(BakeEvent::TimeToLook))) {
                    $values['set'] = [$other->minute(BakeEvent::TimeToLook), $ranges->minutes(BakeEvent::TimeToLook, $usual->minute(BakeEvent::TimeToLook))];
                }
                foreach ($values as $name => [$value, [$low, $high]]) {
                    $all[$name] = ($all[$name] ?? 0) + 1;
                    $in[$name] = ($in[$name] ?? 0) + ($value >= $low && $value <= $high ? 1 : 0);
                }
            }
        }
        foreach ($all as $name => $count) {
            self::assertGreaterThan(0.72, $in[$name] / $count, $name);
            self::assertLessThan(0.91, $in[$name] / $count, $name);
        }
    }

    public function test_ranges_of_weighing_hold_for_eight_kitchens_in_ten(): void
    {
        $weights = Weights::of(TroutQuiche::pie());
        foreach (Gauges::all() as $name => $gauge) {
            $reading = Gauges::take($gauge, $weights);
            $in = array_filter(WeighingDeviation::drawn(400, 2), static fn (WeighingDeviation $one): bool => $gauge->value($weights->under($one)) >= $reading->low && $gauge->value($weights->under($one)) <= $reading->high);
            self::assertGreaterThan(0.75, count($in) / 400, $name);
            self::assertLessThan(0.88, count($in) / 400, $name);
        }
    }

    /** A range lies around its value, is wider for hot fillings and puff, and narrower for what is small. */
    public function test_ranges_widen_where_more_is_in_doubt(): void
    {
        $of = static fn (string $name): BakeRanges => BakeRanges::of(BakeInputs::of(Weights::of(Practice::timed()[$name][0])));
        $wide = static fn (array $range): float => $range[1] - $range[0];
        $hot = $of('pot pie, 3 mm lid on a hot stew; 200 °C');
        $cold = $of('steak pie, cold stew under puff; 200 °C');
        self::assertGreaterThan($wide($cold->minutes(BakeEvent::Safe, 30)), $wide($hot->minutes(BakeEvent::Safe, 30)));
        $small = $of('small hand pie 12 cm, cold cooked filling; 220 °C');
        self::assertLessThan($wide($cold->minutes(BakeEvent::Safe, 30)), $wide($small->minutes(BakeEvent::Safe, 30)));
        self::assertGreaterThan($wide($of('leek tart 26 cm, leeks sweated down and drained; 180 °C')->baseRatio(0.2)), $wide($of('puff shell 24.5 cm weighted 18, cooled; eggs, cream, salty solids; 165 °C')->baseRatio(0.2)));
        // between two rows of the table it goes evenly
        $thick = $of('raw 4.5 mm crust 20 cm; eggs, cultured cream, fried vegetables; 180 °C');
        foreach ([[0.0, 0.1], [0.1, 0.16], [0.16, 0.25], [0.25, 0.32], [0.32, 0.37], [0.37, 0.42], [0.42, 0.46]] as [$from, $to]) {
            $down = static fn (float $ratio): float => $ratio - $thick->baseRatio($ratio)[0];
            $up = static fn (float $ratio): float => $thick->baseRatio($ratio)[1] - $ratio;
            if ($down($from) < $from) {
                self::assertEqualsWithDelta(($down($from) + $down($to)) / 2, $down(($from + $to) / 2), 1e-9);
            }
            self::assertEqualsWithDelta(($up($from) + $up($to)) / 2, $up(($from + $to) / 2), 1e-9);
        }
        foreach ([0.05, 0.2, 0.33, 0.5, 3.0] as $ratio) {
            [$low, $high] = $cold->baseRatio($ratio);
            self::assertTrue($low <= $ratio && $ratio <= $high);
        }
        foreach ([0.1, 0.7, 1.0, 2.5] as $index) {
            [$low, $high] = $cold->topIndex($index);
            self::assertTrue($low < $index && $index < $high);
        }
    }
}
