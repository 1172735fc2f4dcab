<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Batch;

use Hojaldre\Core\Batch\Batch;
use Hojaldre\Core\Batch\BatchLine;
use Hojaldre\Core\Batch\DoughChoice;
use Hojaldre\Core\Batch\FoldChoice;
use Hojaldre\Core\Batch\PastryPlan;
use Hojaldre\Core\Batch\PieOfBatch;
use Hojaldre\Core\Batch\Prep\PieShare;
use Hojaldre\Core\Batch\Prep\PrepAct;
use Hojaldre\Core\Batch\Prep\PrepList;
use Hojaldre\Core\Batch\Prep\ShoppingLine;
use Hojaldre\Core\Batch\Prep\ShoppingList;
use Hojaldre\Core\Batch\Prep\WeighingList;
use Hojaldre\Core\Food\Allergen;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Roots;
use Hojaldre\Core\Food\Trim;
use Hojaldre\Core\Pastry\Dough\HouseDoughs;
use Hojaldre\Core\Pastry\Dough\Vessel;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pastry\Rolled\LiningChoice;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\Sheet\Board;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\ScatteredLayer;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\Step;
use Hojaldre\Core\Statement\Statement;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

final class PrepListTest extends TestCase
{
    /** Common practice, no source: dough first, filling during its rest, tins when it has rested, custard last. */
    public function test_the_list_stands_in_the_order_cooks_work(): void
    {
        $kinds = array_map(static fn (PrepAct $one): string => $one->kind->value, self::prep([[TroutQuiche::pie(), 2]])->acts);
        self::assertSame('dough', $kinds[0]);
        self::assertSame('custard', $kinds[count($kinds) - 1]);
        self::assertLessThan(array_search('line', $kinds, true), array_search('cook', $kinds, true));
        self::assertLessThan(array_search('cook', $kinds, true), array_search('cut', $kinds, true));
        self::assertSame(['dough', 'cut', 'cook', 'cool', 'cook', 'line', 'cool', 'custard'], $kinds, 'leeks are cut, sweated, cooled; the trout is flaked; the shell cools');
    }

    public function test_the_same_vegetable_in_three_pies_is_cut_once_and_shared_out(): void
    {
        $acts = self::prep([[TroutQuiche::pie(), 2], [OtherPies::folds(), 12], [TroutQuiche::pie(), 1]])->acts;
        $cuts = array_values(array_filter($acts, static fn (PrepAct $one): bool => $one->id === 'cut:leeks'));
        self::assertCount(1, $cuts);
        self::assertEqualsWithDelta(2 * 450 + 2 * 330 + 450, $cuts[0]->beforeGrams, 1e-6);
        self::assertEqualsWithDelta([1 => 900.0, 2 => 660.0, 3 => 450.0], array_combine(array_map(static fn (PieShare $one): int => $one->number, $cuts[0]->shares), array_map(static fn (PieShare $one): float => $one->grams, $cuts[0]->shares)), 1e-6);
        $cooked = self::act($acts, 'cook:leeks:sweated and pressed:0');
        self::assertEqualsWithDelta(3 * 450, $cooked->beforeGrams, 1e-6, 'the two quiches go into the pan together');
        self::assertEqualsWithDelta(3 * 315, (float) $cooked->stopGrams, 1e-6);
        self::assertCount(2, $cooked->shares);
    }

    /** Common practice, no source: a kilogram more is minutes more, and the board and knife come out once. */
    public function test_more_leeks_take_longer_to_cut_but_less_for_each(): void
    {
        $minutes = static fn (int $pies): float => self::act(self::prep([[TroutQuiche::pie(), $pies]])->acts, 'cut:leeks')->minutes();
        self::assertGreaterThan($minutes(1), $minutes(4));
        self::assertLessThan(4 * $minutes(1), $minutes(4));
        self::assertEqualsWithDelta($minutes(3) - $minutes(2), $minutes(2) - $minutes(1), 0.15, 'to a tenth of a minute');
    }

    public function test_what_is_prepared_otherwise_is_cooked_apart(): void
    {
        $sweated = self::withSteps(TroutQuiche::pie(), [new Step('sweated', Amount::of(330))]);
        $ids = array_map(static fn (PrepAct $one): string => $one->id, self::prep([[TroutQuiche::pie(), 1], [$sweated, 1]])->acts);
        self::assertContains('cook:leeks:sweated and pressed:0', $ids);
        self::assertContains('cook:leeks:sweated:0', $ids);
        self::assertCount(count($ids), array_unique($ids));
    }

    /** 900 g of leeks and a pan that takes 600: two pans of 450 each; 690 g are not worth a second. */
    public function test_a_pan_takes_only_so_much_at_a_time(): void
    {
        $goes = static fn (int $count, float $panGrams): int => self::act(self::prep([[TroutQuiche::pie(), $count]], $panGrams)->acts, 'cook:leeks:sweated and pressed:0')->goes;
        self::assertSame(1, $goes(1, 600));
        self::assertSame(2, $goes(2, 600));
        self::assertSame(1, $goes(2, 800));
        self::assertSame(4, $goes(4, 500));
        $act = self::act(self::prep([[TroutQuiche::pie(), 2]])->acts, 'cook:leeks:sweated and pressed:0');
        // 7.5 minutes of the table, two of them pressing; each of two pans
        self::assertEqualsWithDelta(2 * 7.5, $act->minutes(), 0.25);
    }

    /** Leeks 450 to 315 and bacon 100 to 60 in one pan of each of two pies: 1,100 g to 750, one weight. */
    public function test_a_pan_with_several_foods_is_one_act_with_one_weight(): void
    {
        $pie = TroutQuiche::pie();
        $leeks = $pie->solids()[0]->inPan('one');
        $bacon = (new SolidLayer('bacon', Pantry::food('streaky-bacon'), Amount::of(100), [new Step('crisp', Amount::of(60))], null))->inPan('one');
        $acts = self::prep([[$pie->withLayers([$leeks, $bacon, ...array_slice($pie->layers, 1)]), 2]], 1200)->acts;
        $pan = array_values(array_filter($acts, static fn (PrepAct $one): bool => str_starts_with($one->id, 'pan:')));
        self::assertCount(1, $pan);
        self::assertEqualsWithDelta([1100.0, 750.0], [$pan[0]->beforeGrams, (float) $pan[0]->stopGrams], 1e-6);
        self::assertSame(1, $pan[0]->goes);
        $ids = array_map(static fn (PrepAct $one): string => $one->id, $acts);
        self::assertNotContains('cook:leeks:sweated and pressed:0', $ids);
        self::assertLessThan(array_search($pan[0]->id, $ids, true), array_search('cut:leeks', $ids, true), 'cut before');
        self::assertContains('prep.first-in', array_map(static fn (Statement $one): string => $one->code, $pan[0]->says));
    }

    public function test_what_comes_from_a_shared_pan_cools_together_before_it_goes_in(): void
    {
        $pie = TroutQuiche::pie();
        $leeks = $pie->solids()[0]->inPan('one');
        $bacon = (new SolidLayer('bacon', Pantry::food('streaky-bacon'), Amount::of(100), [new Step('crisp', Amount::of(60))], null))->inPan('one');
        $cooling = static fn (SolidLayer ...$layers): array => array_values(array_filter(self::prep([[$pie->withLayers([...$layers, ...array_slice($pie->layers, 1)]), 2]], 1200)->acts, static fn (PrepAct $one): bool => str_starts_with($one->id, 'cool:')));
        $cool = $cooling($leeks, $bacon)[0];
        self::assertEqualsWithDelta(750.0, $cool->beforeGrams, 1e-6, 'all of the pan');
        self::assertGreaterThan(0.0, $cool->waitMinutes);
        self::assertNotNull($cool->cooling?->fridgeByMinutes);
        self::assertEqualsCanonicalizing(['Leeks', 'Streaky bacon, raw'], $cool->foods);
        self::assertEqualsWithDelta(630.0, $cooling($leeks, $bacon->startingAt(60))[0]->beforeGrams, 1e-6, 'bacon that goes in hot does not wait');
        self::assertSame([], $cooling($leeks->startingAt(60), $bacon->startingAt(60)));
    }

    public function test_of_one_vegetable_only_what_goes_in_cool_is_cooled(): void
    {
        $pie = TroutQuiche::pie();
        $warm = $pie->withLayer($pie->solids()[0]->startingAt(60));
        $cool = self::act(self::prep([[$warm, 1], [$pie, 2]])->acts, 'cool:leeks:sweated and pressed');
        self::assertEqualsWithDelta(2 * 315.0, $cool->beforeGrams, 1e-6);
        self::assertSame([2], array_map(static fn (PieShare $one): int => $one->number, $cool->shares));
    }

    /** Common practice, no source: four minutes to line a tin, a quarter to cut a disc, two to begin with. */
    public function test_every_tin_that_is_lined_takes_its_minutes(): void
    {
        $minutes = static fn (Pie $pie, int $count): float => self::act(self::prep([[$pie, $count]])->acts, 'line:shortcrust')->minutes();
        self::assertSame([6.0, 42.0], [$minutes(TroutQuiche::pie(), 1), $minutes(TroutQuiche::pie(), 10)]);
        self::assertSame(5.0, $minutes(OtherPies::folds(), 12));
    }

    public function test_what_was_hot_and_goes_in_cool_is_cooled_and_what_goes_in_warm_is_not(): void
    {
        $ids = static fn (Pie $pie): array => array_map(static fn (PrepAct $one): string => $one->id, self::prep([[$pie, 1]])->acts);
        self::assertContains('cool:leeks:sweated and pressed', $ids(TroutQuiche::pie()));
        $leeks = TroutQuiche::pie()->solids()[0];
        self::assertNotContains('cool:leeks:sweated and pressed', $ids(TroutQuiche::pie()->withLayer($leeks->startingAt(60))));
        self::assertNotContains('cool:smoked-trout:flaked', $ids(TroutQuiche::pie()), 'flaking makes nothing hot');
        $cool = self::act(self::prep([[TroutQuiche::pie(), 1]])->acts, 'cool:leeks:sweated and pressed');
        self::assertSame(ceil($cool->cooling->forDoughMinutes ?? 0), $cool->waitMinutes);
    }

    /** Ten to twenty minutes on a rack (common practice, no source); by hand of a thin layer: ln(169/9) x (4500 + 2200)/18 s = 18 min. */
    public function test_a_shell_cools_before_it_is_filled(): void
    {
        $act = self::act(self::prep([[TroutQuiche::pie(), 2]])->acts, 'cool-shell:'.self::uuid(1));
        self::assertEqualsWithDelta(log(170 / 10) * 6700 / 18 / 60, $act->waitMinutes, 1.5);
        $raw = TroutQuiche::pie()->withCrust(TroutQuiche::pie()->crust->withShell([], Seal::None));
        self::assertNotContains('cool-shell:'.self::uuid(1), array_map(static fn (PrepAct $one): string => $one->id, self::prep([[$raw, 2]])->acts));
    }

    public function test_a_dough_waits_for_its_rest_and_a_lined_tin_for_its_chill(): void
    {
        self::assertSame(30.0, self::prep([[TroutQuiche::pie(), 1]])->acts[0]->waitMinutes);
        self::assertEqualsWithDelta(20.0, self::act(self::prep([[TroutQuiche::pie(), 1]])->acts, 'line:shortcrust')->waitMinutes, 1e-9);
        self::assertSame(0.0, self::act(self::prep([[TroutQuiche::pie(), 1]])->acts, 'cut:leeks')->waitMinutes, 'nothing waits for a knife');
    }

    public function test_dough_that_is_there_from_before_is_not_mixed_again(): void
    {
        $acts = static function (float $fromBefore): array {
            $pies = [new PieOfBatch(1, self::line(1, 1), TroutQuiche::pie())];
            $batch = new Batch('Test', [$pies[0]->line], [new DoughChoice('shortcrust', Board::usual(), Vessel::Bowl, 6, null, null, [], $fromBefore)], 20);
            $formula = HouseDoughs::of('shortcrust');

            return PrepList::of($batch, $pies, PastryPlan::of($batch, $pies, $formula === null ? [] : ['shortcrust' => $formula], []))->acts;
        };
        // one tin takes a disc of 33 cm, 297.6 g, and a hundredth of it for the bowl
        self::assertEqualsWithDelta(1.01 * 297.6 - 100, self::act($acts(100), 'dough:shortcrust')->beforeGrams, 0.1);
        self::assertNotContains('dough:shortcrust', array_map(static fn (PrepAct $one): string => $one->id, $acts(400)));
        self::assertSame(['prep.dough-from-before'], array_map(static fn (Statement $one): string => $one->code, self::act($acts(400), 'line:shortcrust')->says));
        self::assertSame([], self::act($acts(0), 'line:shortcrust')->says);
    }

    public function test_a_raw_root_in_a_closed_fold_is_cut_small_because_it_must_cook(): void
    {
        $root = new SolidLayer('swede', Pantry::food('swede'), Amount::of(100), [], null);
        $folds = OtherPies::folds();
        $says = static fn (Pie $pie): array => array_map(static fn (Statement $one): string => $one->code.' '.json_encode($one->with['cutMm'] ?? null), self::act(self::prep([[$pie, 6]])->acts, 'cut:swede')->says);
        self::assertSame(['cut.root-tender 6'], $says($folds->withLayers([...$folds->layers, $root])));
        // a raw pasty out at 15 min has hard roots (common practice, no source)
        self::assertSame(['cut.root-hard 6'], $says($folds->withLayers([...$folds->layers, $root])->withBake($folds->bake->withMinutes(15))));
        $leeks = new SolidLayer('raw-leeks', Pantry::food('onions'), Amount::of(100), [], null);
        self::assertSame('cut.raw', self::act(self::prep([[$folds->withLayers([...$folds->layers, $leeks]), 6]])->acts, 'cut:onions')->says[0]->code);
        $cooked = $root->withSteps([new Step('roasted', Amount::of(80))]);
        self::assertSame(['cut.dice 12'], $says($folds->withLayers([...$folds->layers, $cooked])));
    }

    /** By hand: five minutes to spare, sqrt(300 x 3 pi^2 x 1.45e-7) = 35.9 mm; a dice of 12 mm lags 34 s. */
    public function test_larger_dice_want_minutes_to_spare(): void
    {
        self::assertEqualsWithDelta(35.9, Roots::mostMm(5), 0.1);
        self::assertEqualsWithDelta(12.0, Roots::mostMm(33.5 / 60), 0.05);
        self::assertSame(0.0, Roots::mostMm(-3));
        self::assertSame(40.0, Roots::mostMm(60));
    }

    public function test_raw_meat_gets_its_own_caution(): void
    {
        $codes = array_map(static fn (Statement $one): string => $one->code, self::act(self::prep([[OtherPies::folds(), 6]])->acts, 'cut:chicken-thigh')->says);
        self::assertContains('prep.raw-meat', $codes);
        self::assertNotContains('prep.raw-meat', array_map(static fn (Statement $one): string => $one->code, self::act(self::prep([[TroutQuiche::pie(), 1]])->acts, 'cut:leeks')->says));
    }

    /** 100 g of dry crumbs hold 175 g; the layer is told how much it lets go, and what of that is held. */
    public function test_a_binder_is_weighed_with_its_reason(): void
    {
        $leeks = TroutQuiche::pie()->solids()[0]->withBinder(new Ingredient(Pantry::food('dry-crumbs'), Amount::of(10)));
        $act = self::act(self::prep([[TroutQuiche::pie()->withLayer($leeks), 3]])->acts, 'bind:'.self::uuid(1).':leeks');
        self::assertEqualsWithDelta(30.0, $act->beforeGrams, 1e-9);
        // 450 g keep 279 in any oven; of 315 now, 36 weep
        self::assertSame('dose.holds', $act->says[0]->code);
        self::assertEqualsWithDelta(3 * 36.0, $act->says[0]->with['weepGrams'], 1e-6);
        self::assertEqualsWithDelta(30 * Pantry::food('dry-crumbs')->bindsGramsPerGram, $act->says[0]->with['holdsGrams'], 1e-6);
        $enough = TroutQuiche::pie()->solids()[0]->withBinder(new Ingredient(Pantry::food('dry-crumbs'), Amount::of(40)));
        self::assertSame('dose.holds-all', self::act(self::prep([[TroutQuiche::pie()->withLayer($enough), 1]])->acts, 'bind:'.self::uuid(1).':leeks')->says[0]->code);
        $strewn = TroutQuiche::pie()->withLayers([new ScatteredLayer('crumbs', Pantry::food('semolina'), Amount::of(20)), ...TroutQuiche::pie()->layers]);
        self::assertEqualsWithDelta(40.0, self::act(self::prep([[$strewn, 2]])->acts, 'strew:'.self::uuid(1).':crumbs')->beforeGrams, 1e-9);
    }

    public function test_eggs_are_bought_by_number_leeks_untrimmed_and_butter_by_the_block(): void
    {
        $lines = self::shopping([[TroutQuiche::pie(), 2]]);
        self::assertSame(10, $lines['egg']->packs);
        self::assertSame('large', $lines['egg']->pack);
        // 900 g trimmed of what keeps 72 %: 1250, sold by 100 g from a kilo on
        self::assertEqualsWithDelta(1250.0, $lines['leeks']->untrimmedGrams, 1e-6);
        self::assertSame(1300.0, $lines['leeks']->buyGrams);
        self::assertSame(1, $lines['unsalted-butter']->packs);
        self::assertSame(250.0, $lines['unsalted-butter']->buyGrams);
        self::assertArrayNotHasKey('shortcrust', $lines, 'what is made is not bought');
        self::assertArrayNotHasKey('water', $lines);
    }

    public function test_what_is_in_the_stores_is_not_bought_again(): void
    {
        $some = self::shopping([[TroutQuiche::pie(), 2]], have: ['leeks' => 1000.0, 'egg' => 600.0]);
        self::assertSame(250.0, $some['leeks']->buyGrams, '250 g are missing, sold by 50 g');
        self::assertSame(0.0, $some['egg']->buyGrams);
        self::assertSame(0, $some['egg']->packs);
    }

    public function test_a_bought_dough_stays_what_it_is_and_comes_in_packs(): void
    {
        $puff = TroutQuiche::pie()->withCrust(TroutQuiche::pie()->crust->withDough(Pantry::food('ready-puff')));
        $lines = self::shopping([[$puff, 2]]);
        self::assertSame('pack', $lines['ready-puff']->pack);
        self::assertSame(2, $lines['ready-puff']->packs);
        self::assertArrayNotHasKey('flour', $lines);
    }

    public function test_the_egg_for_the_glaze_is_not_forgotten(): void
    {
        $lidded = TroutQuiche::pie()->withCrust(TroutQuiche::pie()->crust->withLid(new Lid(3, 0.01, Glaze::Egg)));
        self::assertEqualsWithDelta(4 * 12.0, self::shopping([[$lidded, 4]])['egg']->needGrams - self::shopping([[TroutQuiche::pie(), 4]])['egg']->needGrams, 1e-6);
    }

    public function test_it_costs_what_has_a_price_and_tells_how_many_have_none(): void
    {
        $list = self::list([[TroutQuiche::pie(), 2]], prices: ['leeks' => 3.0, 'egg' => 5.0]);
        // 1300 g at 3 and 500 g at 5 the kilo
        self::assertEqualsWithDelta(3.9 + 2.5, (float) $list->cost(), 1e-9);
        self::assertSame(count($list->lines) - 2, $list->unpriced());
        self::assertNull(self::list([[TroutQuiche::pie(), 2]])->cost());
    }

    public function test_allergens_of_the_lot_are_those_of_every_pie_and_dough(): void
    {
        self::assertEqualsCanonicalizing([Allergen::Gluten, Allergen::Egg, Allergen::Fish, Allergen::Milk], self::list([[TroutQuiche::pie(), 1]])->allergens);
        self::assertNotContains(Allergen::Fish, self::list([[OtherPies::folds(), 6]])->allergens);
    }

    /** Bacon with its rind, 280 g, leaves 225 (common practice, no source). */
    public function test_trim_loss(): void
    {
        self::assertEqualsWithDelta(280.0, Trim::toBuyGrams('streaky-bacon', 225), 2.0);
        self::assertSame(100.0, Trim::toBuyGrams('smoked-trout', 100));
        self::assertGreaterThan(1300, Trim::toBuyGrams('asparagus', 1000));
    }

    public function test_what_is_weighed_stands_in_pouring_order_as_it_goes_in(): void
    {
        $list = WeighingList::of(new PieOfBatch(1, self::line(1, 2), TroutQuiche::pie()));
        self::assertSame(['leeks', 'smoked-trout', 'egg', 'single-cream', 'whole-milk', 'salt'], array_map(static fn (array $one): string => $one['food']->id, $list->lines));
        self::assertEqualsWithDelta([315.0, 630.0], [$list->lines[0]['eachGrams'], $list->lines[0]['allGrams']], 1e-9);
        $folds = WeighingList::of(new PieOfBatch(1, self::line(1, 12), OtherPies::folds()));
        self::assertEqualsWithDelta([110.0, 1320.0], [$folds->lines[0]['eachGrams'], $folds->lines[0]['allGrams']], 1e-9, 'each is one piece');
    }

    private static function uuid(int $number): string
    {
        return sprintf('00000000-0000-4000-8000-%012d', $number);
    }

    private static function line(int $number, int $count): BatchLine
    {
        return new BatchLine(self::uuid($number), $count, LiningChoice::usual(), FoldChoice::asDesigned());
    }

    /** @param  list<Step>  $steps */
    private static function withSteps(Pie $pie, array $steps): Pie
    {
        return $pie->withLayer($pie->solids()[0]->withSteps($steps));
    }

    /**
     * @param  list<array{Pie, int}>  $all
     * @return array{Batch, list<PieOfBatch>, PastryPlan}
     */
    private static function made(array $all, float $panGrams = Batch::USUAL_PAN_GRAMS): array
    {
        $pies = [];
        foreach ($all as $at => [$pie, $count]) {
            $pies[] = new PieOfBatch($at + 1, self::line($at + 1, $count), $pie);
        }
        $batch = new Batch('Test', array_map(static fn (PieOfBatch $one): BatchLine => $one->line, $pies), [], 20, $panGrams);
        $formula = HouseDoughs::of('shortcrust');

        return [$batch, $pies, PastryPlan::of($batch, $pies, $formula === null ? [] : ['shortcrust' => $formula], [])];
    }

    /** @param  list<array{Pie, int}>  $all */
    private static function prep(array $all, float $panGrams = Batch::USUAL_PAN_GRAMS): PrepList
    {
        return PrepList::of(...self::made($all, $panGrams));
    }

    /**
     * @param  list<array{Pie, int}>  $all
     * @param  array<string, float>  $prices
     * @param  array<string, float>  $have
     */
    private static function list(array $all, array $prices = [], array $have = []): ShoppingList
    {
        [, $pies, $pastry] = self::made($all);

        return ShoppingList::of($pies, $pastry, $prices, $have);
    }

    /**
     * @param  list<array{Pie, int}>  $all
     * @param  array<string, float>  $have
     * @return array<string, ShoppingLine>
     */
    private static function shopping(array $all, array $have = []): array
    {
        $lines = [];
        foreach (self::list($all, have: $have)->lines as $one) {
            $lines[$one->food->id] = $one;
        }

        return $lines;
    }

    /** @param  list<PrepAct>  $acts */
    private static function act(array $acts, string $id): PrepAct
    {
        foreach ($acts as $one) {
            if ($one->id === $id) {
                return $one;
            }
        }
        self::fail("$id is not in ".implode(', ', array_map(static fn (PrepAct $one): string => $one->id, $acts)));
    }
}
