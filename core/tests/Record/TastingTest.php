<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Record;

use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Record\Tasting;
use Hojaldre\Core\Record\TrialPies;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TastingTest extends TestCase
{
    /**
     * Chances from the published tables of Friedman's test for small samples (Siegel, Nonparametric Statistics, table N, from memory),
     * and of the sign test by hand.
     *
     * @return array<string, array{int, list<list<int>>, float}>
     */
    public static function tables(): array
    {
        return [
            // places summed 3, 6, 9: statistic 6, 0.028
            'three of three, all of one mind' => [3, array_fill(0, 3, [0, 1, 2]), 0.028],
            // sums 4, 8, 12: statistic 8, 0.0046
            'three of four, all of one mind' => [3, array_fill(0, 4, [0, 1, 2]), 0.0046],
            // sums 5, 7, 12: statistic 6.5, 0.042
            'three of four, one turned round' => [3, [[0, 1, 2], [0, 1, 2], [0, 1, 2], [1, 0, 2]], 0.042],
            // two tasters, four pies: statistic 6, 0.042
            'four of two, all of one mind' => [4, array_fill(0, 2, [0, 1, 2, 3]), 0.042],
            // a coin that falls five times alike: 2 / 32
            'two of five, all of one mind' => [2, array_fill(0, 5, [1, 0]), 0.0625],
            'two of one says nothing' => [2, [[0, 1]], 1.0],
        ];
    }

    /** @param  list<list<int>>  $orders */
    #[DataProvider('tables')]
    public function test_chance_alone_is_as_the_tables_have_it(int $pies, array $orders, float $chance): void
    {
        self::assertEqualsWithDelta($chance, Tasting::of($pies, $orders)->chance, 0.0006);
    }

    public function test_of_many_tasters_chi_square_is_near_enough_to_what_is_counted(): void
    {
        $mixed = static fn (int $times): array => array_merge(...array_fill(0, $times, [[0, 1, 2], [1, 0, 2], [0, 2, 1]]));
        $counted = Tasting::of(3, $mixed(5))->chance;
        $near = Tasting::of(3, $mixed(6))->chance;
        // sums 20, 30, 40 of 15; 24, 36, 48 of 18: statistic 13.3 and 16, by hand exp(-8) = 0.00034
        self::assertEqualsWithDelta(exp(-8), $near, 1e-9);
        self::assertLessThan(0.0015, $counted);
        // two pies, 60 tasters, 40 to 20: statistic 20^2 / 60 = 6.67, one degree: 0.0098
        self::assertEqualsWithDelta(0.0098, Tasting::of(2, [...array_fill(0, 40, [0, 1]), ...array_fill(0, 20, [1, 0])])->chance, 0.0002);
        // four pies, three degrees: 8 tasters of one mind, statistic 24, about 0.000025
        self::assertEqualsWithDelta(0.000025, Tasting::of(4, array_fill(0, 8, [0, 1, 2, 3]))->chance, 0.000002);
    }

    public function test_places_are_averaged_and_firsts_are_counted(): void
    {
        $said = Tasting::of(3, [[2, 0, 1], [2, 1, 0], [0, 2, 1]]);
        self::assertEquals([2.0, 8 / 3, 4 / 3], $said->meanPlaces);
        self::assertSame([1, 0, 2], $said->firsts);
        self::assertSame(2, $said->best());
        self::assertSame(3, $said->tasters);
    }

    public function test_none_is_best_where_two_share_the_place_or_nobody_tasted(): void
    {
        self::assertNull(Tasting::of(2, [[0, 1], [1, 0]])->best());
        $nobody = Tasting::of(3, []);
        self::assertNull($nobody->best());
        self::assertSame(1.0, $nobody->chance);
    }

    public function test_a_trial_tells_what_its_pies_differ_in(): void
    {
        $pie = TroutQuiche::pie();
        $other = $pie->withCrust(new Crust(Pantry::food('rich-shortcrust'), $pie->crust->thicknessMm, $pie->crust->shell, $pie->crust->seal));
        self::assertSame([], TrialPies::differences([$pie, $pie->withName('Another name')]));
        self::assertSame(['dough'], TrialPies::differences([$pie, $other]));
        self::assertSame(['dough', 'filling', 'bake'], TrialPies::differences([$pie, $other, TroutQuiche::withLeeks(300)->withBake($pie->bake->withMinutes(50))]));
    }
}
