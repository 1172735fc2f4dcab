<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Pastry;

use Hojaldre\Core\Pastry\Sheet\Board;
use Hojaldre\Core\Pastry\Sheet\CutShape;
use Hojaldre\Core\Pastry\Sheet\Cutter;
use Hojaldre\Core\Pastry\Sheet\Cutting;
use Hojaldre\Core\Pastry\Sheet\Layout;
use Hojaldre\Core\Pastry\Sheet\LayoutKind;
use Hojaldre\Core\Pastry\Sheet\Packing;
use Hojaldre\Core\Pastry\Sheet\Placement;
use Hojaldre\Core\Pastry\Sheet\RolledSheet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SheetTest extends TestCase
{
    /**
     * Radius of the largest equal circles of which so many go into a unit square, as they stand in the lists of best known
     * packings (those up to 10 are proved; all here from memory, docs/sources.md#circle-packings).
     */
    private const BEST_KNOWN_RADIUS = [
        1 => 0.5, 2 => 0.292893, 3 => 0.254333, 4 => 0.25, 5 => 0.207107, 6 => 0.187681, 7 => 0.174458, 8 => 0.170541, 9 => 0.166667, 10 => 0.148204,
        11 => 0.142399, 12 => 0.139959, 13 => 0.133994, 14 => 0.129332, 15 => 0.127167, 16 => 0.125, 17 => 0.117197, 18 => 0.115521, 19 => 0.112265, 20 => 0.111382,
        21 => 0.106860, 22 => 0.105665, 23 => 0.102803, 24 => 0.101382, 25 => 0.1, 26 => 0.096362, 27 => 0.095420, 28 => 0.093673, 29 => 0.092463, 30 => 0.091671,
    ];

    #[DataProvider('bestKnown')]
    public function test_never_more_than_one_disc_in_thirty_fewer_than_the_best_known_packing(int $discs, float $radius): void
    {
        $found = Packing::on(Cutter::disc(2 * $radius * 0.9995 * 300), 300, 300, isPushed: true)->best;
        self::assertLessThanOrEqual($discs, $found->count(), 'no better than the best that is known');
        self::assertGreaterThanOrEqual($discs - 1, $found->count());
        self::assertNoOverlap($found, Cutter::disc(2 * $radius * 0.9995 * 300), 300, 300);
    }

    /** @return iterable<string, array{int, float}> */
    public static function bestKnown(): iterable
    {
        foreach (self::BEST_KNOWN_RADIUS as $discs => $radius) {
            yield "$discs discs" => [$discs, $radius];
        }
    }

    /** Where a square grid is best, or rows in the gaps are, the figure is exact: 4, 9, 16, 25 in a square; 2, 3, 2, 3, 2 on 3 by 1 + 4 x 0.866. */
    public function test_counts_that_a_ruler_shows(): void
    {
        $on = static fn (float $wide, float $long): Layout => Packing::on(Cutter::disc(100), $wide, $long)->best;
        self::assertSame([4, 9, 16, 25], array_map(static fn (float $side): int => $on($side, $side)->count(), [200.0, 300.0, 400.0, 500.0]));
        self::assertSame(LayoutKind::Squares, $on(300, 300)->kind);
        self::assertSame(3 + 2 + 3 + 2 + 3, $on(300, 100 + 4 * 86.61)->count());
        self::assertSame(15, $on(350, 100 + 4 * 86.61)->count(), 'half a disc more of width, and all rows are long');
        self::assertSame(0, $on(90, 500)->count());
        self::assertSame(1, $on(100, 100)->count());
    }

    /** Rows in the gaps win by a disc in twelve on a common sheet: 54 by 33 cm, 12 cm discs (common practice: 12; squares 8). */
    public function test_twelve_discs_of_12_cm_on_a_sheet_of_54_by_33(): void
    {
        $packing = Packing::on(Cutter::disc(120), 540, 328);
        self::assertSame(12, $packing->best->count());
        self::assertSame([LayoutKind::Squares, 8], [$packing->others[count($packing->others) - 1]->kind, $packing->others[count($packing->others) - 1]->count()]);
    }

    /** Two touching circles in a strip as high as their radius: sqrt(3) r from middle to middle. On 60 cm, 5 half-moons of 12 cm and not 4, in each of 3 strips. */
    public function test_half_moons_turned_against_each_other_save_dough(): void
    {
        $half = Cutter::halfMoon(120);
        $packing = Packing::on($half, 120 + 4 * 60 * M_SQRT3 + 0.01, 180);
        self::assertSame(15, $packing->best->count());
        self::assertSame(LayoutKind::Turned, $packing->best->kind);
        self::assertSame(2, Packing::on($half, 120, 120)->best->count());
    }

    /** 7 by 5 holds five of 3 by 2 in two blocks; a grid one way holds four. */
    public function test_rectangles_in_two_blocks(): void
    {
        $packing = Packing::on(Cutter::rectangle(30, 20), 70, 50);
        self::assertSame(5, $packing->best->count());
        self::assertSame(4, Packing::on(Cutter::rectangle(30, 20), 60, 45)->best->count());
        self::assertSame(12, Packing::on(Cutter::rectangle(100, 100), 410, 305)->best->count());
        self::assertSame(CutShape::Square, Cutter::rectangle(100, 100)->shape);
        self::assertNotSame([], (new Cutter(CutShape::Disc, 100, 90))->refusals());
        self::assertSame([], Cutter::halfMoon(90)->refusals());
    }

    public function test_pieces_never_overlap_and_never_hang_over_the_edge(): void
    {
        mt_srand(11);
        for ($i = 0; $i < 120; $i++) {
            $long = mt_rand(60, 240);
            $cutter = match ($i % 4) {
                0 => Cutter::disc($long),
                1 => Cutter::halfMoon($long),
                2 => Cutter::rectangle($long, mt_rand(40, $long)),
                default => Cutter::rectangle($long, $long),
            };
            [$wide, $high] = [mt_rand(150, 600), mt_rand(150, 600)];
            $packing = Packing::on($cutter, $wide, $high, isPushed: $i % 8 === 0);
            foreach ([$packing->best, ...$packing->others] as $layout) {
                self::assertNoOverlap($layout, $cutter, $wide, $high);
                self::assertLessThanOrEqual($packing->best->count(), $layout->count());
            }
        }
    }

    /** No set of points one apart is larger (Oler 1961): 2/sqrt(3) area + half the outline + 1, of the rectangle of the middles. */
    public function test_no_layout_holds_more_than_is_possible(): void
    {
        foreach ([[300, 500], [420, 420], [640, 310], [555, 777]] as [$wide, $long]) {
            foreach ([70.0, 110.0, 150.0] as $d) {
                [$m, $n] = [$wide / $d - 1, $long / $d - 1];
                self::assertLessThanOrEqual(2 / sqrt(3) * $m * $n + $m + $n + 1, Packing::on(Cutter::disc($d), $wide, $long, isPushed: true)->best->count());
            }
        }
    }

    /** Three from the first roll and one from the scraps is a typical yield (common practice, no source). */
    public function test_a_sheet_for_three_gives_one_more_from_its_scraps(): void
    {
        $three = new Board(400, 600);
        // 20 cm discs at 4 mm: 145.8 g each; a small dough of a pound and a half
        $cutting = Cutting::from(700, Cutter::disc(200), 4, 1.16, $three);
        self::assertSame([3, 1], [$cutting->first->pieces(), $cutting->reroll?->pieces()]);
    }

    public function test_dough_pieces_and_scraps_add_up(): void
    {
        foreach ([Cutter::disc(120), Cutter::halfMoon(140), Cutter::rectangle(140, 100)] as $cutter) {
            $cutting = Cutting::from(1500, $cutter, 3, 1.2, new Board(400, 600));
            self::assertEqualsWithDelta(1500, $cutting->grams(), 1e-6);
            self::assertEqualsWithDelta(1500, $cutting->pieces() * $cutting->pieceGrams() + $cutting->leftGrams(), 1e-6);
            self::assertEqualsWithDelta($cutter->areaMm2() * 0.003 * 1.2, $cutting->pieceGrams(), 1e-9);
            self::assertGreaterThanOrEqual(0, $cutting->leftGrams());
            self::assertGreaterThanOrEqual($cutting->leftGrams(), $cutting->scrapsGrams());
            self::assertEqualsWithDelta($cutting->scrapsGrams(), ($cutting->reroll?->areaMm2() ?? 0) * 0.003 * 1.2, 1e-6, 'all scraps are rolled once more');
        }
    }

    public function test_the_least_dough_for_so_many_pieces_is_enough_and_a_little_less_is_not(): void
    {
        $board = new Board(400, 600);
        foreach ([1, 3, 14, 37, 100] as $pieces) {
            $cutting = Cutting::forPieces($pieces, Cutter::disc(120), 3, 1.16, $board);
            self::assertGreaterThanOrEqual($pieces, $cutting->pieces());
            self::assertLessThanOrEqual($board->areaMm2(), $cutting->first->areaMm2() / $cutting->first->sheets + 1e-6, 'no sheet is larger than the board');
            $less = Cutting::from($cutting->grams() / 1.0101, Cutter::disc(120), 3, 1.16, $board);
            self::assertTrue($less->pieces() < $pieces || $cutting->grams() < $pieces * $cutting->pieceGrams() * 1.0001, "$pieces of ".$cutting->grams());
        }
    }

    public function test_bought_sheets_are_counted_with_what_their_scraps_give(): void
    {
        $cutting = Cutting::readyForPieces(14, 230, 400, Cutter::disc(110), 3, 1.1, new Board(400, 600));
        self::assertNotNull($cutting);
        // two side by side and three long: six of a sheet, seven with the one disc more
        self::assertGreaterThanOrEqual(14, $cutting->pieces());
        self::assertLessThanOrEqual(2, $cutting->first->sheets);
        self::assertNull(Cutting::readyForPieces(2, 100, 400, Cutter::disc(110), 3, 1.1, new Board(400, 600)), 'no disc fits on it');
    }

    public function test_a_lump_is_rolled_as_wide_as_gives_most(): void
    {
        $sheet = RolledSheet::rolled(Cutter::disc(120), 540 * 328, new Board(400, 600));
        self::assertGreaterThanOrEqual(11, $sheet->pieces());
        self::assertEqualsWithDelta(540 * 328, $sheet->areaMm2(), 1e-6);
        self::assertSame(2, RolledSheet::rolled(Cutter::disc(120), 2 * 240000 - 1, new Board(400, 600))->sheets);
        self::assertSame(3, RolledSheet::rolled(Cutter::disc(120), 2 * 240000 + 1000, new Board(400, 600))->sheets);
    }

    /** By points: none inside two pieces, and every piece wholly on the sheet. */
    private static function assertNoOverlap(Layout $layout, Cutter $cutter, float $wide, float $high): void
    {
        $near = 0.05;
        foreach ($layout->pieces as $at => $one) {
            $points = self::points($cutter, $one);
            foreach ($points as [$x, $y]) {
                self::assertTrue($x > -$near && $y > -$near && $x < $wide + $near && $y < $high + $near, "$at hangs over");
            }
            foreach ($layout->pieces as $other => $two) {
                if ($other !== $at && hypot($one->xMm - $two->xMm, $one->yMm - $two->yMm) < 2 * $cutter->lengthMm) {
                    foreach ($points as [$x, $y]) {
                        self::assertFalse(self::isInside($cutter, $two, $x, $y), "$at and $other overlap at $x $y");
                    }
                }
            }
        }
    }

    /** @return list<array{float, float}> along the outline, a hair inside */
    private static function points(Cutter $cutter, Placement $at): array
    {
        $points = [];
        $in = 0.997;
        if ($cutter->shape === CutShape::Disc || $cutter->shape === CutShape::HalfMoon) {
            $r = $cutter->lengthMm / 2 * $in;
            for ($i = 0; $i <= 24; $i++) {
                $turn = $cutter->shape === CutShape::Disc ? 2 * M_PI * $i / 24 : M_PI * (0.004 + 0.992 * $i / 24);
                // a half-moon lies with its straight side down
                [$x, $y] = [$r * cos($turn), -$r * sin($turn)];
                $points[] = self::turned($at, $x, $y);
            }

            return $points;
        }
        for ($i = 0; $i <= 8; $i++) {
            $s = ($i / 8 - 0.5) * $in;
            foreach ([[$s * $cutter->lengthMm, 0.5 * $in * $cutter->widthMm], [$s * $cutter->lengthMm, -0.5 * $in * $cutter->widthMm], [0.5 * $in * $cutter->lengthMm, $s * $cutter->widthMm], [-0.5 * $in * $cutter->lengthMm, $s * $cutter->widthMm]] as [$x, $y]) {
                $points[] = self::turned($at, $x, $y);
            }
        }

        return $points;
    }

    private static function isInside(Cutter $cutter, Placement $at, float $px, float $py): bool
    {
        $angle = -$at->quarters * M_PI_2;
        [$dx, $dy] = [$px - $at->xMm, $py - $at->yMm];
        [$x, $y] = [$dx * cos($angle) - $dy * sin($angle), $dx * sin($angle) + $dy * cos($angle)];
        $in = 0.997;

        return match ($cutter->shape) {
            CutShape::Disc => hypot($x, $y) < $cutter->lengthMm / 2 * $in,
            CutShape::HalfMoon => hypot($x, $y) < $cutter->lengthMm / 2 * $in && $y < -0.1,
            default => abs($x) < $cutter->lengthMm / 2 * $in && abs($y) < $cutter->widthMm / 2 * $in,
        };
    }

    /** @return array{float, float} */
    private static function turned(Placement $at, float $x, float $y): array
    {
        $angle = $at->quarters * M_PI_2;

        return [$at->xMm + $x * cos($angle) - $y * sin($angle), $at->yMm + $x * sin($angle) + $y * cos($angle)];
    }
}
