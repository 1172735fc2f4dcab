<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Forecast;

use Hojaldre\Core\Custard\CustardStyle;
use Hojaldre\Core\Food\DairyBody;
use Hojaldre\Core\Food\DoughKind;
use Hojaldre\Core\Food\FoodLabel;
use Hojaldre\Core\Food\OwnFood;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Rawness;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\Verdict;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\ScatteredLayer;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\Step;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Tests\TroutQuiche;
use Hojaldre\Core\Tin\StraightTin;
use PHPUnit\Framework\TestCase;

/** The sums of weighing, by hand. Figures of foods are read off the pantry, so that a mended one does not break a sum. */
final class WeightsTest extends TestCase
{
    public function test_everything_poured_is_the_filling_each_at_its_weight_now(): void
    {
        $weights = Weights::of(self::pie([self::leeks(450, 315), self::custard(250, 400)], saltGrams: 6));
        self::assertSame(315.0 + 250.0 + 400.0 + 6.0, $weights->fillingGrams);
        self::assertFalse($weights->isEmpty());
        self::assertTrue(Weights::of(self::pie([]))->isEmpty());
    }

    public function test_what_leeks_still_weep_is_what_they_weigh_above_their_floor(): void
    {
        $floor = 450 * Pantry::food('leeks')->floorYield;
        $weights = Weights::of(self::pie([self::leeks(450, 315)]));
        self::assertEqualsWithDelta(450 - 315, $weights->water['leeks']->drivenOffGrams, 1e-9);
        self::assertEqualsWithDelta(315 - $floor, $weights->water['leeks']->weepGrams, 1e-9);
        self::assertEqualsWithDelta(315 - $floor, $weights->freeGrams, 1e-9);
    }

    public function test_folded_crumbs_hold_their_own_layer_and_scattered_ones_what_is_left(): void
    {
        $binds = Pantry::food('dry-crumbs')->bindsGramsPerGram;
        $leeks = self::leeks(450, 400)->withBinder(new Ingredient(Pantry::food('dry-crumbs'), Amount::of(10)));
        $weights = Weights::of(self::pie([new ScatteredLayer('crumbs', Pantry::food('dry-crumbs'), Amount::of(8)), $leeks]));
        $weep = 400 - 450 * Pantry::food('leeks')->floorYield;
        self::assertEqualsWithDelta(10 * $binds, $weights->water['leeks']->boundGrams, 1e-9);
        self::assertEqualsWithDelta(min(8 * $binds, $weep - 10 * $binds), $weights->absorbedGrams, 1e-9);
        self::assertEqualsWithDelta($weep - 10 * $binds - $weights->absorbedGrams, $weights->freeGrams, 1e-9);
    }

    public function test_weep_that_comes_early_counts_as_dairy_to_the_egg(): void
    {
        $weights = Weights::of(self::pie([self::leeks(450, 315), self::custard(250, 400)]));
        self::assertEqualsWithDelta((400 + 0.4 * $weights->freeGrams) / 5, $weights->settling(0.4)->custard()?->liquidGramsPerEgg(), 1e-9);
        self::assertNull(Weights::of(self::pie([self::leeks(450, 315)]))->custard());
    }

    public function test_a_custard_alone_stands_as_high_as_its_volume_over_the_lined_floor(): void
    {
        $millilitres = 250 / Pantry::food('egg')->gramsPerMl + 400 / Pantry::food('whole-milk')->gramsPerMl;
        // a tin of 24 cm lined with 3 mm: a circle of 23.4 cm
        self::assertEqualsWithDelta($millilitres * 1000 / (M_PI * 117 ** 2), Weights::of(self::pie([self::custard(250, 400)]))->fillMm(), 1e-6);
    }

    public function test_custard_first_fills_the_gaps_between_solids(): void
    {
        $leeks = Pantry::food('leeks');
        $alone = Weights::of(self::pie([self::leeks(400, 400)]));
        self::assertEqualsWithDelta(400 / $leeks->bulkGramsPerMl, $alone->heapMl, 1e-6);
        self::assertEqualsWithDelta(400 / $leeks->gramsPerMl, $alone->solidMl, 1e-6);
        $gaps = $alone->heapMl - $alone->solidMl;
        $few = Weights::of(self::pie([self::leeks(400, 400), self::custard(50, 0.5 * $gaps * Pantry::food('whole-milk')->gramsPerMl)]));
        self::assertEqualsWithDelta($alone->fillMm(), $few->fillMm(), 1e-6, 'it only fills gaps');
    }

    public function test_salt_is_that_of_every_food_and_what_was_added(): void
    {
        $salt = static fn (string $food, float $grams): float => Pantry::food($food)->saltGrams($grams);
        $weights = Weights::of(self::pie([self::leeks(450, 315), self::custard(250, 400)], saltGrams: 6));
        self::assertEqualsWithDelta($salt('leeks', 450) + $salt('egg', 250) + $salt('whole-milk', 400) + $salt('salt', 6), $weights->salt()->grams(), 1e-9);
        self::assertEqualsWithDelta(100 * $weights->salt()->grams() / $weights->fillingGrams, $weights->salt()->percent(), 1e-9);
    }

    public function test_the_filling_goes_in_as_warm_as_its_parts_are_together(): void
    {
        $cold = new SolidLayer('leeks', Pantry::food('leeks'), Amount::of(300), [], null, 5.0);
        $warm = new SolidLayer('more', Pantry::food('leeks'), Amount::of(300), [], null, 45.0);
        self::assertEqualsWithDelta(25.0, Weights::of(self::pie([$cold, $warm]))->startCelsius(), 1e-6);
        self::assertEqualsWithDelta(5.0, Weights::of(self::pie([$cold]))->startCelsius(), 1e-6);
    }

    /** By hand: half of it at -18 °C and half at 20 ends at its freezing point, part of it still ice; all of it frozen stays so. */
    public function test_frozen_parts_cool_the_rest_by_their_ice(): void
    {
        $leeks = static fn (string $id, float $celsius): SolidLayer => new SolidLayer($id, Pantry::food('leeks'), Amount::of(300), [], null, $celsius);
        $mixed = Weights::of(self::pie([$leeks('a', -18.0), $leeks('b', 20.0)]))->startCelsius();
        self::assertLessThan(-1.5, $mixed);
        self::assertGreaterThan(-3.5, $mixed);
        self::assertEqualsWithDelta(-18.0, Weights::of(self::pie([$leeks('a', -18.0)]))->startCelsius(), 1e-6);
        self::assertGreaterThan(0.0, Weights::of(self::pie([new SolidLayer('a', Pantry::food('leeks'), Amount::of(30), [], null, -18.0), $leeks('b', 20.0)]))->startCelsius());
    }

    public function test_what_has_been_cooked_down_lies_dense_and_raw_flesh_too(): void
    {
        $leeks = Pantry::food('leeks');
        self::assertEqualsWithDelta(300 / $leeks->gramsPerMl, self::leeks(400, 300)->heapMl(), 1e-6, 'a quarter lost');
        self::assertEqualsWithDelta(400 / $leeks->bulkGramsPerMl, self::leeks(400, 400)->heapMl(), 1e-6);
        $half = self::leeks(400, 350)->heapMl();
        self::assertGreaterThan(350 / $leeks->gramsPerMl, $half);
        self::assertLessThan(350 / $leeks->bulkGramsPerMl, $half);
        $beef = Pantry::food('minced-beef');
        self::assertEqualsWithDelta(500 / $beef->gramsPerMl, (new SolidLayer('beef', $beef, Amount::of(500), [], null))->heapMl(), 1e-6);
    }

    /** A sauce, a mayonnaise with cheese, a fresh cheese bind by other means; a cream alone in an open shell does not. */
    public function test_only_what_egg_has_to_set_is_a_custard(): void
    {
        $of = static fn (array $eggs, array $dairies): bool => Weights::of(self::pie([new CustardLayer(
            'custard', CustardStyle::Tender,
            array_map(static fn (string $id, float $grams): Ingredient => new Ingredient(Pantry::food($id), Amount::of($grams)), array_keys($eggs), $eggs),
            array_map(static fn (string $id, float $grams): Ingredient => new Ingredient(Pantry::food($id), Amount::of($grams)), array_keys($dairies), $dairies),
        )]))->hasToSet();
        self::assertSame([true, true, false, false], [$of(['egg' => 150], ['whole-milk' => 300]), $of([], ['single-cream' => 300]), $of([], ['mayonnaise' => 100]), $of([], ['ricotta' => 300])]);
        self::assertFalse(Weights::of(self::pie([self::leeks(450, 315)]))->hasToSet());
    }

    public function test_raw_chicken_wants_seventy_four_egg_seventy_one_and_reheated_food_seventy_four(): void
    {
        $of = static fn (Layer ...$layers): float => Weights::of(self::pie(array_values($layers)))->safeCelsius();
        $chicken = new SolidLayer('chicken', Pantry::food('chicken-thigh'), Amount::of(300), [], null);
        self::assertSame([74.0, 71.0, 74.0, 74.0], [$of($chicken), $of(self::custard(250, 400)), $of(self::leeks(400, 400)), $of($chicken, self::custard(250, 400))]);
    }

    /** Facts of the trade (common practice, no source): frying cooks, thawing does not; a raw sausage is raw however lean; mayonnaise has yolks in it. */
    public function test_only_a_pie_with_nothing_raw_in_it_is_reheated(): void
    {
        $reheated = static fn (Layer ...$layers): bool => Weights::of(self::pie(array_values($layers)))->isReheated();
        $mince = static fn (string $step, float $now): SolidLayer => new SolidLayer('mince', Pantry::food('minced-beef'), Amount::of(400), [new Step($step, Amount::of($now))], null);
        self::assertSame(
            [true, true, true, false, false, false, false],
            [
                $reheated($mince('browned', 300)), $reheated($mince('fried and drained', 300)), $reheated($mince('boiled', 300)), $reheated($mince('browned', 360)),
                $reheated($mince('thawed and drained', 300)), $reheated($mince('thawed in the fridge', 300)), $reheated($mince('salted', 320)),
            ],
        );
        $sausage = OwnFood::of('own-sausage', new FoodLabel('Sausage', Role::Solid, Rawness::Raw, DairyBody::Pours, 28, 8, 3, 11, 1.8, [], DoughKind::Short));
        self::assertFalse($reheated(new SolidLayer('sausage', $sausage, Amount::of(300), [], null)));
        self::assertTrue($reheated(new SolidLayer('ham', Pantry::food('cooked-ham'), Amount::of(300), [], null), self::leeks(400, 280)));
        self::assertFalse($reheated(self::leeks(400, 280), new CustardLayer('custard', CustardStyle::Firm, [], [new Ingredient(Pantry::food('mayonnaise'), Amount::of(150))])));
        self::assertFalse($reheated(self::custard(50, 100)));
    }

    /** @param  list<Layer>  $layers */
    private static function pie(array $layers, float $saltGrams = 0): Pie
    {
        $salt = $saltGrams > 0 ? [new Ingredient(Pantry::food('salt'), Amount::of($saltGrams))] : [];

        return new Pie('Sums', 8, '', new StraightTin(240, 35), new Crust(Pantry::food('shortcrust'), 3, [], Seal::None), $layers, $salt, BakePlan::plain(175, OvenMode::Static, 45));
    }

    private static function leeks(float $bought, float $now): SolidLayer
    {
        return new SolidLayer('leeks', Pantry::food('leeks'), Amount::of($bought), $now < $bought ? [new Step('sweated', Amount::of($now))] : [], null);
    }

    private static function custard(float $eggGrams, float $milkGrams): CustardLayer
    {
        return new CustardLayer('custard', CustardStyle::Tender, [new Ingredient(Pantry::food('egg'), Amount::of($eggGrams))], [new Ingredient(Pantry::food('whole-milk'), Amount::of($milkGrams))]);
    }

    /** Common practice, no source: a mousseline of raw fish sets, the same of cooked fish wants eggs. */
    public function test_raw_flesh_blended_in_sets_a_custard_and_cooked_flesh_does_not(): void
    {
        $blend = static fn (string $food): CustardLayer => new CustardLayer('custard', CustardStyle::Firm, [], [new Ingredient(Pantry::food('single-cream'), Amount::of(400))], [new Ingredient(Pantry::food($food), Amount::of(120))]);
        self::assertGreaterThan(1.5, $blend('salmon')->eggCount());
        $pie = static fn (string $food): Pie => new Pie('Blended', 4, '', TroutQuiche::pie()->tin, TroutQuiche::pie()->crust, [$blend($food)], [], TroutQuiche::pie()->bake);
        self::assertNotSame(Verdict::NoEgg, Forecast::roughly($pie('salmon'))->reading(ReadingName::Set)?->verdict);
        foreach (['smoked-salmon', 'cooked-chicken', 'tinned-tuna'] as $cooked) {
            self::assertSame([], $blend($cooked)->refusals());
            self::assertSame(0.0, $blend($cooked)->eggCount());
            self::assertSame(Verdict::NoEgg, Forecast::roughly($pie($cooked))->reading(ReadingName::Set)?->verdict);
        }
        self::assertSame(['blended-no-flesh'], array_map(static fn (Refusal $one): string => $one->code, $blend('walnuts')->refusals()));
        self::assertSame(['blended-no-flesh'], array_map(static fn (Refusal $one): string => $one->code, $blend('hard-cheese')->refusals()));
    }
}
