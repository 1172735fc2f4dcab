<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Food;

use Hojaldre\Core\Food\Label;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Refusal\Refused;
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
        $read = Label::composition($known->fat, $known->carbohydrate, $known->fibre, $known->protein, $known->salt);
        self::assertEqualsWithDelta($known->water, $read->water, 2.0);
        self::assertEqualsWithDelta(100, $read->sum(), 0.1);
    }

    /** Regulation (EU) No 1169/2011, annex XIV: 3.2 g protein, 3.6 g fat, 4.7 g carbohydrate is 268 kJ, as a carton of milk says. */
    public function test_its_energy_is_that_of_the_regulation(): void
    {
        self::assertEqualsWithDelta(268, Label::kilojoules(Label::composition(3.6, 4.7, 0, 3.2, 0.1)), 1);
    }

    public function test_a_portion_column_read_by_mistake_is_refused(): void
    {
        $this->expectException(Refused::class);
        Label::composition(60, 50, 0, 10, 1);
    }
}
