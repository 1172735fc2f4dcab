<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Moisture;

use Hojaldre\Core\Moisture\OnePan;
use PHPUnit\Framework\TestCase;

/** Sums by hand; that leeks lose more than bacon in the same pan is common practice, no source. */
final class OnePanTest extends TestCase
{
    public function test_what_the_pan_lost_is_shared_as_each_commonly_loses(): void
    {
        // 400 g leeks commonly lose 200 g, 200 g bacon 50 g; the pan has lost 125 of 600 g, half of both
        self::assertEqualsWithDelta([300.0, 175.0], OnePan::shares([400, 200], [200, 50], [380, 150], 475), 1e-6);
    }

    public function test_a_food_never_loses_more_than_its_water_and_fat_and_the_others_lose_the_rest(): void
    {
        // of 300 g lost, leeks' share would be 240 of their 200 g: they give 200, onions the other 100
        self::assertEqualsWithDelta([40.0, 160.0], OnePan::shares([240, 260], [160, 40], [200, 230], 200), 1e-6);
    }

    public function test_where_none_commonly_loses_anything_the_water_and_fat_of_each_counts(): void
    {
        self::assertEqualsWithDelta([70.0, 90.0], OnePan::shares([100, 100], [0, 0], [90, 30], 160), 1e-6);
    }

    public function test_a_pan_that_lost_nothing_leaves_all_as_it_was(): void
    {
        self::assertEqualsWithDelta([100.0, 50.0], OnePan::shares([100, 50], [40, 10], [90, 30], 150), 1e-9);
    }

    public function test_whatever_is_in_it_the_shares_add_up_to_the_weight_and_none_gains_or_goes_below_dry(): void
    {
        mt_srand(7);
        for ($i = 0; $i < 300; $i++) {
            $count = mt_rand(2, 6);
            $before = $common = $losable = [];
            for ($at = 0; $at < $count; $at++) {
                $before[] = (float) mt_rand(10, 900);
                $losable[] = $before[$at] * mt_rand(30, 97) / 100;
                $common[] = mt_rand(0, 3) === 0 ? 0.0 : $losable[$at] * mt_rand(5, 90) / 100;
            }
            $now = array_sum($before) - array_sum($losable) * mt_rand(0, 100) / 100;
            $shares = OnePan::shares($before, $common, $losable, $now);
            self::assertEqualsWithDelta($now, array_sum($shares), 0.001);
            foreach ($shares as $at => $share) {
                self::assertLessThanOrEqual($before[$at] + 1e-6, $share);
                self::assertGreaterThanOrEqual($before[$at] - $losable[$at] - 1e-6, $share);
            }
        }
    }
}
