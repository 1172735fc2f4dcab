<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Food;

use Hojaldre\Core\Food\Cooking;
use Hojaldre\Core\Food\DairyBody;
use Hojaldre\Core\Food\DoughKind;
use Hojaldre\Core\Food\FoodLabel;
use Hojaldre\Core\Food\OwnFood;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\PieceSize;
use Hojaldre\Core\Food\Rawness;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\Step;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Raw is raw until somebody says that it was cooked through. What each word means: common practice, no source. */
final class CookingTest extends TestCase
{
    /** Half of it gone, by words that do not cook: none of them makes raw chicken safe. */
    public function test_no_word_but_one_that_cooks_makes_raw_flesh_cooked(): void
    {
        $words = [
            'trimmed', 'boned', 'defrosted', 'thawed', 'marinated', 'cured', 'minced', 'aufgetaut', 'skinned', 'jointed', 'brined', 'salted', 'dried', 'smoked', 'cold-smoked', 'aged', 'cleaned', 'gutted', 'plucked', 'hung',
            'drained', 'squeezed', 'pressed', 'patted dry', 'seared', 'sealed', 'browned', 'flash-fried', 'half-cooked', 'part-cooked', 'undercooked', 'uncooked', 'raw', 'rare', 'pink', 'blanched', 'parboiled', 'warmed', 'velveted',
            'to be roasted', 'for frying', 'ready to cook', 'not cooked', 'never boiled', 'before cooking', 'cooked later', 'lightly poached', 'briefly fried', 'sous vide', 'cooked sous-vide', 'cooked to 55 °C', 'roasted to 130 F',
            'fried on the outside', 'skin crisped', 'tartare', 'ceviche', 'chopped', 'pounded', 'deshebrado', 'gekocht?', 'bleu', '', '?', 'asdf', 'cookedish', 'precook', 'cooking', 'boiling fowl', 'stewing', 'braising', 'frying',
        ];
        $cooked = array_values(array_filter($words, static fn (string $word): bool => ! self::chicken($word, 200)->isRaw()));
        self::assertSame([], $cooked);
    }

    #[TestWith(['roasted'])]
    #[TestWith(['poached and torn'])]
    #[TestWith(['boiled for an hour'])]
    #[TestWith(['cooked through'])]
    #[TestWith(['fried until done'])]
    #[TestWith(['stewed'])]
    #[TestWith(['roast at 200 °C'])]
    #[TestWith(['cooked to 75 °C'])]
    #[TestWith(['slow-roasted'])]
    public function test_a_word_that_cooks_does(string $word): void
    {
        self::assertFalse(self::chicken($word, 280)->isRaw());
        self::assertFalse(self::chicken($word, 400)->isRaw(), 'not weighed again');
        self::assertTrue(self::chicken($word, 375)->isRaw(), 'a word that its weight speaks against');
    }

    public function test_brown_is_done_inside_only_where_it_is_minced_and_crisp_only_of_bacon(): void
    {
        $through = static fn (string $food, string $word): bool => Cooking::isThrough($word, Pantry::food($food));
        self::assertSame([true, false, false], [$through('minced-beef', 'browned in batches'), $through('beef-skirt', 'browned in batches'), $through('chicken-thigh', 'brown')]);
        self::assertSame([true, false], [$through('streaky-bacon', 'crisp'), $through('duck-breast', 'crisp')]);
    }

    /** Every way of the table that is told of raw flesh is decided, and by hand: what only sears leaves it raw. */
    public function test_each_preparation_of_raw_flesh_is_decided(): void
    {
        $raw = [];
        foreach (Pantry::all() as $food) {
            foreach ($food->isRawFlesh() ? Pantry::preparations($food->id) : [] as $way) {
                $raw[$way->name] = ($raw[$way->name] ?? false) || ! Cooking::isThrough($way->name, $food);
            }
        }
        $left = array_keys(array_filter($raw));
        sort($left);
        self::assertSame(['browned', 'seared', 'seared in batches', 'skin crisped'], $left, 'browned is said of whole sausages too');
    }

    /** What a kitchen writes down without saying whether it is raw. */
    public function test_a_food_of_the_kitchens_own_is_raw_until_somebody_says_otherwise(): void
    {
        $raw = static fn (string $name, Role $role = Role::Solid, float $protein = 20, float $fibre = 0, float $carbohydrate = 0, Rawness $said = Rawness::Unsaid): bool => OwnFood::of('own-one', new FoodLabel($name, $role, $said, DairyBody::Pours, 5, $carbohydrate, $fibre, $protein, 0.2, [], DoughKind::Short))->isRaw();
        foreach (['Chicken pieces', 'Raw duck', 'Tartare', 'Best mince', 'Something nice', 'Pollo', 'Hackfleisch', 'Oysters'] as $name) {
            self::assertTrue($raw($name), $name);
        }
        self::assertTrue($raw('Chicken pieces', protein: 0), 'figures that were never filled in');
        self::assertTrue($raw('Raw milk', Role::Dairy, 3));
        self::assertTrue($raw('Duck', Role::Seasoning));
        self::assertFalse($raw('Chicken pieces', said: Rawness::Cooked), 'somebody said it');
        self::assertSame([false, false, false, false], [$raw('Leeks', protein: 1.5), $raw('Chickpeas', protein: 8, fibre: 6), $raw('Flour', Role::Binder, 10, 3, 70), $raw('Roast peppers', protein: 1)]);
    }

    public function test_what_is_like_another_food_is_as_raw_as_that_one_and_never_less_raw_than_its_name(): void
    {
        $like = static fn (string $name, string $food): bool => OwnFood::like('own-one', $name, Pantry::food($food))->isRaw();
        self::assertTrue($like('Butcher’s bird', 'chicken-thigh'));
        self::assertFalse($like('Leftover bird', 'cooked-chicken'));
        self::assertTrue($like('Raw duck', 'cooked-duck'));
        self::assertTrue($like('Minced pork', 'firm-tofu'));
        self::assertFalse($like('Flumpets', 'spinach'));
    }

    public function test_pieces_are_as_large_as_they_are_said_to_be(): void
    {
        $mm = static fn (string $food, string $words): float => PieceSize::of(Pantry::food($food), $words);
        self::assertSame(0.0, $mm('minced-beef', '500 g'));
        self::assertEqualsWithDelta(1.2407 * 12, $mm('beef-skirt', '400 g'), 1e-6, 'dice of 12 mm, unless somebody says');
        self::assertEqualsWithDelta(1.2407 * 20, $mm('beef-skirt', '400 g, 2 cm cubes'), 1e-6);
        // 170 g of 1.05 g/ml is a ball of 67.6 mm: d^3 = 6 m / (pi rho)
        self::assertEqualsWithDelta(67.6, $mm('chicken-breast', '2 breasts'), 0.8);
        self::assertEqualsWithDelta(1.2407 * 12, $mm('chicken-breast', '2 breasts, diced'), 1e-6);
        self::assertGreaterThan(60.0, $mm('pork-shoulder', 'one whole joint'));
    }

    private static function chicken(string $word, float $now): SolidLayer
    {
        return new SolidLayer('chicken', Pantry::food('chicken-thigh'), Amount::of(400), [new Step($word, Amount::of($now))], null);
    }
}
