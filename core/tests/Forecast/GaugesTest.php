<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Forecast;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Custard\CustardStyle;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Readings\BakeReadings;
use Hojaldre\Core\Forecast\Readings\CustardGauge;
use Hojaldre\Core\Forecast\Readings\FillGauge;
use Hojaldre\Core\Forecast\Readings\Gauges;
use Hojaldre\Core\Forecast\Readings\LimitName;
use Hojaldre\Core\Forecast\Readings\Limits;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\ReadingState;
use Hojaldre\Core\Forecast\Readings\SaltGauge;
use Hojaldre\Core\Forecast\Readings\Verdict;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\ColourWish;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pastry\ShellSupport;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\Step;
use Hojaldre\Core\Statement\Statement;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\StraightTin;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Where each reading turns from one word to the next, and what it says for itself. */
final class GaugesTest extends TestCase
{
    /** 5 eggs and half of the weep: the dairy that gives so many grams to an egg. Another style than was chosen is a wish, no trouble. */
    #[TestWith([29.0, Verdict::Rubber, ReadingState::Outside])]
    #[TestWith([31.0, Verdict::Firmer, ReadingState::Marginal])]
    #[TestWith([74.0, Verdict::Firmer, ReadingState::Marginal])]
    #[TestWith([76.0, Verdict::Holds, ReadingState::Inside])]
    #[TestWith([109.0, Verdict::Holds, ReadingState::Inside])]
    #[TestWith([111.0, Verdict::Softer, ReadingState::Marginal])]
    #[TestWith([149.0, Verdict::Softer, ReadingState::Marginal])]
    #[TestWith([151.0, Verdict::Loose, ReadingState::Outside])]
    public function test_a_custard_is_in_trouble_only_where_it_will_not_hold_or_is_rubber(float $gramsToAnEgg, Verdict $verdict, ReadingState $state): void
    {
        $early = 0.5 * Weights::of(TroutQuiche::pie())->freeGrams;
        $reading = Gauges::take(new CustardGauge, Weights::of(TroutQuiche::withCustard(5, 5 * $gramsToAnEgg - $early))->settling(0.5));
        self::assertEqualsWithDelta($gramsToAnEgg, $reading->value, 1e-6);
        self::assertSame([$verdict, $state], [$reading->verdict, $reading->state]);
        self::assertSame([75.0, 110.0], $reading->wished);
    }

    /** A pie of eggs and bacon is no custard: common practice, no source. */
    public function test_eggs_with_hardly_any_dairy_are_firm_as_boiled_ones_and_no_fault(): void
    {
        $reading = static fn (float $grams): Reading => Gauges::take(new CustardGauge, Weights::of(TroutQuiche::withCustard(5, $grams))->settling(0.0));
        self::assertSame([Verdict::Firmer, false], [$reading(45)->verdict, $reading(45)->inTrouble()]);
        self::assertContains('custard.egg-alone', self::codes($reading(45)));
        self::assertSame([Verdict::Rubber, true], [$reading(55)->verdict, $reading(55)->inTrouble()]);
    }

    public function test_the_same_custard_is_softer_than_a_cook_who_wants_slices_chose_and_firmer_for_one_who_wants_it_trembling(): void
    {
        $custard = TroutQuiche::custard();
        $verdict = static fn (CustardStyle $style): Verdict => Gauges::take(new CustardGauge, Weights::of(TroutQuiche::pie()->withLayer(
            new CustardLayer($custard->id, $style, $custard->eggs, $custard->dairies),
        )))->verdict;
        self::assertSame([Verdict::Softer, Verdict::Holds, Verdict::Firmer], [$verdict(CustardStyle::Sliceable), $verdict(CustardStyle::Tender), $verdict(CustardStyle::Trembling)]);
    }

    public function test_past_a_hundred_and_fifty_it_says_that_it_does_not_hold_at_all(): void
    {
        self::assertContains('custard.too-much', self::codes(Gauges::take(new CustardGauge, Weights::of(TroutQuiche::withCustard(2, 400)))));
    }

    public function test_the_base_says_what_it_feels_like_and_whether_its_shell_was_baked(): void
    {
        $base = static fn (Pie $pie): Reading => BakeReadings::take(ReadingName::Base, Weights::of($pie), SimulatedBake::of(Weights::of($pie)));
        $trout = TroutQuiche::pie();
        $baked = $base($trout);
        self::assertSame(['base.feels-'.$baked->verdict->value, 'base.baked-blind'], array_slice(self::codes($baked), 0, 2));
        self::assertFalse($baked->inTrouble());
        self::assertNull($baked->limits->lower, 'no base is too dry');
        $raw = $base(TroutQuiche::withLeeks(450)->withCrust($trout->crust->withShell([], Seal::None)));
        self::assertSame(['base.feels-soggy', 'base.raw'], array_slice(self::codes($raw), 0, 2));
        self::assertTrue($raw->inTrouble());
        $bare = $base($trout->withCrust($trout->crust->withShell([new ShellStage(ShellSupport::Bare, 190, OvenMode::Static, 20, Rack::Middle)], Seal::None)));
        self::assertSame([Verdict::PuffsUp, ReadingState::Outside], [$bare->verdict, $bare->state]);
        $pricked = $base($trout->withCrust($trout->crust->withShell([new ShellStage(ShellSupport::Pricked, 190, OvenMode::Static, 20, Rack::Middle)], Seal::None)));
        self::assertFalse($pricked->inTrouble());
    }

    public function test_a_filling_hot_from_the_pan_makes_paste_of_raw_dough_and_not_of_a_baked_shell(): void
    {
        $at = static fn (float $celsius): Pie => TroutQuiche::pie()->withLayers(array_map(static fn (Layer $layer): Layer => $layer->startingAt($celsius), TroutQuiche::pie()->layers));
        $hot = $at(60.0);
        $base = static fn (Pie $pie): Reading => BakeReadings::take(ReadingName::Base, Weights::of($pie), SimulatedBake::roughly(Weights::of($pie)));
        $raw = $base($hot->withCrust($hot->crust->withShell([], Seal::None)));
        self::assertSame([Verdict::FatMelts, true], [$raw->verdict, $raw->inTrouble()]);
        self::assertContains('base.feels-fat-melts', self::codes($raw));
        self::assertNotSame(Verdict::FatMelts, $base($hot)->verdict);
        $bare = static fn (Pie $pie): Pie => $pie->withCrust($pie->crust->withShell([], Seal::None));
        self::assertSame([false, true], [$base($bare($at(44.0)))->verdict === Verdict::FatMelts, $base($bare($at(46.0)))->verdict === Verdict::FatMelts], 'butter is melted in the forties');
    }

    public function test_a_range_that_spills_over_a_limit_is_not_trouble_yet(): void
    {
        $limits = Limits::upTo(BaseVerdict::SOFT_TO_RATIO, LimitName::Soggy);
        foreach (range(290, 450, 20) as $grams) {
            $pie = TroutQuiche::soggy((float) $grams);
            $reading = BakeReadings::take(ReadingName::Base, Weights::of($pie), SimulatedBake::roughly(Weights::of($pie)));
            $expected = match (true) {
                ! $limits->holds($reading->value ?? NAN) => ReadingState::Outside,
                $limits->holds($reading->high ?? NAN) => ReadingState::Inside,
                default => ReadingState::Marginal,
            };
            self::assertSame($expected, $reading->state);
            $seen[$expected->value] = true;
        }
        self::assertCount(2, $seen, 'the pies of this test straddle the limit');
    }

    /** A good bake trembles when it comes out, one left in is past its best, then tough; one out too soon is not set. */
    public function test_a_custard_goes_through_its_words_in_order_as_it_stays_in(): void
    {
        $words = [];
        foreach (range(18, 90, 3) as $minutes) {
            $pie = TroutQuiche::pie()->withBake(TroutQuiche::pie()->bake->withMinutes((float) $minutes));
            $words[] = BakeReadings::take(ReadingName::Set, Weights::of($pie), SimulatedBake::roughly(Weights::of($pie)))->verdict;
        }
        $order = [Verdict::NotSet, Verdict::JustSet, Verdict::Set, Verdict::PastItsBest, Verdict::Tough];
        $places = array_map(static fn (Verdict $one): int => (int) array_search($one, $order, true), $words);
        $sorted = $places;
        sort($sorted);
        self::assertSame($sorted, $places);
        self::assertSame([Verdict::NotSet, Verdict::Tough], [$words[0], $words[count($words) - 1]]);
        self::assertContains(Verdict::Set, $words);
    }

    /** Too soon out is above, tough below: ways out of one are to stay in longer, of the other to come out earlier. */
    public function test_a_custard_that_is_not_set_lies_on_one_side_and_a_tough_one_on_the_other(): void
    {
        $side = static function (float $minutes): ?int {
            $pie = TroutQuiche::pie()->withBake(TroutQuiche::pie()->bake->withMinutes($minutes));

            return BakeReadings::side(ReadingName::Set, Weights::of($pie), SimulatedBake::roughly(Weights::of($pie)));
        };
        self::assertSame([1, 0, -1], [$side(20), $side(46), $side(90)]);
        self::assertNull(BakeReadings::side(ReadingName::Set, Weights::of(TroutQuiche::pie()), null));
        $noEgg = TroutQuiche::pie()->withLayers([TroutQuiche::leeks()]);
        self::assertNull(BakeReadings::side(ReadingName::Set, Weights::of($noEgg), SimulatedBake::roughly(Weights::of($noEgg))));
        $soggy = TroutQuiche::soggy();
        self::assertSame([1, 0], [BakeReadings::side(ReadingName::Base, Weights::of($soggy), SimulatedBake::roughly(Weights::of($soggy))), BakeReadings::side(ReadingName::Base, Weights::of(TroutQuiche::pie()), SimulatedBake::roughly(Weights::of(TroutQuiche::pie())))]);
    }

    public function test_colour_is_held_against_what_the_cook_wanted(): void
    {
        $of = static function (float $celsius, float $minutes, ColourWish $wish): Reading {
            $pie = TroutQuiche::pie()->withBake(BakePlan::plain($celsius, OvenMode::Static, $minutes)->withColour($wish));

            return BakeReadings::take(ReadingName::Colour, Weights::of($pie), SimulatedBake::roughly(Weights::of($pie)));
        };
        $white = $of(150, 30, ColourWish::Gold);
        self::assertSame([Verdict::Pale, ReadingState::Outside], [$white->verdict, $white->state]);
        self::assertFalse($of(150, 30, ColourWish::Pale)->inTrouble(), 'pale on purpose');
        $black = $of(230, 80, ColourWish::Gold);
        self::assertTrue($black->inTrouble());
        self::assertGreaterThan($black->limits->upper, $black->value ?? 0.0);
        self::assertSame(['colour.wish', 'colour.crust'], self::codes($black));
    }

    public function test_salt_names_what_brings_it_the_most_first(): void
    {
        $reading = Gauges::take(new SaltGauge, Weights::of(TroutQuiche::pie()));
        self::assertSame(['salt.sum'], self::codes($reading));
        $sources = $reading->reasons[0]->with['sources'];
        self::assertIsArray($sources);
        self::assertSame([['Fine salt', 6.0], ['Smoked trout, flaked', 4.0], ['Egg, without shell', 0.9]], array_map(static fn (Statement $one): array => [$one->with['food'], round((float) $one->with['saltGrams'], 1)], array_slice($sources, 0, 3)));
        self::assertSame(Verdict::Mild, Gauges::take(new SaltGauge, Weights::of(TroutQuiche::pie()->withSeasonings([])))->verdict);
        $salt = TroutQuiche::pie()->seasonings[0];
        self::assertSame(Verdict::Salty, Gauges::take(new SaltGauge, Weights::of(TroutQuiche::pie()->withSeasonings([$salt->with(24)])))->verdict);
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
        $verdict = static fn (Pie $pie): Verdict => Gauges::take(new FillGauge, Weights::of($pie))->verdict;
        $trout = TroutQuiche::pie();
        self::assertSame([Verdict::Mean, Verdict::Fits, Verdict::OverTheRim], [
            $verdict($trout->withTin(new StraightTin(330, 35))), $verdict($trout), $verdict($trout->withLayer(TroutQuiche::custard()->scaled(1.4))),
        ]);
    }

    /** By hand, in a lined tin 32 mm deep: what is poured rises a tenth, a heap may stand half as high again, under a lid twice; a fold gives a third. */
    public function test_the_limits_of_fill_are_the_shares_of_the_room(): void
    {
        $most = static fn (Pie $pie): ?float => (new FillGauge)->limits(Weights::of($pie))->upper;
        $trout = TroutQuiche::pie();
        $heap = $trout->withLayers([new SolidLayer('leeks', Pantry::food('leeks'), Amount::of(900), [], null)]);
        self::assertEqualsWithDelta(32 / 1.1, $most($trout), 1e-9);
        self::assertEqualsWithDelta(48.0, $most($heap), 1e-9);
        self::assertEqualsWithDelta(64.0, $most($heap->withCrust($heap->crust->withLid(new Lid(3, 0.01, Glaze::Egg)))), 1e-9);
        self::assertEqualsWithDelta(0.45 * 32, (new FillGauge)->limits(Weights::of($trout))->lower, 1e-9);
        $folds = OtherPies::folds();
        self::assertEqualsWithDelta(1.35 * $folds->tin->depthMm(), $most($folds), 1e-9);
    }

    /** Common practice, no source: leaves and roots heaped above the rim are intended, more so under a lid; what is poured must not stand there. */
    public function test_a_heap_may_stand_above_the_rim_and_a_liquid_may_not(): void
    {
        $trout = TroutQuiche::pie();
        $heap = $trout->withLayers([new SolidLayer('leeks', Pantry::food('leeks'), Amount::of(1300), [], null)]);
        self::assertSame(Verdict::Heaped, Gauges::take(new FillGauge, Weights::of($heap))->verdict);
        self::assertNotContains('fill.proud', self::codes(Gauges::take(new FillGauge, Weights::of($heap))), 'there is no custard for it to stand above');
        $low = $heap->withLayers([new SolidLayer('leeks', Pantry::food('leeks'), Amount::of(700), [], null)]);
        self::assertSame(Verdict::Fits, Gauges::take(new FillGauge, Weights::of($low))->verdict, 'solids that stay under the rim are no heap above it');
        $lid = $heap->withCrust($heap->crust->withLid(new Lid(3, 0.01, Glaze::Egg)));
        $higher = $lid->withLayers([new SolidLayer('leeks', Pantry::food('leeks'), Amount::of(1700), [], null)]);
        self::assertSame(Verdict::Heaped, Gauges::take(new FillGauge, Weights::of($higher))->verdict);
        self::assertSame(Verdict::OverTheRim, Gauges::take(new FillGauge, Weights::of($heap->withLayers($higher->layers)))->verdict);
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

    /** Raw egg and raw flesh wait for the whole range; food that was cooked is likely hot when most bakes are, and the cook is told to check. */
    public function test_only_what_was_cooked_before_may_be_likely_safe(): void
    {
        $between = static function (Pie $pie): array {
            $weights = Weights::of($pie);
            $bake = SimulatedBake::of($weights);
            self::assertNotNull($bake);
            [, $high] = $bake->range(BakeEvent::Safe);
            $pie = $pie->withBake($pie->bake->withMinutes(($bake->minute(BakeEvent::Safe) + $high) / 2));
            $reading = BakeReadings::take(ReadingName::Safe, Weights::of($pie), SimulatedBake::of(Weights::of($pie)));

            $told = array_values(array_diff(self::codes($reading), ['safe.counts-as-raw']));

            return [$reading->verdict, $reading->state, $told[count($told) - 1]];
        };
        $mince = static fn (float $now): Pie => new Pie('Mince', 8, '', FoldedPieces::halfMoons(6, 150), TroutQuiche::pie()->crust->withShell([], Seal::None), [
            new SolidLayer('minced-beef', Pantry::food('minced-beef'), Amount::of(400), [new Step('cooked', Amount::of($now))], null, 5.0),
        ], [], TroutQuiche::pie()->bake);
        self::assertSame([Verdict::LikelySafe, ReadingState::Marginal, 'safe.likely'], $between($mince(300)));
        self::assertSame([Verdict::NotYetSafe, ReadingState::Outside, 'safe.too-early'], $between($mince(360)), 'a tenth lost is not cooked');
        self::assertSame([Verdict::NotYetSafe, ReadingState::Outside, 'safe.too-early'], $between(TroutQuiche::withRawFish()), 'raw fish');
        self::assertSame([Verdict::SafeWhenSet, ReadingState::Inside, 'safe.when-set'], $between(TroutQuiche::pie()), 'a custard gives a sign');
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
        $plain = new Pie('Plain', 8, '', TroutQuiche::pie()->tin, TroutQuiche::pie()->crust, [TroutQuiche::leeks()], [], TroutQuiche::pie()->bake);
        self::assertSame(-1, Gauges::side(new SaltGauge, Weights::of($plain)));
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
