<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Recipe;

use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Food\Names;
use Hojaldre\Core\Food\OwnFood;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\VolumeSystem;
use Hojaldre\Core\Pie\Assumed;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Recipe\Additions;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a cook says at the bench, and where it goes. Weights by hand from the metric cup and spoons and the pantry's pieces. */
final class AdditionsTest extends TestCase
{
    public function test_a_vegetable_goes_on_the_others_and_below_the_custard(): void
    {
        self::assertSame(['leeks', 'smoked-trout', 'mushrooms', 'custard'], self::ids(self::said('200 g mushrooms')));
    }

    public function test_in_an_empty_tin_it_is_the_first_layer(): void
    {
        self::assertSame(['leeks'], self::ids(self::said('400 g leeks', TroutQuiche::pie()->withLayers([]))));
    }

    public function test_the_same_food_again_is_a_layer_of_its_own(): void
    {
        self::assertSame(['leeks', 'smoked-trout', 'leeks-2', 'custard'], self::ids(self::said('100 g leeks')));
    }

    public function test_eggs_and_cream_go_into_the_custard_that_is_there(): void
    {
        $custard = self::custard(self::said('2 large eggs and 100 ml double cream'));
        self::assertCount(2, $custard->eggs);
        self::assertEqualsWithDelta(100.0, $custard->eggs[1]->grams(), 0.01);
        self::assertSame('double-cream', $custard->dairies[2]->food->id);
    }

    public function test_where_there_is_no_custard_yet_one_is_poured(): void
    {
        $pie = TroutQuiche::pie();
        $pie = self::said('4 large eggs', $pie->withLayers($pie->solids()));
        self::assertSame(['leeks', 'smoked-trout', 'custard'], self::ids($pie));
        self::assertEqualsWithDelta(200.0, self::custard($pie)->eggs[0]->grams(), 0.01);
    }

    public function test_salt_and_pepper_go_in_as_seasoning_beside_what_is_there(): void
    {
        $pie = self::said('half a tsp of salt and some pepper');
        self::assertSame(['salt', 'salt', 'black-pepper'], array_map(static fn (Ingredient $one): string => $one->food->id, $pie->seasonings));
        self::assertEqualsWithDelta(3.0, $pie->seasonings[1]->grams(), 0.1);
    }

    public function test_an_amount_that_was_not_told_is_assumed_and_one_that_was_is_not(): void
    {
        $assumed = array_map(static fn (Assumed $one): string => $one->place, self::said("200 g mushrooms\nsome pepper")->assumed);
        self::assertContains('/seasonings/1/amount', $assumed);
        self::assertNotContains('/layers/mushrooms/bought', $assumed);
    }

    public function test_how_it_was_prepared_comes_along(): void
    {
        $layer = self::solid(self::said('300 g spinach, wilted and squeezed'), 'spinach');
        self::assertEqualsWithDelta(300.0, $layer->bought->grams, 0.01);
        self::assertCount(1, $layer->steps);
        // a quarter to a half is left (common practice, no source)
        self::assertGreaterThan(75.0, $layer->now->grams);
        self::assertLessThan(150.0, $layer->now->grams);
    }

    public function test_several_lines_are_several_things_in_their_order(): void
    {
        self::assertSame(['leeks', 'smoked-trout', 'mushrooms', 'gruyere', 'custard'], self::ids(self::said("200 g mushrooms\n80 g gruyere")));
    }

    public function test_a_food_of_the_kitchens_own_is_known_by_its_name(): void
    {
        $own = OwnFood::like('own-flumpets', 'Flumpets', Pantry::food('spinach'));
        $pie = Additions::to(TroutQuiche::pie(), '200 g flumpets', Names::with([$own]), CookUnits::of(VolumeSystem::Metric), EggSizing::Us);
        self::assertSame(['leeks', 'smoked-trout', 'own-flumpets', 'custard'], self::ids($pie));
        self::assertSame('Flumpets', self::solid($pie, 'own-flumpets')->food->name);
    }

    public function test_foods_that_are_in_the_pie_and_one_weight_are_one_pan(): void
    {
        // leeks 450 to 315 g, trout nothing: 570 g of 630 is all off the leeks
        $pie = self::said('leeks and trout: 570 g now');
        self::assertSame(['leeks', 'smoked-trout', 'custard'], self::ids($pie));
        self::assertEqualsWithDelta(390.0, self::solid($pie, 'leeks')->now->grams, 0.01);
        self::assertEqualsWithDelta(180.0, self::solid($pie, 'smoked-trout')->now->grams, 0.01);
    }

    public function test_a_colon_that_means_something_else_is_read_as_it_was(): void
    {
        self::assertSame(['leeks', 'smoked-trout', 'mushrooms', 'custard'], self::ids(self::said('mushrooms: 200 g')));
    }

    public function test_one_weight_for_foods_that_are_not_all_in_the_pie_is_refused_and_not_taken_for_one_of_them(): void
    {
        try {
            self::said('leeks and onions: 520 g now');
            self::fail('It was taken.');
        } catch (Refused $refused) {
            self::assertSame(['not-in-the-pie', 'onions'], [$refused->refusals[0]->code, $refused->refusals[0]->with['text']]);
        }
    }

    #[TestWith(['200 g flumpets'])]
    #[TestWith(['lots of love'])]
    #[TestWith(['500 g shortcrust pastry'])]
    #[TestWith(["200 g mushrooms\n100 g flumpets"])]
    public function test_what_goes_in_no_layer_changes_nothing_and_is_said_back(string $text): void
    {
        try {
            self::said($text);
            self::fail('It was taken.');
        } catch (Refused $refused) {
            self::assertSame('nothing-understood', $refused->refusals[0]->code);
        }
    }

    private static function said(string $text, ?Pie $pie = null): Pie
    {
        return Additions::to($pie ?? TroutQuiche::pie(), $text, Names::with([]), CookUnits::of(VolumeSystem::Metric), EggSizing::Us);
    }

    /** @return list<string> */
    private static function ids(Pie $pie): array
    {
        return array_map(static fn (Layer $one): string => $one->id(), $pie->layers);
    }

    private static function custard(Pie $pie): CustardLayer
    {
        return $pie->custard() ?? self::fail('No custard.');
    }

    private static function solid(Pie $pie, string $id): SolidLayer
    {
        foreach ($pie->solids() as $one) {
            if ($one->id === $id) {
                return $one;
            }
        }
        self::fail("No $id.");
    }
}
