<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Food;

use Hojaldre\Core\Food\Condition;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Tint;
use Hojaldre\Core\Pie\Places;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is left of a food by words and no scale: a part that is told with a sixth of it either way, else what the table of preparations says. */
final class ConditionTest extends TestCase
{
    #[TestWith(['down to half', 0.5])]
    #[TestWith(['cooked down to a third', 1 / 3])]
    #[TestWith(['reduced by a third', 2 / 3])]
    #[TestWith(['reduced to two thirds', 2 / 3])]
    #[TestWith(['lost a quarter', 0.75])]
    #[TestWith(['loses about half', 0.5])]
    #[TestWith(['down to 3/4', 0.75])]
    #[TestWith(['reduced by 1/4', 0.75])]
    public function test_a_part_that_is_told_is_what_is_left(string $words, float $share): void
    {
        $read = Condition::in($words, Pantry::food('mushrooms'))?->share;
        self::assertNotNull($read);
        self::assertEqualsWithDelta([$share, 0.84 * $share, min(1.0, 1.16 * $share)], [$read->value, $read->least, $read->most], 1e-9);
    }

    /** The table has leeks sweated and pressed at 0.62 to 0.75 of the bought weight. */
    public function test_the_usual_is_the_middle_of_the_table_and_hard_and_wet_lie_beyond_its_ends(): void
    {
        $leeks = Pantry::food('leeks');
        $usual = Condition::in('usual', $leeks, 'sweated and pressed')?->share;
        self::assertEqualsWithDelta([0.685, 0.62, 0.75], [$usual?->value, $usual?->least, $usual?->most], 1e-9);
        $hard = Condition::in('pressed hard', $leeks, 'sweated and pressed')?->share;
        self::assertEqualsWithDelta([0.62, 0.558, 0.685], [$hard?->value, $hard?->least, $hard?->most], 1e-9);
        $wet = Condition::in('still wet', $leeks, 'sweated and pressed')?->share;
        self::assertEqualsWithDelta([0.8125, 0.75, 0.875], [$wet?->value, $wet?->least, $wet?->most], 1e-9);
    }

    public function test_the_word_chooses_among_the_ways_that_kitchens_have(): void
    {
        $onions = Pantry::food('onions');
        self::assertSame('softened until collapsed', Condition::in('softened', $onions)?->preparation);
        self::assertSame('slow caramel', Condition::in('caramelised', $onions)?->preparation);
        self::assertEqualsWithDelta(0.55, Condition::in('softened', $onions)->share->value, 1e-9);
        self::assertEqualsWithDelta(0.35, Condition::in('caramelised', $onions)->share->value, 1e-9);
    }

    public function test_nothing_is_driven_below_what_is_neither_water_nor_fat(): void
    {
        // 100 g of Gruyère are 33 g of water and 32 g of fat
        $gruyere = Pantry::food('gruyere');
        $share = Condition::in('squeezed', $gruyere)?->share;
        self::assertNotNull($share);
        self::assertGreaterThanOrEqual(1 - $gruyere->losableGrams(1.0) - 1e-9, $share->least);
    }

    #[TestWith(['sliced'])]
    #[TestWith(['from the garden'])]
    #[TestWith(['half a bag'])]
    #[TestWith([''])]
    public function test_words_that_tell_of_nothing_lost_tell_of_no_condition(string $words): void
    {
        self::assertNull(Condition::in($words, Pantry::food('leeks')));
    }

    #[TestWith(['carrots', Tint::Roots])]
    #[TestWith(['tomatoes', Tint::Tomato])]
    #[TestWith(['beetroot', Tint::Beetroot])]
    #[TestWith(['potatoes', Tint::White])]
    #[TestWith(['mushrooms', Tint::Nuts])]
    #[TestWith(['spinach', Tint::Greens])]
    #[TestWith(['gruyere', Tint::Cheese])]
    #[TestWith(['ricotta', Tint::Custard])]
    #[TestWith(['feta', Tint::White])]
    #[TestWith(['smoked-trout', Tint::Fish])]
    #[TestWith(['cooked-ham', Tint::Fish])]
    #[TestWith(['minced-beef', Tint::Meat])]
    #[TestWith(['chicken-thigh', Tint::Meat])]
    #[TestWith(['hazelnuts', Tint::Nuts])]
    #[TestWith(['boiled-egg', Tint::White])]
    #[TestWith(['double-cream', Tint::Custard])]
    #[TestWith(['dry-crumbs', Tint::Nuts])]
    public function test_a_cook_knows_a_food_by_its_colour(string $food, Tint $tint): void
    {
        self::assertSame($tint, Tint::of(Pantry::food($food)));
    }

    #[TestWith(['minced-beef', true])]
    #[TestWith(['smoked-trout', true])]
    #[TestWith(['cooked-ham', true])]
    #[TestWith(['boiled-egg', false])]
    #[TestWith(['firm-tofu', false])]
    #[TestWith(['hazelnuts', false])]
    #[TestWith(['gruyere', false])]
    #[TestWith(['chickpeas', false])]
    #[TestWith(['leeks', false])]
    #[TestWith(['egg', false])]
    public function test_flesh_is_meat_poultry_and_fish_and_nothing_else(string $food, bool $isFlesh): void
    {
        self::assertSame($isFlesh, Pantry::food($food)->isFlesh());
    }

    public function test_a_place_holds_by_the_id_of_its_layer_when_layers_move(): void
    {
        $pie = TroutQuiche::pie();
        self::assertSame('/layers/smoked-trout/bought', Places::of($pie, '/layers/1/bought'));
        self::assertSame('/layers/1/bought', Places::pointer($pie, '/layers/smoked-trout/bought'));
        $moved = $pie->withLayers([$pie->layers[1], $pie->layers[0], $pie->layers[2]]);
        self::assertSame('/layers/0/bought', Places::pointer($moved, '/layers/smoked-trout/bought'));
        self::assertNull(Places::pointer($pie, '/layers/parsley/bought'));
        self::assertSame('/tin/depthMm', Places::pointer($pie, '/tin/depthMm'));
        self::assertSame('/layers/9/bought', Places::of($pie, '/layers/9/bought'));
    }
}
