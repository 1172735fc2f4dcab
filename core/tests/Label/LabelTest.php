<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Label;

use Hojaldre\Core\Custard\CustardStyle;
use Hojaldre\Core\Food\Allergen;
use Hojaldre\Core\Food\Composition;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Food\Texture;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Label\IngredientList;
use Hojaldre\Core\Label\Label;
use Hojaldre\Core\Label\LabelLine;
use Hojaldre\Core\Label\Nutrient;
use Hojaldre\Core\Label\NutrientName;
use Hojaldre\Core\Label\Nutrition;
use Hojaldre\Core\Label\SoldAs;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Pastry\Dough\HouseDoughs;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pastry\Lining;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\ShellBake;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\Step;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Statement\Statement;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;
use Hojaldre\Core\Tin\StraightTin;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Expectations are hand sums; the annexes of the regulation are in docs/sources.md. */
final class LabelTest extends TestCase
{
    /** 100 g hold 10 g of fat, 30 of carbohydrate, 5 of fibre, 20 of protein, 2 of salt. */
    private static function block(string $id = 'block', Allergen ...$allergens): Food
    {
        return new Food($id, ucfirst($id), Role::Solid, Texture::Cubes, new Composition(33, 20, 10, 30, 5, 2, 2), 1.0, 0.9, 0.5, 0, 0, 0, null, [], array_values($allergens));
    }

    /** A dish without a lining: its lid alone is pastry. @param  list<SolidLayer>  $layers */
    private static function dish(array $layers, Glaze $glaze = Glaze::None): Pie
    {
        return new Pie('Dish', 4, '', new StraightTin(200, 50), new Crust(Pantry::food('shortcrust'), 3, [], Seal::None, Lining::LidOnly, new Lid(3, 0.01, $glaze)), $layers, [], BakePlan::plain(190, OvenMode::Static, 40));
    }

    /** @param  list<LabelLine>  $lines @return list<string> */
    private static function names(array $lines): array
    {
        return array_map(static fn (LabelLine $one): string => $one->name, $lines);
    }

    public function test_ingredients_stand_in_falling_order_of_what_was_used_each_once(): void
    {
        $pie = self::dish([
            new SolidLayer('a', self::block('lentils'), Amount::of(150), [], null),
            // cooked down to less than the lentils: as it was used it is more
            new SolidLayer('b', self::block('squash'), Amount::of(260), [new Step('roasted', Amount::of(140))], null),
            new SolidLayer('c', self::block('lentils'), Amount::of(90), [], null),
        ]);
        $list = IngredientList::of($pie, null);
        // lid: pi x 100^2 x 0.99 x 3 mm = 93.3 ml of about 1.2 g
        self::assertSame(['Squash', 'Lentils', $pie->crust->dough->name], self::names($list->lines));
        self::assertEqualsWithDelta(240, $list->lines[1]->grams, 1e-9);
    }

    public function test_a_dough_that_is_made_here_is_followed_by_what_is_in_it(): void
    {
        $pastry = IngredientList::of(TroutQuiche::pie(), HouseDoughs::of('shortcrust'))->lines;
        $dough = array_values(array_filter($pastry, static fn (LabelLine $one): bool => $one->parts !== []))[0];
        self::assertSame([Pantry::food('flour')->name, Pantry::food('unsalted-butter')->name, Pantry::food('water')->name, Pantry::food('salt')->name], self::names($dough->parts));
        // 100 of 176.3 parts are flour
        self::assertEqualsWithDelta($dough->grams * 100 / 176.3, $dough->parts[0]->grams, 0.01);
        // and all its parts together are the dough
        self::assertEqualsWithDelta($dough->grams, array_sum(array_map(static fn (LabelLine $one): float => $one->grams, $dough->parts)), 1e-6);
        // gluten stands with the flour and milk with the butter, not a second time with the dough
        self::assertSame([], $dough->allergens);
    }

    public function test_every_allergen_of_what_goes_in_is_named_once_in_the_order_of_the_law(): void
    {
        $pie = self::dish([new SolidLayer('a', self::block('paste', Allergen::Sesame, Allergen::Mustard), Amount::of(200), [], null), new SolidLayer('b', self::block('cod', Allergen::Fish), Amount::of(100), [], null)]);
        self::assertSame([Allergen::Gluten, Allergen::Fish, Allergen::Milk, Allergen::Mustard, Allergen::Sesame], IngredientList::of($pie, HouseDoughs::of('shortcrust'))->allergens());
        self::assertSame([Allergen::Gluten, Allergen::Fish, Allergen::Milk, Allergen::Mustard, Allergen::Sesame], IngredientList::of($pie, null)->allergens());
    }

    public function test_what_is_brushed_on_a_lid_is_an_ingredient_and_its_egg_an_allergen(): void
    {
        $layers = [new SolidLayer('a', self::block(), Amount::of(200), [], null)];
        self::assertNotContains(Allergen::Egg, IngredientList::of(self::dish($layers), null)->allergens());
        $glazed = IngredientList::of(self::dish($layers, Glaze::Yolk), null);
        self::assertContains(Allergen::Egg, $glazed->allergens());
        self::assertSame('Glaze', $glazed->lines[count($glazed->lines) - 1]->name);
    }

    public function test_energy_follows_the_factors_of_the_regulation(): void
    {
        $pie = self::dish([new SolidLayer('a', self::block(), Amount::of(500), [], null)]);
        $dough = $pie->crust->dough->per100g;
        $lid = $pie->crust->grams($pie->tin);
        $all = Nutrition::of($pie, Weights::of($pie), 0, 1)->ofPiece();
        // five times 10 x 37 + 30 x 17 + 5 x 8 + 20 x 17 = 1,260 kJ, and 90 + 120 + 10 + 80 = 300 kcal
        $kilojoules = 5 * 1260 + $lid / 100 * (37 * $dough->fat + 17 * $dough->carbohydrate + 8 * $dough->fibre + 17 * $dough->protein);
        self::assertSame(NutrientName::Energy, $all[0]->name);
        self::assertEqualsWithDelta($kilojoules, $all[0]->amount, 0.1);
        $kilocalories = 5 * 300 + $lid / 100 * (9 * $dough->fat + 4 * $dough->carbohydrate + 2 * $dough->fibre + 4 * $dough->protein);
        self::assertEqualsWithDelta($kilocalories, Nutrition::kilocalories($all), 0.1);
        // a calorie is 4.184 J; the factors of both are rounded
        self::assertEqualsWithDelta(4.184, $all[0]->amount / Nutrition::kilocalories($all), 0.06);
        self::assertEqualsWithDelta(5 * 10 + $lid / 100 * $dough->fat, $all[1]->amount, 1e-6);
        self::assertEqualsWithDelta(5 * 20 + $lid / 100 * $dough->protein, $all[4]->amount, 1e-6);
        self::assertEqualsWithDelta(5 * 2 + $lid / 100 * $dough->salt, $all[5]->amount, 1e-6);
    }

    public function test_baking_takes_water_alone_so_a_piece_feeds_the_same_and_a_hundred_grams_more(): void
    {
        $pie = TroutQuiche::pie();
        $raw = Nutrition::of($pie, Weights::of($pie), 0, 8);
        $baked = Nutrition::of($pie, Weights::of($pie), 120, 8);
        self::assertEqualsWithDelta($raw->ofPiece()[0]->amount, $baked->ofPiece()[0]->amount, 1e-6);
        self::assertEqualsWithDelta(15.0, $raw->pieceGrams() - $baked->pieceGrams(), 1e-6);
        self::assertGreaterThan($raw->of100g()[0]->amount, $baked->of100g()[0]->amount);
        self::assertEqualsWithDelta($baked->ofPiece()[1]->amount, $baked->of100g()[1]->amount * $baked->pieceGrams() / 100, 1e-6);
    }

    public function test_fat_that_left_with_the_juice_of_a_pan_is_not_counted_and_makes_the_figure_less_sure(): void
    {
        $fatty = new Food('belly', 'Belly', Role::Solid, Texture::Cubes, new Composition(50, 20, 30, 0, 0, 0, 0), 1.0, 0.9, 0.5, 0, 0, 0, null, [], []);
        $kept = self::dish([new SolidLayer('a', $fatty, Amount::of(400), [], null)]);
        $fried = self::dish([new SolidLayer('a', $fatty, Amount::of(400), [new Step('fried', Amount::of(320))], null)]);
        $before = Nutrition::of($kept, Weights::of($kept), 0, 1)->ofPiece()[1];
        $after = Nutrition::of($fried, Weights::of($fried), 0, 1)->ofPiece()[1];
        // 80 g lost, 30 parts of 80 of it fat
        self::assertEqualsWithDelta(30.0, $before->amount - $after->amount, 1e-6);
        self::assertGreaterThan($before->high() - $before->low(), $after->high() - $after->low());
    }

    public function test_a_piece_that_is_cut_by_eye_is_less_sure_than_one_that_is_whole(): void
    {
        $pie = TroutQuiche::pie();
        $share = static fn (Nutrient $one): float => ($one->high() - $one->low()) / $one->amount;
        $whole = Nutrition::of($pie, Weights::of($pie), 100, 1)->ofPiece()[0];
        $cut = Nutrition::of($pie, Weights::of($pie), 100, 8)->ofPiece()[0];
        self::assertGreaterThan($share($whole), $share($cut));
        // one thing alone: 1.2816 x sqrt(0.10^2 + 0.03^2) to each side
        $one = new Nutrient(NutrientName::Fat, 10, 10 * sqrt(0.0109));
        self::assertEqualsWithDelta(1.338, $one->high() - 10, 0.001);
        self::assertEqualsWithDelta(1.338, 10 - $one->low(), 0.001);
    }

    /** A quiche with bacon and cheese out of a shop declares about so much for 100 g (common practice, no source, from memory). */
    public function test_a_quiche_with_bacon_and_cheese_feeds_as_the_ones_from_a_shop_do(): void
    {
        $pie = new Pie('Bacon', 8, '', new StraightTin(240, 35), new Crust(Pantry::food('shortcrust'), 3, ShellStage::usual(ShellBake::ParBaked), Seal::None), [
            new SolidLayer('bacon', Pantry::food('streaky-bacon'), Amount::of(150), [new Step('fried', Amount::of(110))], null),
            new SolidLayer('cheese', Pantry::food('gruyere'), Amount::of(90), [], null),
            new CustardLayer('custard', CustardStyle::Tender, [new Ingredient(Pantry::food('egg'), Amount::of(200))], [new Ingredient(Pantry::food('double-cream'), Amount::of(150)), new Ingredient(Pantry::food('whole-milk'), Amount::of(250))]),
        ], [], BakePlan::plain(175, OvenMode::Static, 40));
        $by = [];
        foreach (Nutrition::of($pie, Weights::of($pie), 110, 8)->of100g() as $one) {
            $by[$one->name->value] = $one->amount;
        }
        foreach (['energy' => [950, 1550], 'fat' => [15, 28], 'carbohydrate' => [10, 22], 'protein' => [7, 13], 'salt' => [0.5, 1.4]] as $name => [$least, $most]) {
            self::assertGreaterThan($least, $by[$name], $name);
            self::assertLessThan($most, $by[$name], $name);
        }
    }

    /** @return array<string, array{NutrientName, float, float}> */
    public static function declared(): array
    {
        return [
            'energy whole' => [NutrientName::Energy, 1043.6, 1044.0], 'fat from ten whole' => [NutrientName::Fat, 10.4, 10.0], 'fat below ten' => [NutrientName::Fat, 9.94, 9.9],
            'hardly any' => [NutrientName::Fibre, 0.49, 0.0], 'half a gram' => [NutrientName::Fibre, 0.5, 0.5], 'salt from one' => [NutrientName::Salt, 1.04, 1.0], 'salt below' => [NutrientName::Salt, 0.456, 0.46], 'salt none' => [NutrientName::Salt, 0.012, 0.0],
        ];
    }

    #[DataProvider('declared')]
    public function test_figures_are_rounded_as_a_declaration_has_them(NutrientName $name, float $amount, float $declared): void
    {
        self::assertEqualsWithDelta($declared, Nutrient::declared($name, $amount), 1e-9);
    }

    public function test_dates_follow_the_safety_rules(): void
    {
        $pie = TroutQuiche::pie();
        $chilled = Label::of($pie, null, SoldAs::Chilled, '2026-02-26');
        // three days in the fridge, over the end of February
        self::assertSame('2026-03-01', $chilled->useBy);
        self::assertSame('label.fridge', $chilled->keep[0]->code);
        self::assertSame(74.0, $chilled->eat[0]->with['safeCelsius']);
        $frozen = Label::of($pie, null, SoldAs::Frozen, '2026-11-27');
        self::assertSame('2027-01-26', $frozen->useBy);
        self::assertSame('label.thaw', $frozen->keep[1]->code);
        self::assertSame(8, $chilled->pieces);
    }

    public function test_a_raw_custard_is_not_sold_frozen(): void
    {
        $this->expectException(Refused::class);
        Label::of(TroutQuiche::pie(), null, SoldAs::UnbakedFrozen, '2026-11-27');
    }

    /** A tenth for the table, three in a hundred for the scale; a cut by eye seven more; half of the fat of a pan may have stayed. */
    public function test_ranges_by_hand(): void
    {
        $pie = self::dish([new SolidLayer('a', self::block(), Amount::of(500), [], null)]);
        $dough = $pie->crust->dough->per100g;
        $lid = $pie->crust->grams($pie->tin);
        $whole = Nutrition::of($pie, Weights::of($pie), 20, 1);
        self::assertEqualsWithDelta(500 + $lid - 20, $whole->pieceGrams(), 1e-6);
        $pastry = $lid / 100 * (37 * $dough->fat + 17 * $dough->carbohydrate + 8 * $dough->fibre + 17 * $dough->protein);
        $sure = static fn (float ...$parts): float => 1.2816 * sqrt(0.0109 * array_sum(array_map(static fn (float $one): float => $one ** 2, $parts)));
        [$energy, $fat, , , $protein, $salt] = $whole->ofPiece();
        self::assertEqualsWithDelta($sure(6300, $pastry), $energy->high() - $energy->amount, 1e-6);
        self::assertEqualsWithDelta($sure(50, $lid / 100 * $dough->fat), $fat->high() - $fat->amount, 1e-9);
        self::assertEqualsWithDelta($sure(100, $lid / 100 * $dough->protein), $protein->high() - $protein->amount, 1e-9);
        self::assertEqualsWithDelta(1.2816 * 0.13 * $salt->amount, $salt->high() - $salt->amount, 1e-9);
        $fifth = Nutrition::of($pie, Weights::of($pie), 20, 5)->ofPiece()[0];
        self::assertEqualsWithDelta(1.2816 / 5 * sqrt(($sure(6300, $pastry) / 1.2816) ** 2 + (0.07 * $energy->amount) ** 2), $fifth->high() - $fifth->amount, 1e-6);
        // 80 g left the pan, 30 of them fat: half of that may have stayed, 37 kJ in each gram
        $fatty = new Food('belly', 'Belly', Role::Solid, Texture::Cubes, new Composition(50, 20, 30, 0, 0, 0, 0), 1.0, 0.9, 0.5, 0, 0, 0, null, [], []);
        $fried = self::dish([new SolidLayer('a', $fatty, Amount::of(400), [new Step('fried', Amount::of(320))], null)]);
        [$energy, $fat] = Nutrition::of($fried, Weights::of($fried), 0, 1)->ofPiece();
        $lidFat = $lid / 100 * $dough->fat;
        self::assertEqualsWithDelta(1.2816 * sqrt(0.0109 * (120 ** 2 + $lidFat ** 2) + 15 ** 2), $fat->high() - $fat->amount, 1e-6);
        self::assertEqualsWithDelta(1.2816 * sqrt(0.0109 * ((17 * 80 + 37 * 120) ** 2 + $pastry ** 2) + (15 * 37) ** 2), $energy->high() - $energy->amount, 1e-6);
        self::assertSame(0.0, (new Nutrient(NutrientName::Fibre, 1, 5))->low());
    }

    /** Warmed for a quarter of an hour at 170 °C to 74 °C inside; a fridge has 5 °C, a freezer -18 °C. */
    public function test_what_stands_on_the_label_of_each_way_to_sell_it(): void
    {
        $with = static fn (array $says): array => array_map(static fn (Statement $one): array => [$one->code, $one->with], $says);
        $chilled = Label::of(TroutQuiche::pie(), null, SoldAs::Chilled, '2026-11-27');
        self::assertSame([['label.fridge', ['coldCelsius' => 5.0]]], $with($chilled->keep));
        self::assertSame([['label.reheat', ['reheatMinutes' => 15.0, 'ovenCelsius' => 170.0, 'safeCelsius' => 74.0]], ['label.no-microwave', []]], $with($chilled->eat));
        self::assertSame([['label.freezer', ['freezerCelsius' => -18.0]], ['label.thaw', ['coldCelsius' => 5.0]]], $with(Label::of(TroutQuiche::pie(), null, SoldAs::Frozen, '2026-11-27')->keep));
        $folds = Label::of(OtherPies::folds(), null, SoldAs::UnbakedFrozen, '2026-11-27');
        self::assertSame([['label.freezer', ['freezerCelsius' => -18.0]], ['label.not-thawed', ['coldCelsius' => 5.0]]], $with($folds->keep));
        self::assertSame('label.bake-frozen', $folds->eat[0]->code);
        self::assertSame(6, $folds->pieces);
        self::assertGreaterThan(OtherPies::folds()->bake->minutes(), $folds->eat[0]->with['bakeMinutes'], 'from frozen it takes longer');
        self::assertSame(74.0, $folds->eat[0]->with['safeCelsius'], 'chicken (docs/sources.md#usda-safe-minimum)');
        // what is sold raw has lost nothing in an oven
        self::assertEqualsWithDelta(OtherPies::folds()->crust->grams(OtherPies::folds()->tin) + Weights::of(OtherPies::folds())->fillingGrams, 6 * $folds->nutrition->pieceGrams(), 1e-6);
        self::assertLessThan(8 * Nutrition::of(TroutQuiche::pie(), Weights::of(TroutQuiche::pie()), 0.0, 8)->pieceGrams(), 8 * $chilled->nutrition->pieceGrams());
    }

    public function test_a_glaze_weighs_and_feeds_too(): void
    {
        $layers = [new SolidLayer('a', self::block(), Amount::of(500), [], null)];
        $plain = Nutrition::of(self::dish($layers), Weights::of(self::dish($layers)), 0, 1);
        $glazed = Nutrition::of(self::dish($layers, Glaze::Yolk), Weights::of(self::dish($layers, Glaze::Yolk)), 0, 1);
        $grams = Glaze::gramsOn(self::dish($layers)->tin);
        self::assertEqualsWithDelta($grams, $glazed->pieceGrams() - $plain->pieceGrams(), 1e-6);
        $food = Pantry::food((string) Glaze::Yolk->food())->per100g;
        self::assertEqualsWithDelta($grams * $food->fat / 100, $glazed->ofPiece()[1]->amount - $plain->ofPiece()[1]->amount, 1e-6);
    }
}
