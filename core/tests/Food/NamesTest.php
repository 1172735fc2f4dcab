<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Food;

use Hojaldre\Core\Food\Condition;
use Hojaldre\Core\Food\DairyBody;
use Hojaldre\Core\Food\DoughKind;
use Hojaldre\Core\Food\FoodLabel;
use Hojaldre\Core\Food\FoundName;
use Hojaldre\Core\Food\NameKey;
use Hojaldre\Core\Food\Names;
use Hojaldre\Core\Food\OwnFood;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Rawness;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Food\Tint;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Foods by what cooks call them, what is left of them, and how they look (common practice, no source). */
final class NamesTest extends TestCase
{
    #[TestWith(['2 large leeks, washed', ['leeks']])]
    #[TestWith(['chicken stock', ['chicken-stock']])]
    #[TestWith(['salt and freshly ground black pepper', ['salt', 'black-pepper']])]
    #[TestWith(['smoked salmon and cream cheese', ['smoked-salmon', 'cream-cheese']])]
    #[TestWith(['Crème fraîche', ['creme-fraiche']])]
    #[TestWith(['the rolling pin', []])]
    public function test_the_longest_name_is_taken_and_the_others_in_their_order(string $words, array $ids): void
    {
        self::assertSame($ids, array_map(static fn (FoundName $one): string => $one->food->id, Names::with([])->in(NameKey::words($words))));
    }

    public function test_a_slip_of_the_pen_is_mended_and_said_to_be_a_guess(): void
    {
        $found = Names::with([])->likely(NameKey::words('brocolli florets'));
        self::assertSame('broccoli', $found[0]->food->id);
        self::assertTrue(Names::with([])->likely(NameKey::words('tomatoe'))[0]->food->id === 'tomatoes');
        self::assertSame([], Names::with([])->likely(NameKey::words('flumpet')));
    }

    public function test_a_food_of_the_kitchens_own_comes_before_the_pantry(): void
    {
        $own = OwnFood::of('own-leeks', new FoodLabel('Leeks', Role::Solid, Rawness::Cooked, DairyBody::Pours, 0.3, 3, 2, 1.5, 0.1, [], DoughKind::Short));
        self::assertSame('own-leeks', Names::with([$own])->called('leek')?->id);
    }

    #[TestWith(['Yoghurts', 'yogurt'])]
    #[TestWith(['goat\'s cheese', 'goat cheese'])]
    #[TestWith(['Tomatoes', 'tomato'])]
    #[TestWith(['asparagus', 'asparagus'])]
    #[TestWith(['cranberries', 'cranberry'])]
    public function test_plurals_accents_and_spellings_are_one_name(string $written, string $key): void
    {
        self::assertSame($key, NameKey::of($written));
    }

    #[TestWith(['spinach', 'squeezed', 0.4])]
    #[TestWith(['spinach', 'squeezed hard', 0.35])]
    #[TestWith(['mushrooms', 'cooked down to a third', 0.333])]
    #[TestWith(['leeks', 'reduced by half', 0.5])]
    #[TestWith(['streaky-bacon', 'fried until crisp', 0.475])]
    public function test_words_for_what_is_left_stand_for_a_share_with_its_range(string $food, string $words, float $share): void
    {
        $condition = Condition::in($words, Pantry::food($food));
        self::assertNotNull($condition);
        self::assertEqualsWithDelta($share, $condition->share->value, 0.01);
        self::assertGreaterThan($condition->share->least, $condition->share->most);
    }

    public function test_words_that_tell_of_nothing_done_tell_of_no_condition(): void
    {
        self::assertNull(Condition::in('chopped', Pantry::food('leeks')));
        self::assertNull(Condition::in('', Pantry::food('spinach')));
    }

    #[TestWith(['spinach', Tint::Greens])]
    #[TestWith(['smoked-trout', Tint::Fish])]
    #[TestWith(['air-dried-ham', Tint::Fish])]
    #[TestWith(['beef-skirt', Tint::Meat])]
    #[TestWith(['cheddar', Tint::Cheese])]
    #[TestWith(['feta', Tint::White])]
    #[TestWith(['carrots', Tint::Roots])]
    #[TestWith(['beetroot', Tint::Beetroot])]
    #[TestWith(['tomatoes', Tint::Tomato])]
    #[TestWith(['walnuts', Tint::Nuts])]
    #[TestWith(['egg', Tint::Custard])]
    public function test_a_cook_knows_a_food_by_its_colour(string $food, Tint $tint): void
    {
        self::assertSame($tint, Tint::of(Pantry::food($food)));
    }
}
