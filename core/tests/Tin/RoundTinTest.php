<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Tin;

use Hojaldre\Core\Tin\SlopedTin;
use Hojaldre\Core\Tin\StraightTin;
use PHPUnit\Framework\TestCase;

final class RoundTinTest extends TestCase
{
    public function test_a_straight_tin_is_a_cylinder(): void
    {
        $tin = new StraightTin(200, 50);
        self::assertEqualsWithDelta(M_PI * 10 * 10 * 5, $tin->volumeMl(50), 1e-9);
        self::assertEqualsWithDelta(2 * M_PI * 100 * 50, $tin->wallAreaMm2(), 1e-9);
        self::assertEqualsWithDelta(M_PI * 100 * 100, $tin->floorAreaMm2(), 1e-9);
    }

    /** Worked by hand: frustum R 12, r 10, h 4 cm: V = pi x 4 (144 + 120 + 100) / 3 = 485.333 pi. */
    public function test_a_sloped_tin_is_a_frustum(): void
    {
        self::assertEqualsWithDelta(485 * M_PI + M_PI / 3, (new SlopedTin(200, 240, 40))->volumeMl(40), 1e-9);
    }

    public function test_a_sloped_tin_agrees_with_slices_added_up(): void
    {
        $tin = new SlopedTin(180, 260, 45);
        $slices = 4000;
        $ml = $wallMm2 = 0.0;
        for ($i = 0; $i < $slices; $i++) {
            $h = 45 * ($i + 0.5) / $slices;
            $ml += M_PI * $tin->radiusMm($h) ** 2 * 45 / $slices / 1000;
            $wallMm2 += 2 * M_PI * $tin->radiusMm($h) * hypot(45, 40) / $slices;
        }
        self::assertEqualsWithDelta($ml, $tin->volumeMl(45), 1e-4);
        self::assertEqualsWithDelta($wallMm2, $tin->wallAreaMm2(), 1e-3);
    }

    public function test_depth_and_volume_undo_each_other_for_upright_almost_upright_and_wide_walls(): void
    {
        foreach ([0.0, 1e-9, 1e-4, 0.5, 20.0, 100.0] as $widerMm) {
            $tin = new SlopedTin(220, 220 + $widerMm, 40);
            foreach ([0.1, 5.0, 27.0, 40.0, 55.0] as $depthMm) {
                self::assertEqualsWithDelta($depthMm, $tin->depthForVolumeMm($tin->volumeMl($depthMm)), 1e-5, "wall $widerMm, depth $depthMm");
            }
        }
    }

    public function test_a_thicker_crust_leaves_less_room(): void
    {
        $tin = new SlopedTin(220, 250, 40);
        $room = array_map(static fn (float $mm): float => $tin->lined($mm)->volumeMl($tin->lined($mm)->depthMm()), [1.0, 3.0, 6.0, 10.0]);
        $sorted = $room;
        rsort($sorted);
        self::assertSame($sorted, $room);
        self::assertLessThan($tin->volumeMl(40), $room[0]);
    }

    public function test_room_and_crust_make_up_the_tin(): void
    {
        $tin = new StraightTin(240, 35);
        $lined = $tin->lined(3);
        $crustMl = $tin->floorAreaMm2() * 3 / 1000 + M_PI * (120 ** 2 - 117 ** 2) * 32 / 1000;
        self::assertEqualsWithDelta($tin->volumeMl(35), $lined->volumeMl(32) + $crustMl, 1e-9);
    }

    public function test_half_as_much_area_is_half_the_volume_at_the_same_depth(): void
    {
        $tin = new SlopedTin(200, 240, 40);
        self::assertEqualsWithDelta($tin->volumeMl(30) / 2, $tin->scaledInArea(0.5)->volumeMl(30), 1e-9);
    }
}
