<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Food;

use Hojaldre\Core\Food\Allergen;
use Hojaldre\Core\Food\AllergenName;
use Hojaldre\Core\Food\AllergensKnown;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Names;
use Hojaldre\Core\Food\OwnFood;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Pantry\Likes;
use PHPUnit\Framework\TestCase;

/** A name may borrow water and salt from another food, never its allergens (docs/sources.md#eu-1169-2011, annex II). */
final class AllergensTest extends TestCase
{
    /** @return list<array{string, bool, list<string>}> name, whether it has these and no others, groups and names */
    private static function table(): array
    {
        $rows = [];
        foreach (file(__DIR__.'/data/allergens.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
            if (preg_match('/^([=+]) ([^|]+) \| (.+)$/', $line, $m) === 1) {
                $wanted = $m[2] === 'none' ? [] : (preg_split('/[, ]+/', $m[2]) ?: []);
                foreach (explode('; ', $m[3]) as $name) {
                    $rows[] = [$name, $m[1] === '=', $wanted];
                }
            }
        }

        return $rows;
    }

    public function test_four_hundred_names_have_the_allergens_of_the_published_list(): void
    {
        $table = self::table();
        self::assertGreaterThanOrEqual(400, count($table));
        $wrong = [];
        foreach ($table as [$name, $isAll, $wanted]) {
            $food = Names::with([])->called($name);
            if ($food === null) {
                // what nobody knows is asked for, and never without allergens
                continue;
            }
            $has = [...array_column($food->allergens, 'value'), ...array_column($food->allergenNames, 'value')];
            $lacks = array_diff($wanted, $has);
            $more = $isAll ? array_diff($has, $wanted) : [];
            if ($lacks !== [] || $more !== []) {
                $wrong[] = "$name ($food->id): lacks ".implode(', ', $lacks).'; more: '.implode(', ', $more);
            }
        }
        self::assertSame([], $wrong);
    }

    public function test_nearly_all_of_the_names_are_known(): void
    {
        $unknown = array_values(array_filter(array_map(static fn (array $row): ?string => Names::with([])->called($row[0]) === null ? $row[0] : null, self::table())));
        self::assertLessThanOrEqual(12, count($unknown), implode(', ', $unknown));
    }

    public function test_every_cereal_and_nut_stands_by_its_name_and_every_name_with_its_group(): void
    {
        foreach (Pantry::all() as $food) {
            foreach ([Allergen::Gluten, Allergen::Nuts] as $group) {
                $named = array_filter($food->allergenNames, static fn (AllergenName $one): bool => $one->group() === $group) !== [];
                self::assertSame(in_array($group, $food->allergens, true), $named, "$food->id, $group->value");
            }
            self::assertNotSame([$food->id, AllergensKnown::Sure, true], [$food->id, $food->allergensKnown, str_contains($food->name, 'sauce')], 'a sauce is a made thing');
        }
    }

    public function test_a_food_that_borrows_from_another_has_its_own_id_and_keeps_its_place_in_the_kitchen(): void
    {
        foreach (Likes::ROWS as $id => $like) {
            [$food, $lender] = [Pantry::food($id), Pantry::food($like)];
            self::assertNotSame($food->id, $lender->id);
            self::assertSame($lender->role, $food->role);
            self::assertSame(Pantry::family($like), Pantry::family($id));
        }
    }

    public function test_what_is_like_another_food_is_not_known_until_its_packet_was_read(): void
    {
        self::assertSame(AllergensKnown::Unknown, OwnFood::like('own-one', 'Flumpets', Pantry::food('spinach'))->allergensKnown);
    }

    /** A design from before says nothing of how sure it is: a plain food has what the pantry says, one that lent its name is read from its packet. */
    public function test_a_food_of_an_older_design_is_known_as_far_as_the_pantry_knows_it(): void
    {
        $old = static fn (string $id): Food => Pantry::food($id)->with(['allergens' => [], 'allergenNames' => [], 'allergensKnown' => AllergensKnown::Unknown]);
        self::assertSame([AllergensKnown::Sure, []], [Pantry::declared($old('leeks'))->allergensKnown, Pantry::declared($old('leeks'))->allergens]);
        self::assertSame([Allergen::Milk], Pantry::declared($old('whole-milk'))->allergens);
        self::assertSame(AllergensKnown::Packet, Pantry::declared($old('peas'))->allergensKnown, 'it may have been edamame');
        self::assertSame(AllergensKnown::Unknown, Pantry::declared($old('peas')->with(['name' => 'Something']))->allergensKnown);
    }

    /** FALCPA and the FASTER Act: milk, egg, fish, crustaceans, tree nuts, peanuts, wheat, soya, sesame (docs/sources.md#us-falcpa). */
    public function test_the_nine_of_the_united_states(): void
    {
        $nine = array_column(array_filter(Allergen::cases(), static fn (Allergen $one): bool => $one->isOfTheNine()), 'value');
        sort($nine);
        self::assertSame(['crustaceans', 'egg', 'fish', 'milk', 'nuts', 'peanuts', 'sesame', 'soya'], $nine, 'and wheat, which is named among the cereals');
    }
}
