<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\AtOven;

use Hojaldre\Core\AtOven\ActAnswer;
use Hojaldre\Core\AtOven\ActName;
use Hojaldre\Core\AtOven\Compared;
use Hojaldre\Core\AtOven\CoolingWatch;
use Hojaldre\Core\AtOven\CueName;
use Hojaldre\Core\AtOven\Legs;
use Hojaldre\Core\AtOven\OutAt;
use Hojaldre\Core\AtOven\Outlook;
use Hojaldre\Core\AtOven\OvenAct;
use Hojaldre\Core\AtOven\PossibleBake;
use Hojaldre\Core\AtOven\PossibleBakes;
use Hojaldre\Core\AtOven\Safety;
use Hojaldre\Core\AtOven\SafetyState;
use Hojaldre\Core\AtOven\Seen;
use Hojaldre\Core\AtOven\Trace;
use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\Resolution;
use Hojaldre\Core\Bake\Simulation;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Safety\CoolingVerdict;
use Hojaldre\Core\Statement\Statement;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

/**
 * Sums at the oven by hand, with three bakes that are made up: ready at 30, 40 and 50 minutes, when the middle of each trembles 40 mm; it
 * trembles 2 mm less each minute.
 */
final class HandSumsTest extends TestCase
{
    private static function possible(float $readyMm = 40.0): PossibleBakes
    {
        $one = static fn (float $ready): PossibleBake => new PossibleBake(
            array_map(static fn (int $minute): float => 10.0 + $minute, range(0, 90)), array_map(static fn (int $minute): float => max(0.0, $readyMm + 2 * ($ready - $minute)), range(0, 90)), $ready, $ready + 5,
        );

        return new PossibleBakes([$one(30.0), $one(40.0), $one(50.0)]);
    }

    private static function normal(float $z): float
    {
        return 1 / (1 + exp(-1.702 * $z));
    }

    private static function lasting(float $minutes): Pie
    {
        return TroutQuiche::pie()->withBake(TroutQuiche::pie()->bake->withMinutes($minutes));
    }

    private static function act(Pie $pie, string $id, ?PossibleBakes $possible = null): ?OvenAct
    {
        $legs = Legs::of($pie, $possible ?? self::possible());

        return $legs[count($legs) - 1]->act($id);
    }

    /** Mean of logarithms: (30 x 40 x 50)^(1/3). */
    private static function ready(): float
    {
        return 60000 ** (1 / 3);
    }

    /** @param  list<float>  $weights  of the bakes that are ready at 30, 40 and 50 */
    private static function weighed(array $weights): float
    {
        return exp(array_sum(array_map(static fn (float $weight, float $ready): float => $weight * log($ready), $weights, [30.0, 40.0, 50.0])) / array_sum($weights));
    }

    /** An eye is off by a minute and a half, and what is within that looks alike: at the picture itself "like it" is said by those within one deviation. */
    public function test_how_likely_a_pie_is_called_less_like_or_more_than_the_picture(): void
    {
        self::assertEqualsWithDelta(0.5, Compared::normal(0.0), 1e-12);
        self::assertEqualsWithDelta(0.8413, Compared::normal(1.0), 0.01, 'a table of the normal distribution');
        self::assertEqualsWithDelta(0.9772, Compared::normal(2.0), 0.01, 'the same table');
        self::assertEqualsWithDelta(1 - 2 * self::normal(-1.0), Compared::Like->likelihood(0.0), 1e-9);
        self::assertEqualsWithDelta(self::normal(1.0), Compared::More->likelihood(3.0), 1e-9);
        self::assertEqualsWithDelta(self::normal(1.0), Compared::Less->likelihood(-3.0), 1e-9);
        self::assertEqualsWithDelta(self::normal(1.0), Compared::More->likelihood(4.0, 2.0), 1e-9, 'hypot of 1.5 and 2 is 2.5');
        foreach ([-5.0, 0.0, 2.0] as $behind) {
            self::assertEqualsWithDelta(1.0, array_sum(array_map(static fn (Compared $one): float => $one->likelihood($behind), Compared::cases())), 1e-9);
        }
    }

    public function test_between_two_minutes_a_bake_is_straight_and_past_its_ends_it_stays(): void
    {
        $bake = new PossibleBake([10.0, 20.0, 40.0], [100.0, 60.0, 0.0], 2.0, 3.0);
        self::assertSame([10.0, 15.0, 30.0, 40.0, 40.0, 10.0], array_map($bake->celsiusAt(...), [0.0, 0.5, 1.5, 2.0, 9.0, -1.0]));
        self::assertSame([0.0, 0.5, 1.0, 1.5, 2.0], array_map($bake->tremblesUpToMinute(...), [100.0, 80.0, 60.0, 30.0, 0.0]));
        self::assertSame(0.0, $bake->tremblesUpToMinute(120.0));
        self::assertSame(3.0, (new PossibleBake([1.0, 1.0, 1.0], [9.0, 9.0, 9.0], 1.0, 1.0))->tremblesUpToMinute(5.0), 'never while it was followed');
    }

    public function test_it_comes_out_at_its_minutes_but_never_before_its_middle_is_ready(): void
    {
        $out = OutAt::of(self::lasting(46), new Outlook(40.0, 36.0, 45.0, 0.0));
        self::assertSame([46.0, 42.0, 51.0, 39.0], [$out->minute, $out->lowMinute, $out->highMinute, $out->lookMinute()]);
        self::assertSame(50.0, OutAt::of(self::lasting(46), new Outlook(44.0, 40.0, 48.0, 4.0))->minute, 'four minutes behind');
        self::assertSame(44.0, OutAt::of(self::lasting(30), new Outlook(44.0, 40.0, 48.0, 4.0))->minute);
        self::assertSame(1.0, OutAt::of(self::lasting(5), new Outlook(8.0, 0.5, 20.0, 0.0))->lowMinute, 'a minute at least');
    }

    /** 46 minutes and more are turned at 55 in 100, looked at at 85 in 100. */
    public function test_acts_come_at_their_shares_of_the_minutes(): void
    {
        $pie = self::lasting(46);
        $minutes = array_map(static fn (OvenAct $one): array => [$one->id, $one->minute, $one->isAfterOut], Legs::of($pie, self::possible())[1]->acts);
        self::assertSame([['turn', 25.0, false], ['look', 39.0, false], ['out', 46.0, false], ['rested', 12.0, true], ['chill', 75.0, true]], $minutes);
        self::assertNull(self::act(self::lasting(44), 'turn'), 'three quarters of an hour and more are turned');
        self::assertNotNull(self::act(self::lasting(45), 'turn'));
        self::assertNotNull(self::act(OtherPies::deep()->withBake(self::lasting(30)->bake), 'turn'), 'a deep one is turned too');
        $late = $pie->withCrust(new Crust(Pantry::food('shortcrust'), 3, [], Seal::None, lid: new Lid(3, 0.01, Glaze::Egg, true)));
        self::assertSame(38.0, self::act($late, 'vent')?->minute, 'eight minutes before it comes out');
        self::assertNull(self::act($pie, 'vent'));
    }

    /** At 39 the picture trembles 42 mm: the three bakes get to it at 29, 39 and 49. */
    public function test_what_is_seen_at_the_first_look_moves_the_minute(): void
    {
        $look = self::act(self::lasting(46), 'look') ?? self::fail('no look');
        self::assertSame(CueName::Tremble, $look->cue);
        [$less, $like, $more] = $look->answers;
        $alike = self::normal(-1.0);
        $ready = self::weighed([1e-6 + self::normal(-11.5 / 1.5), 1e-6 + $alike, 1e-6 + self::normal(8.5 / 1.5)]);
        self::assertEqualsWithDelta(round(max($ready, 46 + $ready - self::ready()) - 46), $more->movesOutMinutes, 1e-9);
        self::assertSame('then.later-between', $more->says->code);
        self::assertSame([$more->movesOutMinutes - 1, $more->movesOutMinutes + 1], [$more->says->with['from'], $more->says->with['toMinutes']]);
        // nine minutes ahead of 46 is before 39: out now
        self::assertTrue($less->takesOut);
        self::assertSame('then.out-now', $less->says->code);
        self::assertEqualsWithDelta(1.0, $like->movesOutMinutes, 1e-9, 'as the one that is ready at 40: the mean of all was 39.1');
        self::assertFalse($like->takesOut);
        self::assertNull($more->againMinutes);
    }

    public function test_a_pie_of_longer_minutes_that_is_ahead_comes_out_earlier(): void
    {
        // looked at at 51, when the median trembles 18 mm; those of 30 minutes tremble no more long since
        $less = (self::act(self::lasting(60), 'look') ?? self::fail('no look'))->answers[0];
        self::assertSame('then.earlier', $less->says->code);
        self::assertLessThan(0.0, $less->movesOutMinutes);
        self::assertFalse($less->takesOut);
    }

    /** When it should come out less and like take it out; more waits no longer than eight minutes, and no less than one. */
    public function test_the_last_look_takes_it_out_or_comes_again(): void
    {
        $out = self::act(self::lasting(46), 'out') ?? self::fail('no out');
        self::assertSame([true, true, false], array_map(static fn (ActAnswer $one): bool => $one->takesOut, $out->answers));
        self::assertSame(8.0, $out->answers[2]->againMinutes);
        self::assertSame([7.0, 9.0], [$out->answers[2]->says->with['from'], $out->answers[2]->says->with['toMinutes']]);
        self::assertSame(['look-for-out.tremble'], array_map(static fn (Statement $one): string => $one->code, $out->says));
    }

    /** At 39 one trembles 42 mm where it is ready at 40: less than 15 nobody sees. */
    public function test_what_nobody_sees_trembling_is_told_by_its_colour(): void
    {
        self::assertSame(CueName::Tremble, self::act(self::lasting(46), 'look', self::possible(13.1))?->cue);
        $pale = self::act(self::lasting(46), 'look', self::possible(12.9)) ?? self::fail('no look');
        self::assertSame(CueName::Colour, $pale->cue);
        self::assertSame(['paler', 'like', 'darker'], array_map(static fn (ActAnswer $one): string => $one->code, $pale->answers));
        self::assertSame([4.0, 0.0, 0.0], array_map(static fn (ActAnswer $one): float => $one->movesOutMinutes, $pale->answers));
        $out = self::act(self::lasting(46), 'out', self::possible(12.9)) ?? self::fail('no out');
        self::assertSame(CueName::Colour, $out->cue);
        self::assertSame([4.0, null, null], array_map(static fn (ActAnswer $one): ?float => $one->againMinutes, $out->answers));
        self::assertSame([false, true, true], array_map(static fn (ActAnswer $one): bool => $one->takesOut, $out->answers));
    }

    /** A pick in a lidded pie whose middle has set long before: wet against the forecast goes back for four minutes. */
    public function test_a_middle_that_should_be_set_and_is_wet_goes_back(): void
    {
        $lidded = self::lasting(80)->withCrust(new Crust(Pantry::food('shortcrust'), 3, [], Seal::None, lid: new Lid(3, 0.01, Glaze::None)));
        $look = self::act($lidded, 'look') ?? self::fail('no look');
        self::assertSame(CueName::Pick, $look->cue);
        self::assertSame([0.0, 0.0, 4.0], array_map(static fn (ActAnswer $one): float => $one->movesOutMinutes, $look->answers));
        self::assertSame(['then.as-planned', 'then.as-planned', 'then.later'], array_map(static fn (ActAnswer $one): string => $one->says->code, $look->answers));
    }

    public function test_every_change_between_two_stages_is_told_once(): void
    {
        $first = new Stage(170, OvenMode::Static, 20, Rack::Low, tent: true, shield: true);
        $staged = static fn (Stage ...$stages): Pie => TroutQuiche::pie()->withBake(TroutQuiche::pie()->bake->withStages($stages));
        $changes = static fn (Stage $then): array => array_map(static fn (Statement $one): string => $one->code, (array) (self::act($staged($first, $then), 'move1')?->title->with['changes'] ?? []));
        self::assertSame(['move.tent-off'], $changes($first->with(tent: false)));
        self::assertSame(['move.shield-off'], $changes($first->with(shield: false)));
        self::assertSame(['move.hotter'], $changes($first->with(ovenCelsius: 171.0)));
        self::assertSame(['move.cooler'], $changes($first->with(ovenCelsius: 160.0)));
        self::assertSame(['move.mode'], $changes(new Stage(170, OvenMode::Fan, 20, Rack::Low, tent: true, shield: true)));
        self::assertSame([], $changes($first->with(ovenCelsius: 170.9)), 'less than a degree is no change');
        $three = $staged($first, $first->with(minutes: 10), $first->with(tent: false, minutes: 30), $first->with(rack: Rack::High, tent: false, minutes: 40));
        self::assertSame(30.0, self::act($three, 'move2')?->minute);
        self::assertSame(60.0, self::act($three, 'move3')?->minute);
    }

    public function test_what_comes_before_and_after_it_is_given_by_hand(): void
    {
        $possible = self::possible();
        $before = $possible->before();
        $deviation = sqrt(array_sum(array_map(static fn (float $ready): float => (log($ready) - log(self::ready())) ** 2, [30.0, 40.0, 50.0])) / 3);
        self::assertEqualsWithDelta(self::ready(), $before->readyMinute, 1e-9);
        self::assertEqualsWithDelta(self::ready() * exp(-1.2816 * $deviation), $before->lowMinute, 1e-9);
        self::assertEqualsWithDelta(self::ready() * exp(1.2816 * $deviation), $before->highMinute, 1e-9);
        self::assertEqualsWithDelta($before->highMinute - $before->lowMinute, $before->width(), 1e-9);
        self::assertSame(90, $possible->followedMinutes());
        self::assertSame(60.0, $possible->trembleMm(30.0), 'the middle one');
        self::assertEqualsWithDelta(40 + 2 * (40 - self::ready()), $possible->readyTrembleMm(), 1e-9);
        $more = $possible->given(null, [new Seen(40.0, 40.0, Compared::More)]);
        $ready = self::weighed([1e-6 + self::normal(-11.5 / 1.5), 1e-6 + self::normal(-1.0), 1e-6 + self::normal(8.5 / 1.5)]);
        self::assertEqualsWithDelta($ready, $more->readyMinute, 1e-6);
        self::assertEqualsWithDelta($ready - self::ready(), $more->movedMinutes, 1e-6);
        // said twice it is surer
        $twice = $possible->given(null, [new Seen(40.0, 40.0, Compared::More), new Seen(42.0, 40.0, Compared::More)]);
        $product = self::weighed([1e-6, 1e-6 + self::normal(-1.0) * self::normal(-3.5 / 1.5), 1e-6 + self::normal(8.5 / 1.5) * self::normal(6.5 / 1.5)]);
        self::assertEqualsWithDelta($product, $twice->readyMinute, 1e-4);
    }

    public function test_a_simulated_bake_is_told_by_the_minute(): void
    {
        $input = BakeInputs::of(Weights::of(TroutQuiche::pie()));
        $result = Simulation::run($input, null, Resolution::coarse());
        $possible = PossibleBakes::from($result, $input);
        [$minutes, $celsius] = [[...$result->curves->minutes, ...$result->onward->minutes], [...$result->curves->centreCelsius, ...$result->onward->centreCelsius]];
        foreach ([1, 7, 20, 33] as $minute) {
            $after = 0;
            while ($minutes[$after] < $minute) {
                $after++;
            }
            $share = ($minute - $minutes[$after - 1]) / ($minutes[$after] - $minutes[$after - 1]);
            self::assertEqualsWithDelta($celsius[$after - 1] + $share * ($celsius[$after] - $celsius[$after - 1]), $possible->celsius[$minute], 1e-9);
        }
        self::assertSame($celsius[0], $possible->celsius[0]);
        self::assertSame(max($result->minute(BakeEvent::Safe), $result->minute(BakeEvent::TimeToLook)), $possible->readyMinute);
        self::assertSame($result->minute(BakeEvent::Golden), $possible->goldenMinute);
        $roots = BakeInputs::of(Weights::of(OtherPies::deep()));
        self::assertSame(9.0, PossibleBakes::ready($result, $roots, 9.0), 'no later than it was followed');
    }

    public function test_what_a_probe_says_of_cooling_while_it_cools(): void
    {
        $at = static fn (float $minute, float $celsius): CoolingWatch => CoolingWatch::of(Trace::of([[40.0, 75.0], [50.0, 57.0], [$minute, $celsius]]), 40.0, [8.0, 80.0, 300.0]);
        // below 57 ten minutes after it came out: below 21 by 130, below 5 by 370
        self::assertNull($at(169.0, 25.0)->verdict);
        self::assertSame(CoolingVerdict::TooSlowToWarm, $at(171.0, 25.0)->verdict);
        self::assertNull($at(160.0, 20.0)->verdict);
        $slow = CoolingWatch::of(Trace::of([[40.0, 75.0], [50.0, 57.0], [150.0, 20.0], [411.0, 9.0]]), 40.0, [8.0, 80.0, 300.0]);
        self::assertSame(CoolingVerdict::TooSlowToCold, $slow->verdict);
        self::assertSame([110.0, null], [$slow->warmMinute, $slow->coldMinute]);
        $before = CoolingWatch::of(Trace::of([[30.0, 75.0], [40.0, 76.0]]), 40.0, [8.0, 80.0, 300.0]);
        self::assertFalse($before->isMeasured, 'it went on measuring only up to the oven door');
        self::assertSame([8.0, 80.0, 300.0], [$before->hotMinute, $before->warmMinute, $before->coldMinute]);
        self::assertSame([128.0, 368.0], [$before->warmByMinute, $before->coldByMinute]);
    }

    public function test_a_trace_is_read_at_its_ends(): void
    {
        self::assertSame([-30.0, -20.0], Trace::of([[0.0, -31.0], [1.0, -30.0], [2.0, -20.0]])->celsius);
        self::assertSame([129.0, 130.0], Trace::of([[0.0, 129.0], [1.0, 130.0], [2.0, 131.0]])->celsius);
        $until = Trace::of([[0.0, 20.0], [1.0, 21.0], [2.0, 22.0]])->until(1.0);
        self::assertSame([1.0, 21.0], [$until->lastMinute(), $until->lastCelsius()]);
        self::assertNull(Trace::of([[0.0, 20.0]])->celsiusNear(1.6));
        self::assertSame(20.0, Trace::of([[0.0, 20.0]])->celsiusNear(1.5));
        self::assertSame(2.0, Trace::of([[0.0, 50.0], [1.0, 60.0], [2.0, 55.0], [3.0, 50.0]])->fallsBelow(55.0, 1.0));
        self::assertNull(Trace::of([[0.0, 60.0], [1.0, 50.0]])->fallsBelow(49.0, 0.0));
    }

    public function test_a_probe_is_silent_after_two_minutes(): void
    {
        $trace = Trace::of([[0.0, 20.0], [1.0, 21.0]]);
        self::assertSame(SafetyState::NotYet, Safety::of($trace, 71.0, 40.0, 3.0)->state);
        self::assertSame(SafetyState::ProbeSilent, Safety::of($trace, 71.0, 40.0, 3.1)->state);
        self::assertEqualsWithDelta(2 * 10 ** (-2 / 7.5), Trace::of([[0.0, 69.0], [2.0, 69.0]])->lethalMinutes(1.0), 1e-3, 'two minutes are no gap');
        self::assertSame(0.0, Trace::of([[0.0, 69.0], [2.1, 69.0]])->lethalMinutes(1.0));
    }

    public function test_the_first_name_of_each_act_is_its_own(): void
    {
        foreach ([TroutQuiche::pie(), OtherPies::folds(), OtherPies::deep()] as $pie) {
            foreach (Legs::of($pie, self::possible()) as $leg) {
                $ids = array_map(static fn (OvenAct $act): string => $act->id, $leg->acts);
                self::assertSame($ids, array_values(array_unique($ids)));
                $inside = array_map(static fn (OvenAct $act): float => $act->minute, array_filter($leg->acts, static fn (OvenAct $act): bool => ! $act->isAfterOut));
                $sorted = $inside;
                sort($sorted);
                self::assertSame($sorted, array_values($inside), 'in the order in which they come');
                self::assertContains(ActName::Out, array_map(static fn (OvenAct $act): ActName => $act->name, $leg->acts));
            }
        }
    }

    public function test_the_band_holds_one_three_five_seven_and_nine_of_ten(): void
    {
        $bakes = array_map(static fn (int $one): PossibleBake => new PossibleBake([(float) $one, 10.0 + $one], [0.0, 0.0], 30.0, 40.0), [7, 3, 10, 0, 5, 1, 9, 2, 8, 4, 6]);
        $possible = new PossibleBakes($bakes);
        self::assertSame([1.0, 3.0, 5.0, 7.0, 9.0], $possible->band(0.0));
        self::assertSame([6.0, 8.0, 10.0, 12.0, 14.0], $possible->band(0.5));
        self::assertSame(1, $possible->followedMinutes());
    }
}
