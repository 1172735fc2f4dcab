<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\AtOven;

use Hojaldre\Core\AtOven\Compared;
use Hojaldre\Core\AtOven\PossibleBake;
use Hojaldre\Core\AtOven\PossibleBakes;
use Hojaldre\Core\AtOven\Seen;
use Hojaldre\Core\AtOven\Trace;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Kitchens;
use Hojaldre\Core\Forecast\Normal;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

/** What is seen and measured corrects the forecast: 200 bakes in ovens that the forecast does not know. */
final class PossibleBakesTest extends TestCase
{
    private const HIDDEN = 40;

    /** @return array<string, Pie> */
    private static function pies(): array
    {
        return ['quiche' => TroutQuiche::pie(), 'deep' => OtherPies::deep(), 'shallow' => OtherPies::shallow(), 'folds' => OtherPies::folds(), 'nuts' => OtherPies::nutsOnTop()];
    }

    /** A probe that is off by as much as it always is, and reads unsteadily, every half minute. */
    private static function measured(PossibleBake $true, float $untilMinute, Normal $draw): Trace
    {
        $off = $draw->next();
        $readings = [];
        for ($minute = 0.0; $minute <= $untilMinute; $minute += 0.5) {
            $readings[] = [$minute, $true->celsiusAt($minute) + $off + 0.5 * $draw->next()];
        }

        return Trace::of($readings);
    }

    public function test_at_half_time_the_true_minute_lies_in_the_range_of_eight_in_ten_and_the_range_has_halved(): void
    {
        $draw = new Normal(41);
        $in = $before = $all = 0;
        $shares = [];
        foreach (self::pies() as $pie) {
            $input = BakeInputs::of(Weights::of($pie));
            $possible = PossibleBakes::of($input);
            $first = $possible->before();
            foreach (Kitchens::drawn(self::HIDDEN, 977) as $kitchen) {
                $true = PossibleBakes::run($input, $kitchen);
                $now = $possible->given(self::measured($true, $true->readyMinute / 2, $draw), []);
                $all++;
                $in += $true->readyMinute >= $now->lowMinute && $true->readyMinute <= $now->highMinute ? 1 : 0;
                $before += $true->readyMinute >= $first->lowMinute && $true->readyMinute <= $first->highMinute ? 1 : 0;
                $shares[] = $now->width() / $first->width();
            }
        }
        self::assertSame(200, $all);
        self::assertGreaterThanOrEqual(0.75, $in / $all);
        self::assertLessThanOrEqual(0.92, $in / $all);
        self::assertGreaterThanOrEqual(0.7, $before / $all);
        self::assertLessThanOrEqual(0.5, array_sum($shares) / $all);
    }

    public function test_a_pie_that_trembles_more_than_the_picture_stays_four_to_six_minutes_longer_at_the_most_common(): void
    {
        $possible = PossibleBakes::of(BakeInputs::of(Weights::of(TroutQuiche::pie())));
        $ready = $possible->before()->readyMinute;
        $picture = $possible->trembleMm($ready);
        $more = $possible->given(null, [new Seen($ready, $picture, Compared::More)]);
        $like = $possible->given(null, [new Seen($ready, $picture, Compared::Like)]);
        $less = $possible->given(null, [new Seen($ready, $picture, Compared::Less)]);
        self::assertEqualsWithDelta(5.0, $more->readyMinute - $ready, 1.5, 'common practice, no source: 4 to 6 min more');
        self::assertEqualsWithDelta(0.0, $like->movedMinutes, 1.5);
        self::assertLessThan($like->readyMinute - 1.5, $less->readyMinute);
        self::assertLessThan($possible->before()->width(), $like->width(), 'what is like the picture makes it surer');
    }

    public function test_the_middle_trembles_three_to_seven_centimetres_when_it_may_come_out(): void
    {
        foreach ([TroutQuiche::pie(), OtherPies::deep(), OtherPies::shallow()] as $pie) {
            $one = PossibleBakes::run(BakeInputs::of(Weights::of($pie)), new \Hojaldre\Core\Bake\BakeDeviation);
            $wide = $one->trembleMmAt($one->readyMinute);
            self::assertGreaterThan(15.0, $wide, $pie->name);
            self::assertLessThan(85.0, $wide, $pie->name);
            self::assertGreaterThan($wide, $one->trembleMmAt($one->readyMinute - 6));
            self::assertEqualsWithDelta($one->readyMinute - 2, $one->tremblesUpToMinute($one->trembleMmAt($one->readyMinute - 2)), 0.5);
        }
    }

    public function test_a_probe_above_the_forecast_brings_the_minute_forward_and_one_below_puts_it_off(): void
    {
        $possible = PossibleBakes::of(BakeInputs::of(Weights::of(TroutQuiche::pie())));
        $ready = $possible->before()->readyMinute;
        $trace = static fn (float $off): Trace => Trace::of(array_map(static fn (int $minute): array => [(float) $minute, $possible->band((float) $minute)[2] + $off * $minute / 20], range(0, 20)));
        self::assertLessThan($ready - 1, $possible->given($trace(5.0), [])->readyMinute);
        self::assertGreaterThan($ready + 1, $possible->given($trace(-5.0), [])->readyMinute);
        self::assertEqualsWithDelta($ready, $possible->given($trace(0.0), [])->readyMinute, 1.0);
    }

    public function test_nothing_seen_and_nothing_measured_leaves_the_forecast_as_it_was(): void
    {
        $possible = PossibleBakes::of(BakeInputs::of(Weights::of(OtherPies::folds())));
        self::assertEquals($possible->before(), $possible->given(Trace::of([]), []));
        self::assertEqualsWithDelta(0.0, $possible->before()->movedMinutes, 1e-9);
        self::assertSame(0.0, $possible->trembleMm(10.0), 'nothing in it has to set');
        $band = $possible->band(20.0);
        self::assertCount(5, $band);
        $sorted = $band;
        sort($sorted);
        self::assertSame($sorted, $band);
    }

    /** Two bakes by hand: 20 and 40 °C at minute 10, ready at 30 and 20. */
    public function test_conditioning_two_bakes_by_hand(): void
    {
        $slow = new PossibleBake(array_map(static fn (int $m): float => 2.0 * $m, range(0, 40)), array_fill(0, 41, 0.0), 30.0, 40.0);
        $fast = new PossibleBake(array_map(static fn (int $m): float => 4.0 * $m, range(0, 40)), array_fill(0, 41, 0.0), 20.0, 40.0);
        $possible = new PossibleBakes([$slow, $fast]);
        self::assertEqualsWithDelta(sqrt(600), $possible->before()->readyMinute, 1e-9, 'the mean of logarithms');
        $one = Trace::of([[10.0, 40.0]]);
        // shares .25 to .75 have nothing near; at 1.0: covariance 100, y -(ln 1.5)/2 each 10 K, R = 1 + 0.16
        $expected = exp(log(sqrt(600)) + 10 * (-10 * log(1.5) / 2) / (100 + 1.16));
        self::assertEqualsWithDelta($expected, $possible->given($one, [])->readyMinute, 1e-6);
        self::assertSame(20.0, $fast->celsiusAt(5.0));
        self::assertSame(160.0, $fast->celsiusAt(99.0));
    }
}
