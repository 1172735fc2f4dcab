<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Batch;

use Hojaldre\Core\Batch\Batch;
use Hojaldre\Core\Batch\BatchLine;
use Hojaldre\Core\Batch\DoughChoice;
use Hojaldre\Core\Batch\FoldChoice;
use Hojaldre\Core\Batch\LeftOver;
use Hojaldre\Core\Batch\PastryPlan;
use Hojaldre\Core\Batch\PieOfBatch;
use Hojaldre\Core\Pastry\Dough\HouseDoughs;
use Hojaldre\Core\Pastry\Dough\Vessel;
use Hojaldre\Core\Pastry\Even\WayName;
use Hojaldre\Core\Pastry\Rolled\LiningChoice;
use Hojaldre\Core\Pastry\Sheet\Board;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Safety\Kept;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

final class LeftOverTest extends TestCase
{
    public function test_trimmings_and_dough_that_is_not_rolled_are_left(): void
    {
        $left = LeftOver::of(self::plan(TroutQuiche::pie(), 2));
        self::assertSame([Kept::Trimmings], array_map(static fn (LeftOver $one): Kept => $one->kept, $left));
        self::assertSame('shortcrust', $left[0]->food);
        $more = LeftOver::of(self::plan(TroutQuiche::pie(), 2, madeGrams: 1000));
        self::assertSame([Kept::Dough, Kept::Trimmings], array_map(static fn (LeftOver $one): Kept => $one->kept, $more));
        // two discs of 297.6 g and a hundredth of them for the bowl
        self::assertEqualsWithDelta(1000 - 1.01 * 2 * M_PI_4 * 33 * 33 * 0.3 * 1.16, $more[0]->grams, 0.01);
    }

    public function test_filling_is_left_only_where_the_cook_chose_to_freeze_it(): void
    {
        $half = self::plan(OtherPies::folds(), 12)->doughs[0]->madeGrams() / 2;
        $kinds = static fn (?WayName $settled): array => array_map(static fn (LeftOver $one): Kept => $one->kept, LeftOver::of(self::plan(OtherPies::folds(), 12, $half, $settled)));
        self::assertNotContains(Kept::RawFilling, $kinds(null));
        self::assertContains(Kept::RawFilling, $kinds(WayName::FreezeFilling), 'there is raw chicken in it');
        self::assertNotContains(Kept::CookedFilling, $kinds(WayName::FreezeFilling));
    }

    public function test_pieces_beyond_those_that_are_wanted_are_frozen_unbaked(): void
    {
        $double = 2 * self::plan(OtherPies::folds(), 6)->doughs[0]->madeGrams();
        $left = array_values(array_filter(LeftOver::of(self::plan(OtherPies::folds(), 6, $double, WayName::FreezePieces)), static fn (LeftOver $one): bool => $one->kept === Kept::UnbakedPies));
        self::assertCount(1, $left);
        self::assertGreaterThanOrEqual(6, $left[0]->pieces);
        self::assertSame(0.0, $left[0]->grams);
    }

    private static function plan(Pie $pie, int $count, ?float $madeGrams = null, ?WayName $settled = null): PastryPlan
    {
        $line = new BatchLine('00000000-0000-4000-8000-000000000001', $count, LiningChoice::usual(), new FoldChoice(null, null, null, $settled));
        $doughs = $madeGrams === null ? [] : [new DoughChoice('shortcrust', Board::usual(), Vessel::Bowl, 6, $madeGrams, null, [])];
        $formula = HouseDoughs::of('shortcrust');

        return PastryPlan::of(new Batch('Test', [$line], $doughs, 20), [new PieOfBatch(1, $line, $pie)], $formula === null ? [] : ['shortcrust' => $formula], []);
    }
}
