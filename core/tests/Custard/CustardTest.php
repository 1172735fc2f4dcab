<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Custard;

use Hojaldre\Core\Custard\Custard;
use Hojaldre\Core\Custard\CustardStyle;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

final class CustardTest extends TestCase
{
    /** Common practice, no source: the half-cup rule, one large egg to 120 ml, is the trembling end; 60 to 80 slices. */
    public function test_the_schools_of_custard_lie_where_kitchens_put_them(): void
    {
        $inside = static fn (float $ml, CustardStyle $style): bool => $ml * 1.03 >= $style->leastGrams() && $ml * 1.03 <= $style->mostGrams();
        self::assertTrue($inside(120, CustardStyle::Trembling));
        self::assertTrue($inside(60, CustardStyle::Sliceable));
        self::assertTrue($inside(80, CustardStyle::Sliceable));
        self::assertTrue($inside(50, CustardStyle::Firm));
        self::assertFalse($inside(120, CustardStyle::Sliceable));
    }

    /** Common practice, no source: egg alone sets near 70 °C, diluted with dairy at 75 to 80 °C. */
    public function test_dilution_raises_the_setting_temperature_as_practice_says(): void
    {
        self::assertEqualsWithDelta(70, (new Custard(1, 0, 0))->setsAtCelsius(), 0.1);
        self::assertEqualsWithDelta(79, (new Custard(1, 120, 0))->setsAtCelsius(), 0.5);
        self::assertEqualsWithDelta(85.6, (new Custard(1, 300, 0))->setsAtCelsius(), 0.3);
        self::assertSame(86.0, (new Custard(1, 900, 0))->setsAtCelsius());
    }

    public function test_weep_that_comes_before_it_sets_counts_as_dairy_and_later_weep_does_not(): void
    {
        self::assertSame((new Custard(4, 400, 60, earlyShare: 1.0))->liquidGramsPerEgg(), (new Custard(4, 460, 0))->liquidGramsPerEgg());
        self::assertSame((new Custard(4, 400, 60, earlyShare: 0.0))->liquidGramsPerEgg(), (new Custard(4, 400, 0))->liquidGramsPerEgg());
        self::assertEqualsWithDelta(415 / 4, (new Custard(4, 400, 60, earlyShare: 0.25))->liquidGramsPerEgg(), 1e-9);
        self::assertEqualsWithDelta(15.0, (new Custard(4, 400, 60, earlyShare: 0.25))->earlyGrams(), 1e-9);
    }

    /** Worked by hand from docs/model.md: 7 (1 + 2 min(0.3, fat) + 4 min(0.1, starch)). */
    public function test_fat_and_starch_let_a_custard_stand_more_heat(): void
    {
        self::assertEqualsWithDelta(7.0, (new Custard(1, 100, 0, fatShare: 0.0))->toughDose(0.0), 1e-9);
        self::assertEqualsWithDelta(9.8, (new Custard(1, 100, 0, fatShare: 0.2))->toughDose(0.0), 1e-9);
        self::assertEqualsWithDelta(11.2, (new Custard(1, 100, 0, fatShare: 0.5))->toughDose(0.0), 1e-9);
        self::assertEqualsWithDelta(8.4, (new Custard(1, 100, 0, fatShare: 0.0))->toughDose(0.05), 1e-9);
        self::assertEqualsWithDelta(9.8, (new Custard(1, 100, 0, fatShare: 0.0))->toughDose(0.4), 1e-9);
    }

    /** By hand: 250 g of egg at 9.51 % fat, 242.4 of cream and 185.4 of milk as their tables have them; a third of a whole egg is yolk. */
    public function test_a_layer_of_custard_is_as_fat_and_as_yolky_as_what_is_in_it(): void
    {
        $layer = TroutQuiche::custard();
        [$egg, $cream, $milk] = [Pantry::food('egg')->per100g->fat, Pantry::food('single-cream')->per100g->fat, Pantry::food('whole-milk')->per100g->fat];
        self::assertEqualsWithDelta([9.5, 18.5, 3.5], [$egg, $cream, $milk], 1.0, 'food tables, from memory');
        self::assertEqualsWithDelta((250 * $egg + 242.4 * $cream + 185.4 * $milk) / 100 / 677.8, $layer->fatShare(), 1e-9);
        self::assertEqualsWithDelta([677.8, 1 / 3], [$layer->grams(), $layer->yolkShare()], 1e-9);
        [$e, $c, $m] = [Pantry::food('egg')->gramsPerMl, Pantry::food('single-cream')->gramsPerMl, Pantry::food('whole-milk')->gramsPerMl];
        self::assertEqualsWithDelta(250 / $e + 242.4 / $c + 185.4 / $m, $layer->millilitres(), 1e-9);
        self::assertEqualsWithDelta(250 / 1.03 + 240 + 180, $layer->millilitres(), 4.0, 'as it was measured in the jug');
        $yolks = $layer->with([new Ingredient(Pantry::food('egg-yolk'), Amount::of(34))], []);
        self::assertSame(1.0, $yolks->yolkShare());
        $whites = $layer->with([new Ingredient(Pantry::food('egg-white'), Amount::of(66))], []);
        self::assertSame(0.0, $whites->yolkShare());
        $empty = $layer->with([], []);
        self::assertSame([0.0, 0.0, 0.0], [$empty->fatShare(), $empty->yolkShare(), $empty->liquidGrams()]);
    }

    public function test_a_custard_without_egg_never_sets(): void
    {
        self::assertInfinite((new Custard(0, 400, 0))->liquidGramsPerEgg());
    }
}
