<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Forecast;

use Hojaldre\Core\Custard\CustardStyle;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Readings\BakeReadings;
use Hojaldre\Core\Forecast\Readings\CustardGauge;
use Hojaldre\Core\Forecast\Readings\FillGauge;
use Hojaldre\Core\Forecast\Readings\Gauges;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\ReadingState;
use Hojaldre\Core\Forecast\Readings\SaltGauge;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Where each reading turns from one word to the next, and what it says for itself. */
final class GaugesTest extends TestCase
{
    /** 5 eggs and 49.2 g of weep: the dairy that gives so many grams to an egg. */
    #[TestWith([74.0, 'firm'])]
    #[TestWith([76.0, 'holds'])]
    #[TestWith([109.0, 'holds'])]
    #[TestWith([111.0, 'loose'])]
    public function test_a_tender_custard_holds_between_its_two_limits(float $gramsToAnEgg, string $verdict): void
    {
        $weep = Weights::of(TroutQuiche::pie())->freeGrams;
        $pie = TroutQuiche::withCustard(5, 5 * $gramsToAnEgg - $weep);
        $reading = Gauges::take(new CustardGauge, $pie);
        self::assertEqualsWithDelta($gramsToAnEgg, $reading->value, 1e-6);
        self::assertSame($verdict, $reading->verdict);
        self::assertSame($verdict !== 'holds', $reading->inTrouble());
    }

    public function test_the_same_custard_is_loose_for_a_cook_who_wants_slices_and_firm_for_one_who_wants_it_trembling(): void
    {
        $custard = TroutQuiche::custard();
        $verdict = static fn (CustardStyle $style): string => Gauges::take(new CustardGauge, TroutQuiche::pie()->withLayer(
            new CustardLayer($custard->id, $style, $custard->eggs, $custard->dairies),
        ))->verdict;
        self::assertSame(['loose', 'holds', 'firm'], [$verdict(CustardStyle::Sliceable), $verdict(CustardStyle::Tender), $verdict(CustardStyle::Trembling)]);
    }

    public function test_past_a_hundred_and_fifty_it_says_that_it_does_not_hold_at_all(): void
    {
        self::assertStringContainsString('does not hold at all', Gauges::take(new CustardGauge, TroutQuiche::withCustard(2, 400))->reason);
    }

    public function test_the_base_tells_its_way_from_the_blind_bake_to_the_rest(): void
    {
        $reading = BakeReadings::take('base', TroutQuiche::pie(), SimulatedBake::of(TroutQuiche::pie()));
        self::assertMatchesRegularExpression('/^After the blind bake it has \d+ %, comes out with \d+ %, and has \d+ % when it has rested 20 min/', $reading->reason);
        self::assertSame(ReadingState::Outside, $reading->state);
        self::assertNull($reading->limits->lower, 'no base is too dry');
    }

    public function test_a_range_that_spills_over_a_limit_is_not_trouble_yet(): void
    {
        $pie = TroutQuiche::withLeeks(297);
        $reading = BakeReadings::take('base', $pie, SimulatedBake::of($pie));
        self::assertSame(ReadingState::Marginal, $reading->state);
        self::assertFalse($reading->inTrouble());
        self::assertGreaterThan(14.0, $reading->high);
    }

    public function test_salt_names_what_brings_it_the_most_first(): void
    {
        $reading = Gauges::take(new SaltGauge, TroutQuiche::pie());
        self::assertStringContainsString('6 g from fine salt, 4 g from smoked trout and 0.9 g from egg', $reading->reason);
        self::assertSame('bland', Gauges::take(new SaltGauge, TroutQuiche::pie()->withSeasonings([]))->verdict);
        $salt = TroutQuiche::pie()->seasonings[0];
        self::assertSame('salty', Gauges::take(new SaltGauge, TroutQuiche::pie()->withSeasonings([$salt->with(14)]))->verdict);
    }

    public function test_salt_on_salt_is_warned_of_when_two_salty_things_lie_beside_added_salt(): void
    {
        $trout = TroutQuiche::pie();
        $cheesed = new Pie('Trout and blue', 8, '', $trout->tin, $trout->crust, [
            ...$trout->layers, new SolidLayer('blue-cheese', Pantry::food('blue-cheese'), Amount::of(60), [], null),
        ], $trout->seasonings, $trout->bake);
        self::assertStringContainsString('Salt on salt: smoked trout and blue cheese are salty already', Gauges::take(new SaltGauge, $cheesed)->reason);
        self::assertStringNotContainsString('Salt on salt', Gauges::take(new SaltGauge, $trout)->reason, 'one salty thing is what the salt is reckoned around');
        self::assertStringNotContainsString('Salt on salt', Gauges::take(new SaltGauge, $cheesed->withSeasonings([]))->reason, 'no salt was added');
    }

    public function test_fill_knows_mean_from_over_the_rim(): void
    {
        $verdict = static fn (float $factor): string => Gauges::take(new FillGauge, TroutQuiche::pie()->withLayer(TroutQuiche::custard()->scaled($factor)))->verdict;
        self::assertSame(['mean', 'fits', 'over the rim'], [$verdict(0.4), $verdict(1.0), $verdict(1.4)]);
    }

    #[TestWith([25.0, 'not yet', 'too early by up to'])]
    #[TestWith([60.0, 'safe', 'min to spare at worst'])]
    public function test_safe_says_how_much_is_to_spare_or_missing(float $minutes, string $verdict, string $words): void
    {
        $pie = TroutQuiche::pie()->withBake(TroutQuiche::pie()->bake->withMinutes($minutes));
        $reading = BakeReadings::take('safe', $pie, SimulatedBake::of($pie));
        self::assertSame($verdict, $reading->verdict);
        self::assertStringContainsString($words, $reading->reason);
    }

    public function test_a_filling_without_raw_egg_is_reheated_food_and_wants_three_degrees_more(): void
    {
        self::assertSame(71.0, Weights::of(TroutQuiche::pie())->safeCelsius());
        $eggless = new Pie('No egg', 8, '', TroutQuiche::pie()->tin, TroutQuiche::pie()->crust, [TroutQuiche::leeks()], [], TroutQuiche::pie()->bake);
        self::assertSame(74.0, Weights::of($eggless)->safeCelsius());
    }

    public function test_less_doubt_about_one_thing_never_widens_a_range(): void
    {
        // dry leeks leave less to be unsure of than wet ones
        $width = static fn (Reading $reading): float => (float) $reading->high - (float) $reading->low;
        self::assertLessThan($width(Gauges::take(new CustardGauge, TroutQuiche::withLeeks(440))), $width(Gauges::take(new CustardGauge, TroutQuiche::withLeeks(285))));
    }

    public function test_a_side_is_told_as_the_reading_tells_it(): void
    {
        self::assertSame(-1, Gauges::side(new SaltGauge, TroutQuiche::pie()->withSeasonings([])));
        self::assertSame(1, Gauges::side(new CustardGauge, TroutQuiche::withCustard(0, 400)));
        $empty = new Pie('Empty', 8, '', TroutQuiche::pie()->tin, TroutQuiche::pie()->crust, [], [], TroutQuiche::pie()->bake);
        foreach (Gauges::gauges() as $gauge) {
            self::assertNull(Gauges::side($gauge, $empty), $gauge->name());
        }
    }

    public function test_the_scale_always_shows_the_value(): void
    {
        foreach ([TroutQuiche::withCustard(1, 900), TroutQuiche::withLeeks(450), TroutQuiche::withCustard(9, 10)] as $pie) {
            foreach (Gauges::gauges() as $gauge) {
                $reading = Gauges::take($gauge, $pie);
                self::assertGreaterThanOrEqual($reading->scale[0], $reading->value ?? INF, $gauge->name());
                self::assertLessThanOrEqual($reading->scale[1], $reading->value ?? -INF, $gauge->name());
            }
        }
    }
}
