<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Pastry;

use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pastry\Lining;
use Hojaldre\Core\Pastry\Rolled\Lattice;
use Hojaldre\Core\Pastry\Rolled\LiningChoice;
use Hojaldre\Core\Pastry\Rolled\PastryPiece;
use Hojaldre\Core\Pastry\Rolled\PastryPieces;
use Hojaldre\Core\Pastry\Rolled\PieceName;
use Hojaldre\Core\Pastry\Rolled\RimFinish;
use Hojaldre\Core\Pastry\Rolled\TinProfile;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Tin\CupsTin;
use Hojaldre\Core\Tin\FlutedTin;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\MeasuredDish;
use Hojaldre\Core\Tin\RectangularTin;
use Hojaldre\Core\Tin\SlopedTin;
use Hojaldre\Core\Tin\StraightTin;
use Hojaldre\Core\Tin\Tin;
use PHPUnit\Framework\TestCase;

final class RolledTest extends TestCase
{
    private const INCH = 25.4;

    /** Common practice, no source; the arithmetic is (10 - 8)/2. */
    public function test_a_10_inch_disc_for_an_8_inch_tin_leaves_one_inch_of_side_and_no_overhang(): void
    {
        $tin = TinProfile::of(new StraightTin(8 * self::INCH, self::INCH));
        self::assertEqualsWithDelta(self::INCH, $tin->climbsMm(10 * self::INCH), 1e-9);
        self::assertEqualsWithDelta(0.0, $tin->overhangMm(10 * self::INCH), 1e-9);
        $deeper = TinProfile::of(new StraightTin(8 * self::INCH, 1.5 * self::INCH));
        self::assertEqualsWithDelta(-self::INCH / 2, $deeper->overhangMm(10 * self::INCH), 1e-9, 'half an inch short');
    }

    /** 30 out and 40 up is 50 along the slope. */
    public function test_a_disc_runs_up_the_true_slope_of_the_side(): void
    {
        $tin = TinProfile::of(new SlopedTin(180, 240, 40));
        self::assertEqualsWithDelta(50.0, $tin->sideMm, 1e-9);
        self::assertEqualsWithDelta(180 + 2 * 60, $tin->sheetLengthMm(10), 1e-9);
    }

    public function test_a_rectangle_has_a_sheet_with_its_own_two_sides(): void
    {
        $tin = TinProfile::of(new RectangularTin(350, 110, 30, 80));
        self::assertEqualsWithDelta(50.0, $tin->sideMm, 1e-9);
        self::assertEqualsWithDelta(350 + 120, $tin->sheetLengthMm(10), 1e-9);
        self::assertEqualsWithDelta(110 + 120, $tin->sheetWidthMm(10), 1e-9);
        self::assertEqualsWithDelta(470 * 230, $tin->areaMm2(470, 230), 1e-6);
        self::assertEqualsWithDelta(2 * (430 + 190), $tin->rimOutlineMm(), 1e-9);
    }

    public function test_a_fluted_tin_is_measured_to_the_outermost_of_its_flutes_and_cups_one_by_one(): void
    {
        self::assertEqualsWithDelta(230.0, TinProfile::of(new FlutedTin(230, 240, 30, 30, 6))->floorLengthMm, 1e-9);
        $cups = TinProfile::of(new CupsTin(12, 50, 70, 30));
        self::assertSame(12, $cups->tins);
        self::assertEqualsWithDelta(50 + 2 * hypot(30, 10), $cups->sheetLengthMm(0), 1e-9);
    }

    /** By hand: a disc of 33 cm, 3 mm thick, at 1.16 g/ml: pi/4 x 1089 cm2 x 0.3 x 1.16 = 297.6 g. */
    public function test_a_base_is_weighed_by_its_disc(): void
    {
        $tin = new StraightTin(240, 35);
        $base = self::piece($tin, self::crust(3), PieceName::Base);
        self::assertEqualsWithDelta(330.0, $base->lengthMm, 1e-9);
        self::assertEqualsWithDelta(M_PI_4 * 33 * 33 * 0.3 * 1.16, $base->rolledGrams, 0.01);
        // floor 452.4 and wall 263.9 cm2 stay
        self::assertEqualsWithDelta((M_PI_4 * 24 * 24 + M_PI * 24 * 3.5) * 0.3 * 1.16, $base->keptGrams, 0.01);
        self::assertEqualsWithDelta($base->rolledGrams - $base->keptGrams, $base->backGrams(), 1e-9);
    }

    public function test_flush_gives_all_of_its_trimmings_back_trimmed_after_bakes_them_and_folded_in_keeps_them(): void
    {
        $tin = new StraightTin(240, 35);
        $with = static fn (RimFinish $rim): PastryPiece => self::piece($tin, self::crust(3), PieceName::Base, new LiningChoice($rim, false, 20, 0, 0));
        $flush = $with(RimFinish::Flush);
        $after = $with(RimFinish::TrimmedAfter);
        $folded = $with(RimFinish::FoldedIn);
        self::assertSame(0.0, $flush->bakedTrimGrams);
        self::assertSame($flush->rolledGrams, $after->rolledGrams, 'both are cut 10 mm over');
        self::assertEqualsWithDelta(M_PI * 24 * 1.0 * 0.3 * 1.16, $after->bakedTrimGrams, 0.01);
        self::assertEqualsWithDelta($flush->backGrams() - $after->bakedTrimGrams, $after->backGrams(), 1e-9);
        self::assertEqualsWithDelta($flush->keptGrams + M_PI * 24 * 2.0 * 0.3 * 1.16, $folded->keptGrams, 0.01);
        self::assertEqualsWithDelta(350.0, $folded->lengthMm, 1e-9);
    }

    /** "Two thirds for the base, a third for the lid" (common practice, no source). */
    public function test_a_base_takes_about_two_thirds_and_a_lid_about_one(): void
    {
        $crust = self::crust(3, new Lid(3, 0.01, Glaze::Egg));
        foreach ([new SlopedTin(190, 230, 40), new StraightTin(230, 35), new StraightTin(200, 40)] as $tin) {
            $base = self::piece($tin, $crust, PieceName::Base)->rolledGrams;
            $lid = self::piece($tin, $crust, PieceName::Lid)->rolledGrams;
            self::assertEqualsWithDelta(2 / 3, $base / ($base + $lid), 0.07);
        }
        self::assertEqualsWithDelta(230 + 12, self::piece(new SlopedTin(190, 230, 40), $crust, PieceName::Lid)->lengthMm, 1e-9, 'to the outer edge');
    }

    public function test_a_pot_pie_has_a_lid_that_hooks_over_its_rim_and_no_base(): void
    {
        $dish = new MeasuredDish(1500, 50);
        $pieces = PastryPieces::of($dish, new Crust(Pantry::food('shortcrust'), 3, [], Seal::None, Lining::LidOnly, new Lid(4, 0.01, Glaze::Egg)), LiningChoice::usual())->pieces;
        self::assertSame([PieceName::Lid], array_map(static fn (PastryPiece $one): PieceName => $one->name, $pieces));
        self::assertEqualsWithDelta(2 * $dish->radiusMm(50) + 30, $pieces[0]->lengthMm, 1e-6);
        self::assertSame(4.0, $pieces[0]->thicknessMm);
    }

    public function test_a_second_floor_covers_the_floor_only(): void
    {
        $tin = new StraightTin(200, 40);
        $pieces = PastryPieces::of($tin, self::crust(3), new LiningChoice(RimFinish::Flush, true, 20, 30, 10));
        $names = array_map(static fn (PastryPiece $one): PieceName => $one->name, $pieces->pieces);
        self::assertSame([PieceName::Base, PieceName::SecondFloor, PieceName::Decoration, PieceName::Patch], $names);
        self::assertEqualsWithDelta(M_PI * 100 * 0.3 * 1.16, $pieces->pieces[1]->rolledGrams, 0.01);
        self::assertEqualsWithDelta($pieces->pieces[0]->rolledGrams + $pieces->pieces[1]->rolledGrams + 40, $pieces->rolledGrams(), 1e-9);
    }

    /** A quarter open: the gap is as wide as the strip. Five strips of 20 mm each way on 200 mm; chords by Pythagoras. */
    public function test_strips_of_a_lattice_are_as_long_as_the_tin_is_wide_there(): void
    {
        $lattice = Lattice::over(TinProfile::of(new StraightTin(200, 30)), 20, 0.25);
        self::assertEqualsWithDelta(20.0, $lattice->gapMm, 1e-9);
        $chord = static fn (float $off): float => 2 * sqrt(100 ** 2 - $off ** 2);
        $oneWay = [$chord(70), $chord(30), $chord(0), $chord(30), $chord(70)];
        self::assertEqualsWithDelta([...$oneWay, ...$oneWay], $lattice->lengthsMm, 1e-9);
        self::assertEqualsWithDelta(20 * 2 * array_sum($oneWay), $lattice->areaMm2(), 1e-6);
        self::assertEqualsWithDelta(200.0, $lattice->longestMm(), 1e-9);
        $square = Lattice::over(TinProfile::of(new RectangularTin(300, 100, 30, 0)), 20, 0.25);
        self::assertEqualsWithDelta([...array_fill(0, 3, 300.0), ...array_fill(0, 8, 100.0)], $square->lengthsMm, 1e-9);
    }

    public function test_it_is_said_whether_the_trimmings_reach_for_the_strips(): void
    {
        $deep = new StraightTin(160, 70);
        $open = PastryPieces::of($deep, self::crust(5, new Lid(2, 0.6, Glaze::Egg)), LiningChoice::usual());
        self::assertTrue($open->stripsFromTrimmings());
        $shallow = PastryPieces::of(new StraightTin(240, 25), self::crust(3, new Lid(4, 0.2, Glaze::Egg)), LiningChoice::usual());
        self::assertFalse($shallow->stripsFromTrimmings());
        self::assertNull(PastryPieces::of($deep, self::crust(3), LiningChoice::usual())->stripsFromTrimmings());
    }

    public function test_folded_pies_are_discs_and_nothing_is_trimmed(): void
    {
        $pieces = PastryPieces::of(FoldedPieces::halfMoons(14, 120), self::crust(3, new Lid(3, 0.01, Glaze::Egg)), LiningChoice::usual());
        self::assertCount(1, $pieces->pieces);
        self::assertSame(14, $pieces->pieces[0]->pieces);
        self::assertEqualsWithDelta(14 * M_PI * 36 * 0.3 * 1.16, $pieces->rolledGrams(), 0.01);
        self::assertSame(0.0, $pieces->backGrams());
    }

    private static function crust(float $mm, ?Lid $lid = null): Crust
    {
        return new Crust(Pantry::food('shortcrust'), $mm, [], Seal::None, Lining::Tin, $lid);
    }

    private static function piece(Tin $tin, Crust $crust, PieceName $name, ?LiningChoice $choice = null): PastryPiece
    {
        foreach (PastryPieces::of($tin, $crust, $choice ?? LiningChoice::usual())->pieces as $one) {
            if ($one->name === $name) {
                return $one;
            }
        }
        self::fail("no $name->value");
    }
}
