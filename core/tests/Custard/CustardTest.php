<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Custard;

use Hojaldre\Core\Custard\Custard;
use Hojaldre\Core\Custard\CustardStyle;
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

    public function test_a_custard_without_egg_never_sets(): void
    {
        self::assertInfinite((new Custard(0, 400, 0))->liquidGramsPerEgg());
    }
}
