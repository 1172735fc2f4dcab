<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Advice;

use Hojaldre\Core\Advice\OnHand\Filler;
use Hojaldre\Core\Advice\OnHand\Filling;
use Hojaldre\Core\Advice\OnHand\OnHand;
use Hojaldre\Core\Advice\OnHand\PieOnHand;
use Hojaldre\Core\Advice\OnHand\Shelf;
use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\ReadingState;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\PieKind;
use Hojaldre\Core\PieFile\PieFile;
use PHPUnit\Framework\TestCase;

/** What can be made of what is there. What belongs in which kind is common practice, no source. */
final class OnHandTest extends TestCase
{
    private const QUICHE = ['leeks', 'streaky-bacon', 'gruyere', 'egg', 'double-cream', 'whole-milk', 'shortcrust'];

    public function test_leeks_bacon_cheese_eggs_and_cream_are_a_quiche_that_fits_its_tin_holds_and_is_safe(): void
    {
        $quiche = self::kind(self::pies(self::QUICHE), PieKind::Quiche);
        foreach ([ReadingName::Custard, ReadingName::Fill, ReadingName::Salt, ReadingName::Safe] as $name) {
            self::assertSame(ReadingState::Inside, $quiche->forecast->reading($name)?->state, $name->value);
        }
        self::assertSame(['leeks', 'streaky-bacon', 'gruyere', 'egg', 'double-cream', 'whole-milk'], array_values(array_diff(self::ids($quiche->forecast->pie), ['salt'])));
    }

    public function test_the_grams_of_a_quiche_are_what_cooks_put_into_a_24_cm_tin(): void
    {
        // 3 to 6 eggs, 300 to 600 ml of dairy, 300 to 700 g of solids as they go in
        $pie = self::kind(self::pies(self::QUICHE), PieKind::Quiche)->forecast->pie;
        $custard = $pie->custard();
        self::assertNotNull($custard);
        self::assertThat($custard->eggs[0]->grams() / 50, self::logicalAnd(self::greaterThanOrEqual(3), self::lessThanOrEqual(6)));
        $dairy = array_sum(array_map(static fn ($one): float => $one->grams(), $custard->dairies));
        self::assertThat($dairy, self::logicalAnd(self::greaterThan(300), self::lessThan(600)));
        $solids = array_sum(array_map(static fn ($one): float => $one->now->grams, $pie->solids()));
        self::assertThat($solids, self::logicalAnd(self::greaterThan(300), self::lessThan(700)));
    }

    /** Common practice, no source: vegetables first, meat seven tenths of that, cheese a third; under a custard solids take two fifths of the room. */
    public function test_what_goes_in_stands_in_the_proportions_of_a_kitchen(): void
    {
        $pie = self::kind(self::pies(self::QUICHE), PieKind::Quiche)->forecast->pie;
        [$leeks, $bacon, $gruyere] = array_map(static fn ($one): float => $one->now->grams, $pie->solids());
        self::assertEqualsWithDelta(0.7, $bacon / $leeks, 0.03);
        self::assertEqualsWithDelta(0.35, $gruyere / $leeks, 0.03);
        $weights = Weights::of($pie);
        self::assertEqualsWithDelta(0.42, $weights->solidMl / $weights->lined->volumeMl($weights->lined->depthMm() / 1.1), 0.02);
        self::assertEqualsWithDelta(1.05, $weights->salt()->percent(), 0.35);
    }

    public function test_what_is_not_salty_by_itself_is_salted_to_what_most_like(): void
    {
        $pie = self::kind(self::pies(['leeks', 'mushrooms', 'egg', 'double-cream', 'shortcrust']), PieKind::Quiche)->forecast->pie;
        self::assertEqualsWithDelta(1.05, Weights::of($pie)->salt()->percent(), 0.01);
        // or to what this kitchen likes
        $liked = (new Filler(Shelf::of(array_map(Pantry::food(...), ['leeks', 'egg', 'whole-milk', 'double-cream', 'shortcrust'])), EggSizing::Us, null, 0.8))->pie(PieKind::Quiche, Filling::from(Shelf::of([Pantry::food('leeks')]), 1)[0]);
        self::assertEqualsWithDelta(0.8, $liked === null ? 0 : Weights::of($liked)->salt()->percent(), 0.01);
        self::assertTrue($pie->assumes('/seasonings/0/amount'));
    }

    /** A roux of 60 g of flour to a litre; not quite half as much sauce as what lies in it (common practice, no source). */
    public function test_the_sauce_of_a_pot_pie_is_thickened_and_covers_what_lies_in_it(): void
    {
        $pie = self::kind(self::pies(['chicken-thigh', 'leeks', 'ready-puff', 'chicken-stock', 'flour']), PieKind::PotPie)->forecast->pie;
        $sauce = $pie->custard();
        self::assertNotNull($sauce);
        self::assertEqualsWithDelta(0.06, $sauce->thickeners[0]->grams() / $sauce->dairies[0]->grams(), 0.005);
        $solids = array_sum(array_map(static fn ($one): float => $one->now->grams, $pie->solids()));
        self::assertEqualsWithDelta(0.45, $sauce->grams() / $solids, 0.02);
    }

    /** It comes out when it is set, safe in 8 kitchens of 10 and its roots are tender, and not long after. */
    public function test_its_minutes_are_as_many_as_it_wants(): void
    {
        foreach (self::pies(self::QUICHE) as $one) {
            $minutes = $one->forecast->pie->bake->minutes();
            $safe = $one->forecast->reading(ReadingName::Safe);
            self::assertNotNull($safe);
            self::assertGreaterThanOrEqual($safe->high, $minutes, $one->kind->value);
            self::assertLessThan($safe->high + 20, $minutes, $one->kind->value);
            self::assertSame(round($minutes), $minutes);
        }
    }

    public function test_without_eggs_nothing_is_poured(): void
    {
        $kinds = array_map(static fn (PieOnHand $one): PieKind => $one->kind, self::pies(array_diff(self::QUICHE, ['egg'])));
        self::assertNotContains(PieKind::Quiche, $kinds);
        self::assertNotContains(PieKind::RawCrustTart, $kinds);
        self::assertContains(PieKind::DoubleCrust, $kinds);
    }

    public function test_a_pot_pie_wants_stock_and_flour_for_its_sauce(): void
    {
        $have = ['chicken-thigh', 'leeks', 'ready-puff'];
        self::assertNull(self::find(self::pies($have), PieKind::PotPie));
        $pot = self::kind(self::pies([...$have, 'chicken-stock', 'flour']), PieKind::PotPie)->forecast->pie;
        self::assertSame(['chicken-stock'], array_map(static fn ($one): string => $one->food->id, $pot->custard()->dairies ?? []));
        self::assertSame(['flour'], array_map(static fn ($one): string => $one->food->id, $pot->custard()->thickeners ?? []));
    }

    public function test_puff_alone_lines_no_tin(): void
    {
        foreach (self::pies(['leeks', 'gruyere', 'egg', 'double-cream', 'ready-puff']) as $one) {
            self::assertContains($one->kind, [PieKind::PuffTart, PieKind::PotPie, PieKind::Pasty, PieKind::HandPie]);
            self::assertSame('ready-puff', $one->forecast->pie->crust->dough->id);
        }
    }

    public function test_where_no_dough_was_ticked_the_usual_one_is_told_as_missing_and_counts_against_it(): void
    {
        $with = self::kind(self::pies(self::QUICHE), PieKind::Quiche);
        $without = self::kind(self::pies(array_diff(self::QUICHE, ['shortcrust'])), PieKind::Quiche);
        self::assertSame([[], ['shortcrust']], [self::names($with->missing), self::names($without->missing)]);
        self::assertLessThan($with->worth(), $without->worth());
    }

    public function test_roots_and_meat_go_raw_into_a_pasty_and_its_minutes_are_enough_for_both(): void
    {
        $pasty = self::kind(self::pies(['potatoes', 'onions', 'minced-beef', 'shortcrust']), PieKind::Pasty);
        foreach ($pasty->forecast->pie->solids() as $layer) {
            self::assertSame([], $layer->steps, $layer->id);
        }
        self::assertSame(ReadingState::Inside, $pasty->forecast->reading(ReadingName::Safe)?->state);
    }

    public function test_the_fillings_that_are_tried_are_unlike_each_other(): void
    {
        $fillings = Filling::from(Shelf::of(array_map(Pantry::food(...), ['leeks', 'mushrooms', 'pumpkin', 'streaky-bacon', 'salmon', 'minced-beef', 'gruyere', 'feta', 'cheddar'])), 3);
        $foods = array_merge(...array_map(static fn (Filling $one): array => self::names($one->foods()), $fillings));
        self::assertCount(9, $foods);
        self::assertCount(9, array_unique($foods), 'three fillings of three, none twice');
    }

    public function test_herbs_fat_and_garlic_fill_no_pie(): void
    {
        self::assertSame([], self::pies(['sage', 'parsley', 'butter', 'garlic', 'salt', 'flour', 'shortcrust']));
        self::assertSame([], self::pies([]));
        self::assertSame([], self::pies(['gruyere', 'egg', 'double-cream']), 'cheese alone is a sauce');
    }

    public function test_what_is_told_is_best_first_at_most_six_and_each_kind_once(): void
    {
        $pies = self::pies(['leeks', 'mushrooms', 'chicken-thigh', 'gruyere', 'egg', 'double-cream', 'chicken-stock', 'flour', 'shortcrust', 'ready-puff']);
        self::assertLessThanOrEqual(6, count($pies));
        $kinds = array_map(static fn (PieOnHand $one): string => $one->kind->value, $pies);
        self::assertSame($kinds, array_unique($kinds));
        $worths = array_map(static fn (PieOnHand $one): float => $one->worth(), $pies);
        $sorted = $worths;
        rsort($sorted);
        self::assertSame($sorted, $worths);
    }

    public function test_nothing_is_in_it_that_was_not_ticked_but_salt(): void
    {
        $have = ['pumpkin', 'feta', 'egg', 'single-cream'];
        foreach (self::pies($have) as $one) {
            self::assertSame([], array_diff(self::ids($one->forecast->pie), [...$have, 'salt']), $one->kind->value);
        }
    }

    public function test_what_comes_of_it_is_a_pie_file_with_its_amounts_assumed(): void
    {
        foreach (self::pies(self::QUICHE) as $one) {
            $pie = $one->forecast->pie;
            self::assertEquals($pie, PieFile::read(PieFile::write($pie)));
            foreach ($pie->solids() as $layer) {
                self::assertTrue($pie->assumes("/layers/$layer->id/bought"));
            }
        }
    }

    /**
     * @param  array<string>  $ids
     * @return list<PieOnHand>
     */
    private static function pies(array $ids): array
    {
        return OnHand::pies(array_map(Pantry::food(...), array_values($ids)), EggSizing::Us);
    }

    /** @param  list<PieOnHand>  $pies */
    private static function find(array $pies, PieKind $kind): ?PieOnHand
    {
        return array_values(array_filter($pies, static fn (PieOnHand $one): bool => $one->kind === $kind))[0] ?? null;
    }

    /** @param  list<PieOnHand>  $pies */
    private static function kind(array $pies, PieKind $kind): PieOnHand
    {
        return self::find($pies, $kind) ?? self::fail("No $kind->value.");
    }

    /** @return list<string> */
    private static function ids(Pie $pie): array
    {
        $ids = array_map(static fn ($one): string => $one->food->id, $pie->seasonings);
        foreach ($pie->layers as $layer) {
            $ids = [...$ids, ...array_map(static fn ($one): string => $one->food->id, array_values(array_filter($layer->ingredients(), static fn ($one): bool => $one->food->role !== Role::Dough)))];
        }

        return $ids;
    }

    /**
     * @param  list<Food>  $foods
     * @return list<string>
     */
    private static function names(array $foods): array
    {
        return array_map(static fn (Food $one): string => $one->id, $foods);
    }
}
