<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Food;

use Hojaldre\Core\Food\Allergen;
use Hojaldre\Core\Food\DairyBody;
use Hojaldre\Core\Food\DoughKind;
use Hojaldre\Core\Food\FoodLabel;
use Hojaldre\Core\Food\OwnFood;
use Hojaldre\Core\Food\Rawness;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Food\Texture;
use PHPUnit\Framework\TestCase;

/** A food of the kitchen's own, from what its packet says. */
final class OwnFoodTest extends TestCase
{
    public function test_a_label_comes_back_as_it_was_written(): void
    {
        foreach ([
            self::label(Role::Solid), self::label(Role::Solid, raw: Rawness::Raw), self::label(Role::Solid, raw: Rawness::Poultry),
            self::label(Role::Dairy, body: DairyBody::Stands), self::label(Role::Dairy, body: DairyBody::Spoons), self::label(Role::Binder),
            self::label(Role::Dough, kind: DoughKind::Puff), self::label(Role::Egg), self::label(Role::Seasoning),
        ] as $label) {
            self::assertEquals($label, OwnFood::label(OwnFood::of('own-one', $label)));
        }
    }

    /** docs/sources.md#usda-safe-minimum: poultry 74 °C (165 °F), other raw meat, fish with it, and egg dishes 71 °C (160 °F). */
    public function test_raw_things_must_be_cooked_through_as_the_rules_say(): void
    {
        $safe = static fn (Role $role, Rawness $raw): ?float => OwnFood::of('own-one', self::label($role, raw: $raw))->safeCelsius;
        self::assertSame([74.0, 71.0, null, 71.0], [
            $safe(Role::Solid, Rawness::Poultry), $safe(Role::Solid, Rawness::Raw), $safe(Role::Solid, Rawness::Cooked), $safe(Role::Egg, Rawness::Cooked),
        ]);
    }

    /** Common practice, no source: a courgette loses a third in the pan, raw meat a quarter, cheese and ham next to nothing. */
    public function test_vegetables_weep_most_raw_meat_less_and_cooked_things_little(): void
    {
        $yield = static fn (float $protein, Rawness $raw): float => OwnFood::of('own-one', self::label(Role::Solid, protein: $protein, raw: $raw))->floorYield;
        self::assertSame([0.65, 0.75, 0.95], [$yield(2, Rawness::Cooked), $yield(19, Rawness::Raw), $yield(22, Rawness::Cooked)]);
        self::assertSame([0.65, 0.95], [$yield(7.9, Rawness::Cooked), $yield(8, Rawness::Cooked)]);
        self::assertSame(1.0, OwnFood::of('own-one', self::label(Role::Dairy))->floorYield);
    }

    public function test_each_role_behaves_as_its_place_wants(): void
    {
        $egg = OwnFood::of('own-one', self::label(Role::Egg));
        self::assertSame([2.0, 0.0, 0.0], [$egg->eggsPer100g, $egg->liquidShare, $egg->bindsGramsPerGram]);
        $shares = array_map(static fn (DairyBody $body): float => OwnFood::of('own-one', self::label(Role::Dairy, body: $body))->liquidShare, DairyBody::cases());
        self::assertSame(1.0, $shares[0], 'what pours counts whole');
        self::assertTrue($shares[0] > $shares[1] && $shares[1] > $shares[2] && $shares[2] > 0, 'the stiffer, the less of it an egg has to set');
        $binder = OwnFood::of('own-one', self::label(Role::Binder));
        self::assertGreaterThan(1.0, $binder->bindsGramsPerGram);
        self::assertSame([Texture::Crumbs, Texture::Cubes], [$binder->texture, OwnFood::of('own-one', self::label(Role::Solid))->texture]);
        self::assertSame([DoughKind::Puff, null], [OwnFood::of('own-one', self::label(Role::Dough, kind: DoughKind::Puff))->doughKind, $binder->doughKind]);
    }

    public function test_a_loose_food_lies_lighter_than_it_is_and_a_liquid_does_not(): void
    {
        $solid = OwnFood::of('own-one', self::label(Role::Solid));
        $milk = OwnFood::of('own-one', self::label(Role::Dairy));
        self::assertLessThan($solid->gramsPerMl, $solid->bulkGramsPerMl);
        self::assertSame($milk->gramsPerMl, $milk->bulkGramsPerMl);
        // milk weighs 1.03 g a ml (docs/sources.md#usda-sr-legacy, from memory)
        self::assertEqualsWithDelta(1.03, OwnFood::of('own-one', new FoodLabel('Milk', Role::Dairy, Rawness::Cooked, DairyBody::Pours, 3.6, 4.7, 0, 3.2, 0.1, [Allergen::Milk], DoughKind::Short))->gramsPerMl, 0.02);
    }

    private static function label(Role $role, float $protein = 5, Rawness $raw = Rawness::Cooked, DairyBody $body = DairyBody::Pours, DoughKind $kind = DoughKind::Short): FoodLabel
    {
        return new FoodLabel('One of ours', $role, $raw, $body, 1, 2, 0, $protein, 0.5, [Allergen::Milk], $kind);
    }
}
