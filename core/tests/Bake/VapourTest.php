<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Bake\Vapour;
use PHPUnit\Framework\TestCase;

/** Against the steam table (docs/sources.md#incropera, table A.6, from memory). */
final class VapourTest extends TestCase
{
    public function test_saturation_is_that_of_the_steam_table(): void
    {
        foreach ([[20, 2339], [60, 19940], [100, 101330], [120, 198500], [150, 475900]] as [$celsius, $pascal]) {
            self::assertEqualsWithDelta($pascal, Vapour::pascal($celsius), 0.012 * $pascal, "$celsius °C");
        }
        self::assertEqualsWithDelta(0.598, Vapour::densities()[100], 0.012);
        self::assertEqualsWithDelta(120, Vapour::boilsAtCelsius(198500), 0.5);
        self::assertEqualsWithDelta(100, Vapour::boilsAtCelsius(101330), 0.2);
    }

    public function test_bound_water_boils_later_the_drier_it_is_and_the_table_never_turns(): void
    {
        $boils = Vapour::boilingPoints();
        for ($i = 1; $i < count($boils); $i++) {
            self::assertLessThanOrEqual($boils[$i - 1], $boils[$i]);
        }
        self::assertEqualsWithDelta(240, $boils[0], 1e-9);
        self::assertEqualsWithDelta(100, $boils[Vapour::X_STEPS], 0.2);
    }
}
