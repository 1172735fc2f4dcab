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
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\ReadingState;
use Hojaldre\Core\Forecast\Readings\SaltGauge;
use Hojaldre\Core\Forecast\Readings\Verdict;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Statement\Statement;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Where each reading turns from one word to the next, and what it says for itself. */
final class GaugesTest extends TestCase
{
    /** 5 eggs and 49.2 g of weep: the dairy that gives so many grams to an egg. */
    #[TestWith([74.0, Verdict::Firm])]
    #[TestWith([76.0, Verdict::Holds])]
    #[TestWith([109.0, Verdict::Holds])]
    #[TestWith([111.0, Verdict::Loose])]
    public function test_a_tender_custard_holds_between_its_two_limits(float $gramsToAnEgg, Verdict $verdict): void
    {
        $weep = Weights::of(TroutQuiche::pie())->freeGrams;
        $pie = TroutQuiche::withCustard(5, 5 * $gramsToAnEgg - $weep);
        $reading = Gauges::take(new CustardGauge, Weights::of($pie));
        self::assertEqualsWithDelta($gramsToAnEgg, $reading->value, 1e-6);
        self::assertSame($verdict, $reading->verdict);
        self::assertSame($verdict !== Verdict::Holds, $reading->inTrouble());
    }

    public function test_the_same_custard_is_loose_for_a_cook_who_wants_slices_and_firm_for_one_who_wants_it_trembling(): void
    {
        $custard = TroutQuiche::custard();
        $verdict = static fn (CustardStyle $style): Verdict => Gauges::take(new CustardGauge, Weights::of(TroutQuiche::pie()->withLayer(
            new CustardLayer($custard->id, $style, $custard->eggs, $custard->dairies),
        )))->verdict;
        self::assertSame([Verdict::Loose, Verdict::Holds, Verdict::Firm], [$verdict(CustardStyle::Sliceable), $verdict(CustardStyle::Tender), $verdict(CustardStyle::Trembling)]);
    }

    public function test_past_a_hundred_and_fifty_it_says_that_it_does_not_hold_at_all(): void
    {
        self::assertContains('custard.too-much', self::codes(Gauges::take(new CustardGauge, Weights::of(TroutQuiche::withCustard(2, 400)))));
    }

    public function test_the_base_tells_its_way_from_the_blind_bake_to_the_rest(): void
    {
        $reading = BakeReadings::take(ReadingName::Base, Weights::of(TroutQuiche::pie()), SimulatedBake::of(Weights::of(TroutQuiche::pie())));
        self::assertSame(['base.baked-blind', 'base.rested'], self::codes($reading));
        self::assertEqualsWithDelta($reading->value, $reading->reasons[1]->with['restedPercent'], 1e-9);
        self::assertSame(20.0, (float) $reading->reasons[1]->with['restMinutes']);
        self::assertSame(ReadingState::Outside, $reading->state);
        self::assertNull($reading->limits->lower, 'no base is too dry');
    }

    public function test_a_range_that_spills_over_a_limit_is_not_trouble_yet(): void
    {
        $pie = TroutQuiche::withLeeks(297);
        $reading = BakeReadings::take(ReadingName::Base, Weights::of($pie), SimulatedBake::of(Weights::of($pie)));
        self::assertSame(ReadingState::Marginal, $reading->state);
        self::assertFalse($reading->inTrouble());
        self::assertGreaterThan(14.0, $reading->high);
    }

    public function test_salt_names_what_brings_it_the_most_first(): void
    {
        $reading = Gauges::take(new SaltGauge, Weights::of(TroutQuiche::pie()));
        self::assertSame(['salt.sum'], self::codes($reading));
        $sources = $reading->reasons[0]->with['sources'];
        self::assertIsArray($sources);
        self::assertSame([['Fine salt', 6.0], ['Smoked trout, flaked', 4.0], ['Egg, without shell', 0.9]], array_map(static fn (Statement $one): array => [$one->with['food'], round((float) $one->with['saltGrams'], 1)], array_slice($sources, 0, 3)));
        self::assertSame(Verdict::Bland, Gauges::take(new SaltGauge, Weights::of(TroutQuiche::pie()->withSeasonings([])))->verdict);
        $salt = TroutQuiche::pie()->seasonings[0];
        self::assertSame(Verdict::Salty, Gauges::take(new SaltGauge, Weights::of(TroutQuiche::pie()->withSeasonings([$salt->with(14)])))->verdict);
    }

    public function test_salt_on_salt_is_warned_of_when_two_salty_things_lie_beside_added_salt(): void
    {
        $trout = TroutQuiche::pie();
        $cheesed = new Pie('Trout and blue', 8, '', $trout->tin, $trout->crust, [
            ...$trout->layers, new SolidLayer('blue-cheese', Pantry::food('blue-cheese'), Amount::of(60), [], null),
        ], $trout->seasonings, $trout->bake);
        $warning = Gauges::take(new SaltGauge, Weights::of($cheesed))->reasons[1] ?? null;
        self::assertEquals(new Statement('salt.on-salt', ['foods' => ['Smoked trout, flaked', 'Blue cheese, crumbled']]), $warning);
        self::assertNotContains('salt.on-salt', self::codes(Gauges::take(new SaltGauge, Weights::of($trout))), 'one salty thing is what the salt is reckoned around');
        self::assertNotContains('salt.on-salt', self::codes(Gauges::take(new SaltGauge, Weights::of($cheesed->withSeasonings([])))), 'no salt was added');
    }

    public function test_fill_knows_mean_from_over_the_rim(): void
    {
        $verdict = static fn (float $factor): Verdict => Gauges::take(new FillGauge, Weights::of(TroutQuiche::pie()->withLayer(TroutQuiche::custard()->scaled($factor))))->verdict;
        self::assertSame([Verdict::Mean, Verdict::Fits, Verdict::OverTheRim], [$verdict(0.4), $verdict(1.0), $verdict(1.4)]);
    }

    #[TestWith([25.0, Verdict::NotYetSafe, 'safe.too-early'])]
    #[TestWith([60.0, Verdict::Safe, 'safe.to-spare'])]
    public function test_safe_says_how_much_is_to_spare_or_missing(float $minutes, Verdict $verdict, string $code): void
    {
        $pie = TroutQuiche::pie()->withBake(TroutQuiche::pie()->bake->withMinutes($minutes));
        $reading = BakeReadings::take(ReadingName::Safe, Weights::of($pie), SimulatedBake::of(Weights::of($pie)));
        self::assertSame($verdict, $reading->verdict);
        self::assertContains($code, self::codes($reading));
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
        self::assertLessThan($width(Gauges::take(new CustardGauge, Weights::of(TroutQuiche::withLeeks(440)))), $width(Gauges::take(new CustardGauge, Weights::of(TroutQuiche::withLeeks(285)))));
    }

    public function test_a_side_is_told_as_the_reading_tells_it(): void
    {
        self::assertSame(-1, Gauges::side(new SaltGauge, Weights::of(TroutQuiche::pie()->withSeasonings([]))));
        self::assertSame(1, Gauges::side(new CustardGauge, Weights::of(TroutQuiche::withCustard(0, 400))));
        $empty = new Pie('Empty', 8, '', TroutQuiche::pie()->tin, TroutQuiche::pie()->crust, [], [], TroutQuiche::pie()->bake);
        foreach (Gauges::all() as $gauge) {
            self::assertNull(Gauges::side($gauge, Weights::of($empty)), $gauge->name()->value);
        }
    }

    public function test_the_scale_always_shows_the_value(): void
    {
        foreach ([TroutQuiche::withCustard(1, 900), TroutQuiche::withLeeks(450), TroutQuiche::withCustard(9, 10)] as $pie) {
            foreach (Gauges::all() as $gauge) {
                $reading = Gauges::take($gauge, Weights::of($pie));
                self::assertGreaterThanOrEqual($reading->scale[0], $reading->value ?? INF, $gauge->name()->value);
                self::assertLessThanOrEqual($reading->scale[1], $reading->value ?? -INF, $gauge->name()->value);
            }
        }
    }

    /** @return list<string> */
    private static function codes(Reading $reading): array
    {
        return array_map(static fn (Statement $one): string => $one->code, $reading->reasons);
    }
}
