<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Tin;

use Hojaldre\Core\Tin\CupsTin;
use Hojaldre\Core\Tin\FlutedTin;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\FoldShape;
use Hojaldre\Core\Tin\MeasuredDish;
use Hojaldre\Core\Tin\RectangularTin;
use Hojaldre\Core\Tin\SlopedTin;
use Hojaldre\Core\Tin\Springform;
use Hojaldre\Core\Tin\StraightTin;
use Hojaldre\Core\Tin\Tin;
use PHPUnit\Framework\TestCase;

/** Tins that are not plainly round: closed formulas by hand, and numeric integration where there is none. */
final class ShapesTest extends TestCase
{
    public function test_a_rectangular_tin_is_a_box(): void
    {
        $tin = new RectangularTin(350, 110, 25, 0);
        self::assertEqualsWithDelta(35 * 11 * 2.5, $tin->volumeMl(25), 1e-9);
        self::assertEqualsWithDelta(2 * (350 + 110) * 25, $tin->wallAreaMm2(), 1e-9);
        self::assertEqualsWithDelta(55, $tin->radiusMm(12), 1e-9, 'the section goes across the short side');
    }

    /** Worked by hand: frustum of a pyramid, 20 x 10 cm below and 22 x 12 above, 3 cm deep: 3/6 (200 + 4 x 231 + 264) = 694 ml. */
    public function test_a_flared_one_is_a_frustum_of_a_pyramid(): void
    {
        $tin = new RectangularTin(200, 100, 30, 20);
        self::assertEqualsWithDelta(694, $tin->volumeMl(30), 1e-9);
        // four walls that lean out by 1 cm over 3, as long as their middle line: 2 x (21 + 11) cm
        self::assertEqualsWithDelta([20_000, 640 * hypot(30, 10)], [$tin->floorAreaMm2(), $tin->wallAreaMm2()], 1e-6);
        self::assertEqualsWithDelta([50.0, 55.0, 60.0], [$tin->radiusMm(0), $tin->radiusMm(15), $tin->radiusMm(30)], 1e-9);
        self::assertSame(55.0, (new RectangularTin(110, 350, 30, 0))->radiusMm(0));
    }

    public function test_a_fluted_tin_agrees_with_small_pieces_added_up(): void
    {
        $tin = new FlutedTin(220, 250, 30, 32, 6);
        [$rings, $steps] = [300, 1440];
        $ml = $wallMm2 = 0.0;
        for ($i = 0; $i < $rings; $i++) {
            $h = 30 * ($i + 0.5) / $rings;
            $mean = (220 + 30 * $h / 30 - 6) / 2;
            for ($j = 0; $j < $steps; $j++) {
                [$a, $b] = [2 * M_PI * $j / $steps, 2 * M_PI * ($j + 1) / $steps];
                [$ra, $rb] = [$mean + 3 * cos(32 * $a), $mean + 3 * cos(32 * $b)];
                $ml += 0.5 * $ra * $rb * sin($b - $a) * 30 / $rings / 1000;
                $wallMm2 += hypot($rb * cos($b) - $ra * cos($a), $rb * sin($b) - $ra * sin($a)) * hypot(30, 15) / $rings;
            }
        }
        self::assertEqualsWithDelta(1.0, $tin->volumeMl(30) / $ml, 1e-3);
        self::assertEqualsWithDelta(1.0, $tin->wallAreaMm2() / $wallMm2, 3e-3);
    }

    /** By hand: 4 mm of crust take the floor 4 mm up the wall, where it is 224 mm across, and 4 mm in on either side. */
    public function test_a_lined_fluted_tin_is_smaller_by_its_crust_and_keeps_its_flutes(): void
    {
        $lined = (new FlutedTin(220, 250, 30, 32, 6))->lined(4);
        self::assertEqualsWithDelta([216.0, 242.0, 26.0, 32, 6.0], [$lined->floorDiameterMm, $lined->rimDiameterMm, $lined->depthMm, $lined->flutes, $lined->fluteMm], 1e-9);
    }

    public function test_flutes_of_no_depth_make_a_sloped_tin(): void
    {
        self::assertEqualsWithDelta((new SlopedTin(220, 250, 30))->volumeMl(30), (new FlutedTin(220, 250, 30, 32, 0))->volumeMl(30), 1e-9);
    }

    public function test_twelve_cups_hold_twelve_times_one(): void
    {
        $one = new SlopedTin(50, 70, 30);
        $tray = new CupsTin(12, 50, 70, 30);
        self::assertEqualsWithDelta(12 * $one->volumeMl(20), $tray->volumeMl(20), 1e-9);
        self::assertEqualsWithDelta(20, $tray->depthForVolumeMm(12 * $one->volumeMl(20)), 1e-6);
    }

    public function test_a_dish_holds_the_water_it_was_measured_with(): void
    {
        $dish = new MeasuredDish(1200, 50);
        self::assertEqualsWithDelta(1200, $dish->volumeMl(50), 1e-9);
    }

    public function test_every_tin_undoes_depth_and_volume_and_shrinks_when_it_is_lined(): void
    {
        foreach (self::all() as $tin) {
            foreach ([1.0, 14.0, 30.0, 44.0] as $depthMm) {
                self::assertEqualsWithDelta($depthMm, $tin->depthForVolumeMm($tin->volumeMl($depthMm)), 1e-6, $tin::class);
            }
            $lined = $tin->lined(4);
            self::assertLessThan($tin->volumeMl($tin->depthMm()), $lined->volumeMl($lined->depthMm()), $tin::class);
            self::assertEqualsWithDelta($tin->depthMm() - 4, $lined->depthMm(), 1e-9);
            self::assertEqualsWithDelta(2.5 * $tin->volumeMl(20), $tin->scaledInArea(2.5)->volumeMl(20), 1e-6 * $tin->volumeMl(20), $tin::class);
        }
    }

    /** What hand pies and pasties commonly take (common practice, no source): 55 ml in a disc of 12 cm, 120 in 15, 310 in 20. */
    public function test_a_folded_disc_holds_what_hand_pies_and_pasties_take(): void
    {
        foreach ([[120, 55], [150, 120], [200, 310]] as [$across, $ml]) {
            $disc = FoldedPieces::halfMoons(1, $across);
            self::assertEqualsWithDelta($ml, $disc->volumeMl($disc->depthMm()), 0.03 * $ml);
        }
        // of a disc of 120 mm half of the inner 104 is floor, all the rest is wall
        $two = FoldedPieces::halfMoons(2, 120);
        self::assertEqualsWithDelta(M_PI * 52 ** 2, $two->floorAreaMm2(), 1e-6);
        self::assertEqualsWithDelta(2 * M_PI * 60 ** 2 - M_PI * 52 ** 2, $two->wallAreaMm2(), 1e-6);
        self::assertEqualsWithDelta(10.0, $two->depthForVolumeMm($two->volumeMl(10)), 1e-9);
        self::assertSame([5, 1], [$two->scaledInArea(2.4)->pieces, $two->scaledInArea(0.1)->pieces]);
        self::assertSame($two, $two->lined(4));
        self::assertEqualsWithDelta(M_PI * $two->radiusMm(0) ** 2 * 2, $two->floorAreaMm2(), 1e-6, 'a round cylinder of the same area');
    }

    /** By hand, a seam of 8 mm taken off: two discs of 120 leave a circle of 52; a square of 150 a triangle with legs of 134, or a square of 134/sqrt 2; 200 by 160 folded 184 by 72. */
    public function test_each_way_to_close_dough_leaves_its_own_pocket(): void
    {
        foreach ([[FoldShape::Patty, 120, null, M_PI * 52 ** 2], [FoldShape::Turnover, 150, null, 134 ** 2 / 2], [FoldShape::Parcel, 150, null, 134 ** 2 / 2], [FoldShape::Rectangle, 200, 160, 184 * 72.0]] as [$shape, $long, $wide, $floor]) {
            $tin = new FoldedPieces($shape, 3, $long, $wide);
            self::assertEqualsWithDelta(3 * $floor, $tin->floorAreaMm2(), 1e-6, $shape->value);
            self::assertEqualsWithDelta(3 * $tin->doughMm2(), $tin->floorAreaMm2() + $tin->wallAreaMm2(), 1e-6, 'all of the dough is somewhere');
            self::assertEqualsWithDelta(M_PI * $tin->radiusMm(0) ** 2 * 3, $tin->floorAreaMm2(), 1e-6);
        }
        self::assertEqualsWithDelta(2 * M_PI * 60 ** 2, (new FoldedPieces(FoldShape::Patty, 1, 120, null))->doughMm2(), 1e-6, 'two discs');
        self::assertEqualsWithDelta(200 * 160, (new FoldedPieces(FoldShape::Rectangle, 1, 200, 160))->doughMm2(), 1e-6);
    }

    /** A pasty crimped on top stands: as much goes in as into a half-moon of the same disc, on a smaller floor. A parcel of 14 cm takes about 100 ml (common practice, no source). */
    public function test_a_top_crimped_pasty_holds_as_much_as_a_half_moon_and_a_parcel_less_than_its_dough_would(): void
    {
        $holds = static fn (FoldedPieces $one): float => $one->volumeMl($one->depthMm());
        $half = FoldedPieces::halfMoons(1, 180);
        $top = new FoldedPieces(FoldShape::TopCrimp, 1, 180, null);
        self::assertEqualsWithDelta($holds($half), $holds($top), 1e-6);
        self::assertLessThan($half->floorAreaMm2(), $top->floorAreaMm2());
        self::assertGreaterThan($half->depthMm(), $top->depthMm());
        self::assertEqualsWithDelta(100.0, $holds(new FoldedPieces(FoldShape::Parcel, 1, 140, null)), 5.0);
    }

    public function test_only_a_rectangle_has_a_width_of_its_own(): void
    {
        $codes = static fn (FoldShape $shape, ?float $wide): array => array_map(static fn ($one): string => $one->code, (new FoldedPieces($shape, 1, 150, $wide))->refusals());
        self::assertSame(['fold-width-missing'], $codes(FoldShape::Rectangle, null));
        self::assertSame([], $codes(FoldShape::Rectangle, 120));
        self::assertSame(['fold-width-told'], $codes(FoldShape::Turnover, 120));
        self::assertSame([], $codes(FoldShape::Patty, null));
        $wider = (new FoldedPieces(FoldShape::Rectangle, 2, 200, 160))->resized(100);
        self::assertSame([2, 100.0, 80.0], [$wider->pieces, $wider->lengthMm, $wider->wideMm()]);
    }

    /** What is left of a tin by its lining is the dough: floor and wall times the thickness, within the corners. */
    public function test_the_dough_is_about_the_surface_times_its_thickness(): void
    {
        foreach (self::all() as $tin) {
            $lined = $tin->lined(2);
            $doughMl = $tin->volumeMl($tin->depthMm()) - $lined->volumeMl($lined->depthMm());
            $sheetMl = ($tin->floorAreaMm2() + $tin->wallAreaMm2()) * 2 / 1000;
            self::assertEqualsWithDelta(1.0, $doughMl / $sheetMl, 0.12, $tin::class);
        }
    }

    /** @return list<Tin> */
    private static function all(): array
    {
        return [
            new StraightTin(240, 35), new SlopedTin(220, 250, 35), new Springform(230, 70), new FlutedTin(220, 240, 35, 30, 5),
            new RectangularTin(350, 110, 30, 0), new RectangularTin(250, 180, 45, 24), new CupsTin(12, 50, 70, 30), new MeasuredDish(1500, 50),
        ];
    }
}
