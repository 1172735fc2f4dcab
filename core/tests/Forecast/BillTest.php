<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Forecast;

use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Bill;
use Hojaldre\Core\Forecast\BillLine;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

/** What so many tins take and cost; sums by hand. */
final class BillTest extends TestCase
{
    public function test_every_food_stands_once_with_all_of_it(): void
    {
        $pie = TroutQuiche::pie();
        $pie = $pie->withSeasonings([...$pie->seasonings, new Ingredient(Pantry::food('salt'), Amount::of(2))]);
        $lines = self::grams(Bill::of($pie, 1));
        self::assertSame(['shortcrust', 'leeks', 'smoked-trout', 'egg', 'single-cream', 'whole-milk', 'salt'], array_keys($lines));
        self::assertEqualsWithDelta([450.0, 180.0, 250.0, 8.0], [$lines['leeks'], $lines['smoked-trout'], $lines['egg'], $lines['salt']], 1e-9);
    }

    public function test_six_tins_take_six_times_as_much_of_everything(): void
    {
        $one = self::grams(Bill::of(TroutQuiche::pie(), 1));
        foreach (self::grams(Bill::of(TroutQuiche::pie(), 6)) as $food => $grams) {
            self::assertEqualsWithDelta(6 * $one[$food], $grams, 1e-6, $food);
        }
    }

    public function test_a_line_costs_its_kilograms_to_the_cent_and_a_portion_its_part_of_them(): void
    {
        // 2 tins: 900 g of leeks at 3.33 and 360 g of trout at 21.50 a kilo are 3.00 and 7.74; 16 portions
        $bill = Bill::of(TroutQuiche::pie(), 2, ['leeks' => 3.333, 'smoked-trout' => 21.5]);
        $costs = array_column(array_map(static fn (BillLine $line): array => [$line->ingredient->food->id, $line->cost], $bill->lines), 1, 0);
        self::assertSame([3.0, 7.74, null], [$costs['leeks'], $costs['smoked-trout'], $costs['egg']]);
        self::assertEqualsWithDelta(10.74, $bill->cost, 1e-9);
        self::assertEqualsWithDelta(10.74 / 16, $bill->costOfAPortion, 1e-9);
        self::assertSame(5, $bill->unpriced);
    }

    public function test_where_no_price_is_known_there_is_no_cost(): void
    {
        $bill = Bill::of(TroutQuiche::pie(), 3);
        self::assertSame([null, null, 7], [$bill->cost, $bill->costOfAPortion, $bill->unpriced]);
    }

    /** By hand: a disc of 33 cm, 3 mm at 1.16 g/ml, and a hundredth of it on bowl and pin. */
    public function test_more_dough_is_made_than_lies_in_the_tin(): void
    {
        $pie = TroutQuiche::pie();
        $made = self::grams(Bill::of($pie, 1))['shortcrust'];
        self::assertEqualsWithDelta(1.01 * M_PI_4 * 33 * 33 * 0.3 * 1.16, $made, 0.1);
        self::assertGreaterThan(1.1 * $pie->crust->grams($pie->tin), $made, 'a seventh or so more than lies in it (common practice, no source)');
    }

    /** @return array<string, float> */
    private static function grams(Bill $bill): array
    {
        return array_column(array_map(static fn (BillLine $line): array => [$line->ingredient->food->id, $line->ingredient->grams()], $bill->lines), 1, 0);
    }
}
