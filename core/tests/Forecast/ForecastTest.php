<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Forecast;

use Hojaldre\Core\Advice\Change;
use Hojaldre\Core\Advice\WayOut;
use Hojaldre\Core\Advice\WaysOut;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\CustardGauge;
use Hojaldre\Core\Forecast\Readings\Gauges;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\ReadingState;
use Hojaldre\Core\Forecast\Readings\Verdict;
use Hojaldre\Core\Forecast\Section;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Oven\TinMaterial;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\Step;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Seasoning\SaltSource;
use Hojaldre\Core\Statement\Statement;
use Hojaldre\Core\Tests\Bake\Practice;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\RandomPie;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

final class ForecastTest extends TestCase
{
    public function test_mass_is_conserved_from_the_shop_to_the_oven(): void
    {
        foreach (RandomPie::many(50) as $pie) {
            $forecast = Forecast::of($pie);
            $bought = 0.0;
            foreach ($pie->layers as $layer) {
                $bought += array_sum(array_map(static fn (Ingredient $i): float => $i->grams(), $layer->ingredients()));
            }
            $bought += array_sum(array_map(static fn (Ingredient $i): float => $i->grams(), $pie->seasonings));
            $drivenOff = array_sum(array_map(static fn ($water): float => $water->drivenOffGrams, $forecast->weights->water));
            self::assertEqualsWithDelta($bought, $forecast->weights->fillingGrams + $drivenOff, 1e-6);

            $ledger = $forecast->ledger();
            self::assertEqualsWithDelta($ledger->freeGrams, $ledger->intoBaseGrams + $ledger->intoFillingGrams, 0.02);
            self::assertGreaterThanOrEqual(0, min($ledger->freeGrams, $ledger->intoBaseGrams, $ledger->intoFillingGrams));
        }
    }

    public function test_a_wetter_filling_never_makes_a_firmer_custard(): void
    {
        $tried = 0;
        $gauge = new CustardGauge;
        foreach (RandomPie::many(300) as $pie) {
            foreach ($pie->solids() as $solid) {
                $wetter = $pie->withLayer($solid->withNow(min($solid->bought->grams, $solid->now->grams + 30)));
                [$before, $after] = [Gauges::take($gauge, Weights::of($pie))->value, Gauges::take($gauge, Weights::of($wetter))->value];
                if ($before !== null && $after !== null) {
                    self::assertGreaterThanOrEqual($before - 1e-9, $after);
                    $tried++;
                }
            }
        }
        self::assertGreaterThan(100, $tried);
    }

    public function test_scaling_a_pie_leaves_its_percentages_alone(): void
    {
        foreach (RandomPie::many(200) as $pie) {
            foreach ([0.5, 2.0, 7.0] as $factor) {
                [$one, $other] = [Weights::of($pie), Weights::of($pie->withFillingScaled($factor)->withTin($pie->tin->scaledInArea($factor)))];
                if (! $one->isEmpty()) {
                    self::assertEqualsWithDelta($one->salt()->percent(), $other->salt()->percent(), 1e-9);
                }
                if ($one->custard() !== null && is_finite($one->custard()->liquidGramsPerEgg())) {
                    self::assertEqualsWithDelta(1.0, $other->custard()?->liquidGramsPerEgg() / $one->custard()->liquidGramsPerEgg(), 1e-9);
                }
                self::assertEqualsWithDelta($one->fillingGrams * $factor, $other->fillingGrams, 1e-6 * $other->fillingGrams + 1e-9);
            }
        }
    }

    public function test_every_reading_lies_in_its_range_and_every_range_is_as_it_says(): void
    {
        foreach (RandomPie::many(20) as $pie) {
            foreach (Forecast::of($pie)->readings as $reading) {
                self::assertNotSame([], $reading->reasons);
                if ($reading->value === null) {
                    continue;
                }
                self::assertTrue(is_finite($reading->value));
                self::assertTrue($reading->low === null || $reading->low <= $reading->value);
                self::assertTrue($reading->high === null || $reading->high >= $reading->value);
                // safe counts its whole range, set is judged by what the rest brings, a base also by whether it is baked, colour also by rim and underside
                if (! in_array($reading->name, [ReadingName::Safe, ReadingName::Set, ReadingName::Base, ReadingName::Colour], true)) {
                    self::assertSame(! $reading->limits->holds($reading->value), $reading->inTrouble(), "$pie->name {$reading->name->value}");
                }
                self::assertFalse($reading->name === ReadingName::Safe && $reading->high > $pie->bake->minutes() + 1e-6 && ! $reading->inTrouble(), 'never called safe while it may not be');
            }
        }
    }

    public function test_a_way_out_that_says_it_clears_does_when_its_changes_are_written_into_the_file_and_none_makes_it_unsafe(): void
    {
        $applied = 0;
        foreach (RandomPie::many(7, seed: 4) as $pie) {
            $forecast = Forecast::of($pie);
            $isSafe = $forecast->reading(ReadingName::Safe)?->inTrouble() === false;
            foreach ($forecast->readings as $reading) {
                foreach (WaysOut::of($forecast, $reading->name) as $way) {
                    $after = Forecast::of(self::applied($pie, $way));
                    $read = $after->reading($reading->name);
                    self::assertNotNull($read);
                    self::assertSame($way->clears, ! $read->inTrouble() && $read->state !== ReadingState::Unknown, "$pie->name: $way->id on {$reading->name->value}");
                    self::assertFalse($isSafe && $after->reading(ReadingName::Safe)?->inTrouble(), "$pie->name: $way->id makes it unsafe");
                    $applied++;
                }
            }
        }
        self::assertGreaterThan(10, $applied);
    }

    public function test_a_rough_answer_has_the_same_readings_and_never_says_safe_where_the_fine_one_does_not(): void
    {
        foreach (RandomPie::many(40, seed: 9) as $pie) {
            [$rough, $fine] = [Forecast::roughly($pie), Forecast::of($pie)];
            $names = static fn (Forecast $one): array => array_map(static fn (Reading $reading): ReadingName => $reading->name, $one->readings);
            self::assertSame($names($fine), $names($rough));
            self::assertFalse($rough->reading(ReadingName::Safe)?->verdict === Verdict::Safe && $fine->reading(ReadingName::Safe)?->verdict !== Verdict::Safe, $pie->name);
        }
    }

    public function test_a_reading_that_does_not_apply_is_left_out(): void
    {
        $names = static fn (Pie $pie): array => array_map(static fn (Reading $reading): string => $reading->name->value, Forecast::roughly($pie)->readings);
        self::assertSame(['custard', 'set', 'base', 'colour', 'salt', 'fill', 'safe'], $names(TroutQuiche::pie()));
        self::assertSame(['base', 'colour', 'salt', 'fill', 'safe'], $names(OtherPies::folds()), 'nothing sets without a custard');
    }

    public function test_the_trout_quiche_is_read_as_a_cook_would_read_it(): void
    {
        $forecast = Forecast::of(TroutQuiche::pie());
        $verdicts = array_map(static fn (Reading $one): Verdict => $one->verdict, $forecast->readings);
        self::assertSame([Verdict::Holds, Verdict::Set, Verdict::Dry, Verdict::LightGold, Verdict::Seasoned, Verdict::Fits, Verdict::Safe], $verdicts);
        self::assertSame([], array_filter($forecast->readings, static fn (Reading $one): bool => $one->inTrouble()));
        self::assertContains('act.press-out', self::acts(self::ways(TroutQuiche::soggy(), ReadingName::Base)));
        self::assertSame(['gluten', 'egg', 'fish', 'milk'], array_column($forecast->allergens(), 'value'));
    }

    public function test_pressing_the_leeks_to_the_weight_it_says_dries_the_base(): void
    {
        foreach (self::ways(TroutQuiche::soggy(), ReadingName::Base) as $way) {
            if ($way->acts[0]->code === 'act.press-out') {
                $pressed = TroutQuiche::soggy((float) $way->acts[0]->with['nowGrams']);
                self::assertFalse(Forecast::of($pressed)->reading(ReadingName::Base)?->inTrouble());

                return;
            }
        }
        self::fail('Nobody said to press the leeks.');
    }

    public function test_too_much_dairy_is_mended_by_whole_eggs_or_by_leaving_dairy_out(): void
    {
        $custard = TroutQuiche::pie()->custard();
        self::assertNotNull($custard);
        $loose = TroutQuiche::pie()->withLayer($custard->with([$custard->eggs[0]->with(125)], $custard->dairies));
        self::assertSame(Verdict::Loose, Forecast::of($loose)->reading(ReadingName::Custard)?->verdict);
        $ways = self::ways($loose, ReadingName::Custard);
        $acts = self::acts($ways);
        self::assertContains('act.add-eggs', $acts);
        self::assertContains('act.leave-out-dairy', $acts);
        self::assertSame(1, $ways[(int) array_search('act.add-eggs', $acts, true)]->acts[0]->with['eggs']);
    }

    public function test_a_custard_without_egg_is_told_to_add_eggs_and_never_called_set(): void
    {
        $custard = TroutQuiche::pie()->custard();
        self::assertNotNull($custard);
        $eggless = TroutQuiche::pie()->withLayer($custard->with([], $custard->dairies));
        $reading = Forecast::of($eggless)->reading(ReadingName::Custard);
        self::assertSame([ReadingState::Outside, Verdict::NoEgg, null], [$reading?->state, $reading?->verdict, $reading?->value]);
        self::assertSame('act.add-eggs', self::ways($eggless, ReadingName::Custard)[0]->acts[0]->code);
    }

    public function test_a_pie_taken_out_before_its_middle_is_hot_is_not_yet_safe_even_when_only_the_range_says_so(): void
    {
        $pie = TroutQuiche::withRawFish();
        $safe = Forecast::of($pie)->reading(ReadingName::Safe);
        self::assertNotNull($safe?->value);
        self::assertNotNull($safe->high);
        $between = $pie->withBake($pie->bake->withMinutes(($safe->value + $safe->high) / 2));
        $reading = Forecast::of($between)->reading(ReadingName::Safe);
        self::assertSame([Verdict::NotYetSafe, ReadingState::Outside], [$reading?->verdict, $reading?->state]);
        $way = self::ways($between, ReadingName::Safe)[0];
        self::assertSame('act.bake-longer', $way->acts[0]->code);
        self::assertTrue($way->clears);
    }

    public function test_a_raw_base_in_a_shiny_tin_high_in_a_cool_oven_takes_more_than_pressing(): void
    {
        $wet = TroutQuiche::soggy(450)->withBake(new BakePlan([new Stage(155, OvenMode::Static, 60, Rack::High)], tinMaterial: TinMaterial::ShinySteel));
        $ways = self::ways($wet, ReadingName::Base);
        self::assertTrue($ways[0]->clears);
        self::assertNotSame([], array_intersect(self::acts($ways, 3), ['act.par-bake', 'act.stand-on-steel', 'act.low-rack']));
    }

    /** Common practice, no source: a lid too dark is covered, a pale one glazed or baked on; what gives a pie its name is not cut first. */
    public function test_a_colour_that_is_not_wanted_has_its_ways_out_too(): void
    {
        [$pie] = Practice::timed()['chicken and leek, double crust 24 cm, cold thick filling; 200 °C'];
        $black = $pie->withBake(BakePlan::plain(220, OvenMode::Static, 70));
        self::assertNotSame([], array_intersect(self::acts(self::ways($black, ReadingName::Colour)), ['act.tent', 'act.out-earlier', 'act.cooler-oven', 'act.plain-lid']));
        $white = $pie->withCrust($pie->crust->withLid(new Lid(3.5, 0.01, Glaze::None)))->withBake(BakePlan::plain(165, OvenMode::Static, 35));
        self::assertNotSame([], array_intersect(self::acts(self::ways($white, ReadingName::Colour)), ['act.glaze-lid', 'act.bake-longer', 'act.high-rack', 'act.hotter-oven']));
    }

    public function test_what_gives_a_pie_its_name_is_not_what_is_cut(): void
    {
        $pie = TroutQuiche::pie()->withName('Leek tart')->withLayers([TroutQuiche::leeks()->scaled(6), TroutQuiche::custard()]);
        $way = self::acts(self::ways($pie, ReadingName::Fill));
        self::assertNotContains('act.less-of', $way);
        self::assertContains('act.wider-tin', $way);
    }

    public function test_a_filling_over_the_rim_is_told_how_much_less_to_pour(): void
    {
        $custard = TroutQuiche::pie()->custard();
        self::assertNotNull($custard);
        $full = TroutQuiche::pie()->withLayer($custard->scaled(1.5));
        self::assertSame(Verdict::OverTheRim, Forecast::of($full)->reading(ReadingName::Fill)?->verdict);
        self::assertSame('act.less-custard', self::ways($full, ReadingName::Fill)[0]->acts[0]->code);
    }

    public function test_an_empty_tin_knows_nothing_and_says_what_is_missing(): void
    {
        $empty = new Pie('Empty', 8, '', TroutQuiche::pie()->tin, TroutQuiche::pie()->crust, [], [], TroutQuiche::pie()->bake);
        $forecast = Forecast::of($empty);
        self::assertNotSame([], $forecast->readings);
        foreach ($forecast->readings as $reading) {
            self::assertSame(ReadingState::Unknown, $reading->state);
            self::assertSame([], WaysOut::of($forecast, $reading->name));
        }
    }

    public function test_solids_that_stand_proud_of_the_custard_are_said_to(): void
    {
        $pie = new Pie('Heap', 8, '', TroutQuiche::pie()->tin, TroutQuiche::pie()->crust, [
            new SolidLayer('leeks', Pantry::food('leeks'), Amount::of(900), [new Step('pressed', Amount::of(800))], null),
            new CustardLayer('custard', \Hojaldre\Core\Custard\CustardStyle::Tender, [new Ingredient(Pantry::food('egg'), Amount::of(50))], []),
        ], [], TroutQuiche::pie()->bake);
        $section = Section::of(Weights::of($pie));
        self::assertLessThan($section->fillTopMm, $section->custardLineMm);
        self::assertContains('fill.proud', array_map(static fn (Statement $one): string => $one->code, Forecast::of($pie)->reading(ReadingName::Fill)->reasons ?? []));
    }

    public function test_the_layers_of_the_section_lie_on_each_other_without_gap_or_overlap(): void
    {
        foreach (RandomPie::many(200) as $pie) {
            $section = Section::of(Weights::of($pie));
            $from = $pie->crust->liningThicknessMm();
            $shareless = 0;
            foreach ($section->layers as $layer) {
                self::assertGreaterThanOrEqual($layer->bottomMm, $layer->topMm);
                if ($layer->kind === 'custard' && abs($layer->bottomMm - $from) > 0.02) {
                    $shareless++;

                    continue;
                }
                self::assertEqualsWithDelta($from, $layer->bottomMm, 0.02);
                $from = $layer->topMm;
            }
            self::assertLessThanOrEqual(1, $shareless, 'only a custard that fits into the gaps has no room of its own');
            self::assertGreaterThanOrEqual($from - 0.02, $section->fillTopMm);
        }
    }

    public function test_the_salt_is_told_by_source_and_the_sources_sum_to_the_whole(): void
    {
        foreach (RandomPie::many(15) as $pie) {
            $salt = Weights::of($pie)->salt();
            $grams = array_map(static fn (SaltSource $one): float => $one->grams, $salt->mostFirst(0.0));
            self::assertEqualsWithDelta($salt->grams(), array_sum($grams), 1e-9);
            $sorted = $grams;
            rsort($sorted);
            self::assertSame($sorted, $grams, 'what brings the most comes first');
        }
    }

    public function test_nuts_scattered_on_the_custard_lie_on_top_of_it(): void
    {
        $pie = OtherPies::nutsOnTop();
        $section = Section::of(Weights::of($pie));
        $top = array_column($section->layers, 'topMm', 'id');
        self::assertGreaterThan($top['custard'], $top['hazelnuts']);
        self::assertEqualsWithDelta($section->custardLineMm, $top['hazelnuts'], 0.02);
    }

    /** @return list<WayOut> */
    private static function ways(Pie $pie, ReadingName $name): array
    {
        return WaysOut::of(Forecast::of($pie), $name);
    }

    /**
     * @param  list<WayOut>  $ways
     * @return list<string> codes of the acts of the first so many
     */
    private static function acts(array $ways, int $most = 9): array
    {
        return array_merge(...array_map(static fn (WayOut $way): array => array_map(static fn (Statement $act): string => $act->code, $way->acts), array_slice($ways, 0, $most)));
    }

    private static function applied(Pie $pie, WayOut $way): Pie
    {
        return PieFile::fromDocument(Change::applied($way->changes, DocumentWriter::write($pie)));
    }
}
