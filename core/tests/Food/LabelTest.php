<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Food;

use Hojaldre\Core\Food\DairyBody;
use Hojaldre\Core\Food\DoughKind;
use Hojaldre\Core\Food\FoodLabel;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Rawness;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Refusal\Refusal;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class LabelTest extends TestCase
{
    #[TestWith(['whole-milk'])]
    #[TestWith(['hard-cheese'])]
    #[TestWith(['single-cream'])]
    #[TestWith(['leeks'])]
    #[TestWith(['ready-puff'])]
    public function test_water_left_over_from_a_label_is_near_the_water_of_the_table(string $id): void
    {
        $known = Pantry::food($id)->per100g;
        $read = self::label($known->fat, $known->carbohydrate, $known->fibre, $known->protein, $known->salt)->composition();
        self::assertEqualsWithDelta($known->water, $read->water, 2.0);
        self::assertEqualsWithDelta(100, $read->sum(), 0.1);
    }

    /** Regulation (EU) No 1169/2011, annex XIV: 3.2 g protein, 3.6 g fat, 4.7 g carbohydrate is 268 kJ, as a carton of milk says. */
    public function test_its_energy_is_that_of_the_regulation(): void
    {
        self::assertEqualsWithDelta(268, FoodLabel::kilojoules(self::label(3.6, 4.7, 0, 3.2, 0.1)->composition()), 1);
    }

    public function test_a_portion_column_read_by_mistake_is_refused(): void
    {
        self::assertSame([['label-does-not-sum', '/fat']], array_map(static fn (Refusal $one): array => [$one->code, $one->at], self::label(60, 50, 0, 10, 1)->refusals()));
        self::assertSame([], self::label(60, 30, 0, 10, 1)->refusals());
    }

    private static function label(float $fat, float $carbohydrate, float $fibre, float $protein, float $salt): FoodLabel
    {
        return new FoodLabel('A food', Role::Solid, Rawness::Cooked, DairyBody::Pours, $fat, $carbohydrate, $fibre, $protein, $salt, [], DoughKind::Short);
    }
}
