<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Seasoning;

use Hojaldre\Core\Seasoning\StepSalt;
use PHPUnit\Framework\TestCase;

final class StepSaltTest extends TestCase
{
    public function test_salt_that_was_rubbed_on_leaves_with_the_water_and_stays_where_none_leaves(): void
    {
        self::assertEqualsWithDelta(5.0, StepSalt::rubbedOn(10, 400, 200), 1e-9);
        self::assertEqualsWithDelta(10.0, StepSalt::rubbedOn(10, 400, 400), 1e-9);
        self::assertEqualsWithDelta(0.0, StepSalt::rubbedOn(10, 400, 0), 1e-9);
    }

    /** Common practice, no source: potatoes boiled in water with 10 g in a litre come out with about 0.3 to 0.5 % of salt. */
    public function test_vegetables_boiled_in_salted_water_come_out_seasoned(): void
    {
        $percent = StepSalt::boiledIn(10, 790) / 1000 * 100;
        self::assertGreaterThan(0.3, $percent);
        self::assertLessThan(0.5, $percent);
        self::assertSame(0.0, StepSalt::boiledIn(0, 790));
    }
}
