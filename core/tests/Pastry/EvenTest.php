<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Pastry;

use Hojaldre\Core\Pastry\Even\DoughAndFilling;
use Hojaldre\Core\Pastry\Even\EvenVerdict;
use Hojaldre\Core\Pastry\Even\WayName;
use Hojaldre\Core\Pastry\Even\WayToEven;
use Hojaldre\Core\Pastry\Sheet\Board;
use Hojaldre\Core\Pastry\Sheet\Cutter;
use Hojaldre\Core\Pastry\Sheet\Cutting;
use Hojaldre\Core\Tin\FoldedPieces;
use PHPUnit\Framework\TestCase;

final class EvenTest extends TestCase
{
    /** A pocket of 12 cm: r = 52 mm, 0.4 r^3 is about 56 ml (docs/model.md); at 1.05 g/ml 0.9 of it is 53 g. */
    public function test_a_disc_of_12_cm_takes_about_two_spoons(): void
    {
        $filling = self::even(1000, 1000)->filling(120);
        self::assertEqualsWithDelta(0.9 * 0.42 * 0.6 * M_PI_2 * 5.2 ** 3 * 1.05, $filling->usualGrams, 0.01);
        self::assertSame(2.0, $filling->heapedSpoons($filling->usualGrams));
        self::assertTrue($filling->fits($filling->leastGrams) && $filling->fits($filling->mostGrams));
        self::assertFalse($filling->fits(0.99 * $filling->leastGrams), 'hollow');
        self::assertFalse($filling->fits(1.01 * $filling->mostGrams), 'does not close');
        self::assertEqualsWithDelta(0.65 / 0.9, $filling->leastGrams / $filling->usualGrams, 1e-9);
        self::assertEqualsWithDelta(1.1 / 0.9, $filling->mostGrams / $filling->usualGrams, 1e-9);
    }

    /** Common practice, no source: half a dough made 15 patties and used a quarter of the filling. All of it makes 30 and uses half. */
    public function test_half_a_dough_that_made_fifteen_and_used_a_quarter_of_the_filling_uses_half_when_all_is_rolled(): void
    {
        $half = Cutting::forPieces(15, Cutter::disc(135), 3, 1.16, self::board());
        self::assertSame(15, $half->pieces());
        $usual = self::even(1, 1)->filling(135)->usualGrams;
        $all = new DoughAndFilling(FoldedPieces::halfMoons(1, 135), 3, 2 * $half->grams(), 1.16, 4 * 15 * $usual, 1.05, 15, self::board());
        self::assertSame(30, $all->discs());
        self::assertEqualsWithDelta(60.0, $all->fills(), 1e-9);
        self::assertSame(EvenVerdict::FillingOver, $all->verdict());
        self::assertEqualsWithDelta(30 * $usual, $all->overGrams(), 1e-6);
        $freeze = self::way($all, WayName::FreezeFilling);
        self::assertSame(30, $freeze->pieces);
        self::assertEqualsWithDelta(30 * $usual, $freeze->fillingLeftGrams, 1e-6, 'half of the filling is frozen');
        $pieces = self::way($all, WayName::FreezePieces);
        self::assertSame([30, 15], [$pieces->pieces, $pieces->piecesLeft], 'of thirty, fifteen are frozen unbaked');
        $more = self::way($all, WayName::MoreDough);
        self::assertSame(60, $more->pieces);
        self::assertEqualsWithDelta(2.0, $more->doughGrams / (2 * $half->grams()), 0.06, 'as much dough again');
    }

    public function test_what_ends_within_half_a_piece_is_even(): void
    {
        $dough = Cutting::forPieces(14, Cutter::disc(120), 3, 1.16, self::board())->grams();
        $usual = self::even(1, 1)->filling(120)->usualGrams;
        foreach ([[13.6, EvenVerdict::Even], [14.0, EvenVerdict::Even], [14.4, EvenVerdict::Even], [13.4, EvenVerdict::FillingShort], [14.6, EvenVerdict::FillingOver]] as [$pieces, $verdict]) {
            self::assertSame($verdict, self::even($dough, $pieces * $usual)->verdict(), "$pieces");
        }
        self::assertSame([], self::even($dough, 14 * $usual)->ways());
    }

    /** 16 fillings for 14 discs: 16/14 of the usual weight in each still closes (1.1/0.9 = 1.22). */
    public function test_a_little_more_in_each_ends_even_while_it_closes(): void
    {
        $dough = Cutting::forPieces(14, Cutter::disc(120), 3, 1.16, self::board())->grams();
        $usual = self::even(1, 1)->filling(120)->usualGrams;
        $way = self::way(self::even($dough, 16 * $usual), WayName::Weight);
        self::assertEqualsWithDelta(16 / 14 * $usual, $way->gramsEach, 1e-9);
        self::assertSame(14, $way->pieces);
        self::assertSame(EvenVerdict::Even, self::even($dough, 16 * $usual, each: $way->gramsEach)->verdict(), 'with that weight in each it is even');
        self::assertNotContains(WayName::Weight, self::names(self::even($dough, 18 * $usual)), 'does not close');
        self::assertNotContains(WayName::Weight, self::names(self::even($dough, 9 * $usual)), 'hollow');
    }

    public function test_rolled_thinner_the_same_dough_gives_as_many_discs_as_there_is_filling_for(): void
    {
        $dough = Cutting::forPieces(14, Cutter::disc(120), 3, 1.16, self::board())->grams();
        $usual = self::even(1, 1)->filling(120)->usualGrams;
        $thin = self::way(self::even($dough, 16 * $usual), WayName::Thickness);
        self::assertSame(16, $thin->pieces);
        self::assertLessThan(3.0, $thin->thicknessMm);
        self::assertGreaterThan(2.4, $thin->thicknessMm, '14/16 of three is 2.6');
        self::assertGreaterThanOrEqual(16, Cutting::from($dough, Cutter::disc(120), $thin->thicknessMm, 1.16, self::board())->pieces());
        $thick = self::way(self::even($dough, 12 * $usual), WayName::Thickness);
        self::assertGreaterThan(3.0, $thick->thicknessMm);
        self::assertSame(12, $thick->pieces);
        self::assertNotContains(WayName::Thickness, self::names(self::even($dough, 40 * $usual)), 'thinner than 2 mm tears');
    }

    public function test_larger_discs_take_more_filling_from_the_same_dough(): void
    {
        $dough = Cutting::forPieces(14, Cutter::disc(120), 3, 1.16, self::board())->grams();
        $usual = self::even(1, 1)->filling(120)->usualGrams;
        $larger = self::way(self::even($dough, 18 * $usual), WayName::Size);
        self::assertGreaterThan(120.0, $larger->lengthMm);
        self::assertLessThan(14, $larger->pieces);
        self::assertEqualsWithDelta(18 * $usual, $larger->pieces * $larger->gramsEach, 1e-6);
        $smaller = self::way(self::even($dough, 10 * $usual), WayName::Size);
        self::assertLessThan(120.0, $smaller->lengthMm);
    }

    public function test_where_the_filling_is_short_fewer_are_filled(): void
    {
        $dough = Cutting::forPieces(14, Cutter::disc(120), 3, 1.16, self::board())->grams();
        $usual = self::even(1, 1)->filling(120)->usualGrams;
        $even = self::even($dough, 10.2 * $usual);
        self::assertSame(EvenVerdict::FillingShort, $even->verdict());
        self::assertEqualsWithDelta(-3.8 * $usual, $even->overGrams(), 1e-6);
        $fewer = self::way($even, WayName::FewerPieces);
        self::assertSame([10, 4], [$fewer->pieces, $fewer->piecesLeft]);
        self::assertNotContains(WayName::FreezeFilling, self::names($even));
        self::assertNotContains(WayName::MoreDough, self::names($even));
    }

    /** 30 mm deep: 800 g at 1.05 g/ml are 762 ml; a tin of 18 cm holds 763. */
    public function test_the_rest_goes_into_a_small_tin_where_one_is_filled(): void
    {
        $dough = Cutting::forPieces(14, Cutter::disc(120), 3, 1.16, self::board())->grams();
        $usual = self::even(1, 1)->filling(120)->usualGrams;
        $tin = self::way(self::even($dough, 14 * $usual + 800), WayName::SecondTin);
        self::assertEqualsWithDelta(180.0, (float) $tin->tinMm, 1.0);
        self::assertNotContains(WayName::SecondTin, self::names(self::even($dough, 14 * $usual + 60)), 'no tin is so small');
    }

    public function test_dough_for_no_disc_at_all_offers_only_what_helps(): void
    {
        $even = self::even(5, 500);
        self::assertSame(0, $even->discs());
        self::assertContains(WayName::MoreDough, self::names($even));
        self::assertNotContains(WayName::Weight, self::names($even));
        self::assertNotContains(WayName::FreezeFilling, self::names($even));
    }

    private static function even(float $doughGrams, float $fillingGrams, int $wanted = 60, ?float $each = null): DoughAndFilling
    {
        return new DoughAndFilling(FoldedPieces::halfMoons(1, 120), 3, $doughGrams, 1.16, $fillingGrams, 1.05, $wanted, self::board(), $each);
    }

    private static function board(): Board
    {
        return new Board(400, 600);
    }

    /** @return list<WayName> */
    private static function names(DoughAndFilling $even): array
    {
        return array_map(static fn (WayToEven $one): WayName => $one->name, $even->ways());
    }

    private static function way(DoughAndFilling $even, WayName $name): WayToEven
    {
        foreach ($even->ways() as $one) {
            if ($one->name === $name) {
                return $one;
            }
        }
        self::fail("$name->value is not offered: ".implode(', ', array_map(static fn (WayName $one): string => $one->value, self::names($even))));
    }
}
