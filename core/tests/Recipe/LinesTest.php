<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Recipe;

use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Food\Names;
use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\VolumeSystem;
use Hojaldre\Core\Recipe\IngredientReader;
use Hojaldre\Core\Recipe\Into;
use Hojaldre\Core\Recipe\LineKind;
use Hojaldre\Core\Recipe\Lines;
use Hojaldre\Core\Recipe\NamedAmount;
use Hojaldre\Core\Recipe\PastedText;
use Hojaldre\Core\Recipe\Placing;
use Hojaldre\Core\Recipe\RecipeLine;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Which line of a recipe is what, and where a food that it names goes: as a cook would say with the recipe in hand. */
final class LinesTest extends TestCase
{
    public function test_a_recipe_with_headings_is_told_apart_line_by_line(): void
    {
        $recipe = [
            'Leek tart' => LineKind::Title,
            'Serves 6' => LineKind::Words,
            'Prep: 20 min' => LineKind::Words,
            'A pie for a wet day.' => LineKind::Words,
            'Ingredients' => LineKind::Heading,
            'For the pastry:' => LineKind::Heading,
            '200 g flour' => LineKind::Ingredient,
            'For the filling' => LineKind::Heading,
            '3 leeks' => LineKind::Ingredient,
            'salt and pepper' => LineKind::Ingredient,
            'Method' => LineKind::Heading,
            '1. Rub the butter into the flour.' => LineKind::Method,
            'Bake at 180C for 40 minutes.' => LineKind::Method,
            'Notes' => LineKind::Heading,
            'Good cold the day after.' => LineKind::Words,
        ];
        $lines = Lines::of(array_keys($recipe));
        self::assertSame(array_map(static fn (LineKind $kind): string => $kind->name, array_values($recipe)), array_map(static fn (RecipeLine $line): string => $line->kind->name, $lines));
        self::assertSame(['pastry', 'filling'], [$lines[6]->heading, $lines[8]->heading]);
    }

    public function test_without_headings_what_begins_with_an_amount_goes_in_and_what_is_a_sentence_is_done(): void
    {
        $lines = Lines::of(['Onion tart', '4 onions', '3 eggs', '200ml cream', 'Fry the onions slowly in butter until they are brown and sweet.', 'Then pour it all in and bake at 180 for half an hour.']);
        self::assertSame(['Title', 'Ingredient', 'Ingredient', 'Ingredient', 'Method', 'Method'], array_map(static fn (RecipeLine $line): string => $line->kind->name, $lines));
    }

    #[TestWith(['Serves 6', 6])]
    #[TestWith(['Makes 12 hand pies', 12])]
    #[TestWith(['Serves: 4-6', 4])]
    #[TestWith(['for 8 people', 8])]
    #[TestWith(['Feeds a crowd of 20', 20])]
    #[TestWith(['3 leeks', null])]
    #[TestWith(['Serve warm', null])]
    public function test_how_many_it_is_for(string $text, ?int $portions): void
    {
        self::assertSame($portions, Lines::portions($text));
    }

    #[TestWith(['Filling: 300 g leeks, 2 eggs', 'filling'])]
    #[TestWith(['Pastry - 200g flour', 'pastry'])]
    #[TestWith(['300 g leeks', null])]
    #[TestWith(['Note: very good', null])]
    public function test_a_heading_may_stand_before_what_goes_in(string $text, ?string $heading): void
    {
        self::assertSame($heading, Lines::headed($text));
    }

    #[TestWith(['', '200 g shortcrust pastry', Into::Dough])]
    #[TestWith(['', '3 eggs', Into::Custard])]
    #[TestWith(['', '300 ml chicken stock', Into::Custard])]
    #[TestWith(['', '1 egg, beaten, to glaze', Into::Glaze])]
    #[TestWith(['glaze', '1 egg', Into::Glaze])]
    #[TestWith(['', 'butter, for greasing', Into::Beside])]
    #[TestWith(['', 'flour, for dusting', Into::Beside])]
    #[TestWith(['', 'rocket, to serve', Into::Beside])]
    #[TestWith(['', '1 tsp salt', Into::Seasoning])]
    #[TestWith(['', '1 tbsp flour', Into::Sauce])]
    #[TestWith(['', '2 tbsp dry breadcrumbs', Into::Scattered])]
    #[TestWith(['', '3 leeks', Into::Layer])]
    #[TestWith(['pastry', '100 g butter', Into::Dough])]
    #[TestWith(['pastry', '1 egg yolk', Into::Dough])]
    #[TestWith(['pastry', 'pinch of salt', Into::Dough])]
    #[TestWith(['pastry', '3 leeks', Into::Layer])]
    #[TestWith(['filling', '100 g butter', Into::Layer])]
    public function test_a_food_goes_where_its_heading_its_words_and_its_kind_say(string $heading, string $text, Into $into): void
    {
        $line = new RecipeLine($text, LineKind::Ingredient, $heading);
        $read = Placing::of([$line->naming(self::reader()->read($text), LineKind::Ingredient)]);
        self::assertNotSame([], $read[0]->named, 'a food is found');
        self::assertSame($into, $read[0]->named[0]->into);
    }

    public function test_flour_with_a_fat_beside_it_is_a_dough_without_any_heading_and_what_comes_after_is_not(): void
    {
        $texts = ['250 g plain flour', '125 g butter', '1/2 tsp salt', '3 leeks', '4 eggs', '300 ml cream', '1/2 tsp salt'];
        $lines = Placing::of(array_map(static fn (string $text): RecipeLine => (new RecipeLine($text, LineKind::Ingredient))->naming(self::reader()->read($text), LineKind::Ingredient), $texts));
        self::assertSame(
            [Into::Dough, Into::Dough, Into::Dough, Into::Layer, Into::Custard, Into::Custard, Into::Seasoning],
            array_map(static fn (RecipeLine $line): Into => array_map(static fn (NamedAmount $one): Into => $one->into, $line->named)[0], $lines),
        );
    }

    public function test_two_spoons_of_flour_beside_butter_are_a_sauce(): void
    {
        $texts = ['30 g flour', '30 g butter', '400 ml milk'];
        $lines = Placing::of(array_map(static fn (string $text): RecipeLine => (new RecipeLine($text, LineKind::Ingredient))->naming(self::reader()->read($text), LineKind::Ingredient), $texts));
        self::assertSame(Into::Sauce, $lines[0]->named[0]->into);
    }

    public function test_a_page_is_read_without_its_tags_its_scripts_and_its_styles(): void
    {
        $page = "<html><head><style>li { color: red }</style></head><body><h1>Tart &amp; salad</h1><ul><li>3&nbsp;leeks</li><li>4 eggs</li></ul><script>alert('no')</script><p>Bake it.<br>Cool it.</p></body></html>";
        self::assertSame(['Tart & salad', '3 leeks', '4 eggs', 'Bake it.', 'Cool it.'], PastedText::lines($page));
    }

    public function test_a_recipe_of_the_vocabulary_is_found_wherever_it_stands_in_a_page(): void
    {
        $recipe = ['@type' => ['Thing', 'Recipe'], 'name' => 'Leek tart', 'recipeYield' => ['8', '8 slices'], 'recipeIngredient' => ['3 leeks', '<b>4</b> eggs'],
            'recipeInstructions' => [['@type' => 'HowToSection', 'name' => 'The case', 'itemListElement' => [['@type' => 'HowToStep', 'text' => 'Line the tin.']]], ['@type' => 'HowToStep', 'text' => 'Bake for 40 minutes.'], 'Rest it.']];
        $expected = ['Leek tart', 'Serves 8', 'Ingredients', '3 leeks', '4 eggs', 'Method', 'The case:', 'Line the tin.', 'Bake for 40 minutes.', 'Rest it.'];
        $json = json_encode(['@context' => 'https://schema.org', '@graph' => [['@type' => 'WebPage'], $recipe]], JSON_THROW_ON_ERROR);
        self::assertSame($expected, PastedText::lines($json));
        self::assertSame($expected, PastedText::lines("<html><script type=\"application/ld+json\">{\"@type\":\"Organization\"}</script><script type='application/ld+json'>$json</script><body>Recipe of the day, @type</body></html>"));
    }

    public function test_a_broken_recipe_of_the_vocabulary_is_read_as_the_text_it_is(): void
    {
        self::assertSame(['{"@type": "Recipe", "name":'], PastedText::lines('{"@type": "Recipe", "name":'));
    }

    public function test_no_more_than_three_hundred_lines_are_looked_at(): void
    {
        self::assertCount(300, PastedText::lines(str_repeat("3 leeks\n\n", 400)));
    }

    private static function reader(): IngredientReader
    {
        return new IngredientReader(CookUnits::of(VolumeSystem::Metric), EggSizing::Us, Names::with([]));
    }
}
