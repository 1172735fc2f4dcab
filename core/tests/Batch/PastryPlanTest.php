<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Batch;

use Hojaldre\Core\Batch\Batch;
use Hojaldre\Core\Batch\BatchLine;
use Hojaldre\Core\Batch\DoughChoice;
use Hojaldre\Core\Batch\DoughPlan;
use Hojaldre\Core\Batch\DoughUse;
use Hojaldre\Core\Batch\FoldChoice;
use Hojaldre\Core\Batch\PastryPlan;
use Hojaldre\Core\Batch\PieOfBatch;
use Hojaldre\Core\Document\DocumentReader;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Pastry\Dough\HouseDoughs;
use Hojaldre\Core\Pastry\Dough\Vessel;
use Hojaldre\Core\Pastry\Even\EvenVerdict;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pastry\Rest\Rest;
use Hojaldre\Core\Pastry\Rest\RestName;
use Hojaldre\Core\Pastry\Rolled\LiningChoice;
use Hojaldre\Core\Pastry\Sheet\Board;
use Hojaldre\Core\Pastry\Sheet\CutShape;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\FoldShape;
use PHPUnit\Framework\TestCase;

final class PastryPlanTest extends TestCase
{
    private const QUICHE = '00000000-0000-4000-8000-000000000001';

    private const FOLDS = '00000000-0000-4000-8000-000000000002';

    /** Two quiches: each a disc of 33 cm, 3 mm, 1.16 g/ml, 297.6 g by hand; 1 % stays on bowl and pin. */
    public function test_two_tins_take_two_discs_and_a_little_for_the_bowl(): void
    {
        $plan = self::plan([[self::QUICHE, 2, TroutQuiche::pie()]]);
        $disc = M_PI_4 * 33 * 33 * 0.3 * 1.16;
        self::assertEqualsWithDelta(2 * $disc, $plan->rolledGrams(), 0.01);
        self::assertEqualsWithDelta(1.01 * 2 * $disc, $plan->neededGrams(), 0.01);
        self::assertSame($plan->neededGrams(), $plan->madeGrams());
        self::assertEqualsWithDelta(0.0, $plan->overGrams(), 1e-9);
        self::assertEqualsWithDelta($plan->madeGrams() / 1.763, (float) $plan->flourGrams(), 0.01, 'flour 100, butter 50, water 24.5, salt 1.8');
        self::assertSame([], $plan->remarks());
    }

    public function test_dough_from_before_is_so_much_less_to_make(): void
    {
        $need = 1.01 * 2 * M_PI_4 * 33 * 33 * 0.3 * 1.16;
        $quiches = [[self::QUICHE, 2, TroutQuiche::pie()]];
        $some = self::plan($quiches, self::choice(null, 150));
        self::assertEqualsWithDelta($need - 150, $some->madeGrams(), 0.01);
        self::assertEqualsWithDelta(($need - 150) / 1.763, (float) $some->flourGrams(), 0.01);
        self::assertEqualsWithDelta(0.0, $some->overGrams(), 1e-9);
        $enough = self::plan($quiches, self::choice(null, 700));
        self::assertSame(0.0, $enough->madeGrams());
        self::assertEqualsWithDelta(700 - $need, $enough->overGrams(), 0.01, 'the rest stays');
        self::assertNull($enough->water(), 'nothing is mixed');
        $chosen = self::plan($quiches, self::choice(500, 150));
        self::assertSame(500.0, $chosen->madeGrams());
        self::assertEqualsWithDelta(650 - $need, $chosen->overGrams(), 0.01);
    }

    public function test_dough_from_before_gives_folded_pieces_too(): void
    {
        $folds = [[self::FOLDS, 12, OtherPies::folds()]];
        $half = self::plan($folds)->madeGrams() / 2;
        self::assertEqualsWithDelta(self::plan($folds, self::choice(2 * $half))->uses[0]->rolledGrams, self::plan($folds, self::choice($half, $half))->uses[0]->rolledGrams, 0.01);
    }

    public function test_pies_of_one_dough_are_made_together_and_others_apart(): void
    {
        $puff = TroutQuiche::pie();
        $puff = $puff->withCrust($puff->crust->withDough(Pantry::food('ready-puff')));
        $all = self::all([[self::QUICHE, 1, TroutQuiche::pie()], ['00000000-0000-4000-8000-000000000003', 1, $puff], [self::FOLDS, 12, OtherPies::folds()]]);
        self::assertSame(['shortcrust', 'ready-puff'], array_map(static fn (DoughPlan $one): string => $one->dough->id, $all->doughs));
        self::assertSame([1, 3], array_map(static fn (DoughUse $one): int => $one->of->number, $all->doughs[0]->uses));
        self::assertNull($all->doughs[1]->formula);
        self::assertNull($all->doughs[1]->flourGrams());
        self::assertSame([], $all->doughs[1]->rests());
    }

    /** The design has six; twelve are wanted: twice its filling, and discs for twelve at the least. */
    public function test_folded_pies_are_counted_in_pieces(): void
    {
        $plan = self::plan([[self::FOLDS, 12, OtherPies::folds()]]);
        $use = $plan->uses[0];
        self::assertSame(2.0, $use->of->times());
        self::assertEqualsWithDelta(2 * OtherPies::folds()->portions, $use->of->portions(), 1e-9);
        self::assertGreaterThanOrEqual(12, $use->cutting?->pieces());
        self::assertEqualsWithDelta(2 * (660 + 231), (float) $use->even?->fillingGrams, 1e-6);
        self::assertEqualsWithDelta($use->cutting?->leftGrams() ?? -1, $use->backGrams, 1e-9);
    }

    public function test_dough_that_is_there_lines_the_tins_first_and_the_rest_is_cut(): void
    {
        $need = self::plan([[self::QUICHE, 1, TroutQuiche::pie()], [self::FOLDS, 6, OtherPies::folds()]]);
        $half = self::plan([[self::QUICHE, 1, TroutQuiche::pie()], [self::FOLDS, 6, OtherPies::folds()]], new DoughChoice('shortcrust', Board::usual(), Vessel::Bowl, 6, 0.6 * $need->madeGrams(), null, []));
        self::assertEqualsWithDelta($need->uses[0]->rolledGrams, $half->uses[0]->rolledGrams, 1e-9);
        self::assertLessThan(6, $half->uses[1]->cutting?->pieces());
        self::assertSame(EvenVerdict::FillingOver, $half->uses[1]->even?->verdict());
        self::assertEqualsWithDelta(0.6 * $need->madeGrams(), $half->neededGrams(), 0.01, 'all of it is used');
    }

    public function test_a_batch_can_be_rolled_thinner_and_cut_wider_than_designed(): void
    {
        $line = new BatchLine(self::FOLDS, 6, LiningChoice::usual(), new FoldChoice(120.0, 3.0, 160.0, null));
        $one = new PieOfBatch(1, $line, OtherPies::folds());
        self::assertSame([160.0, 3.0], [$one->folded()?->lengthMm, $one->pie->crust->thicknessMm]);
        $plan = DoughPlan::of(Pantry::food('shortcrust'), null, DoughChoice::usual('shortcrust'), [$one], [], 20);
        self::assertSame(120.0, $plan->uses[0]->even?->eachGrams());
        self::assertSame(160.0, $plan->uses[0]->cutting?->cutter->lengthMm);
    }

    /** Six folds of 18 cm hold 198 ml each; the design has 148.5 g for each, which neither leaves them hollow nor keeps them open. */
    public function test_what_the_design_puts_into_each_is_what_the_cook_wants(): void
    {
        $even = self::plan([[self::FOLDS, 6, OtherPies::folds()]])->uses[0]->even;
        self::assertNotNull($even);
        self::assertEqualsWithDelta(891 / 6, $even->eachGrams(), 1e-9);
        self::assertSame(EvenVerdict::Even, $even->verdict());
        $hollow = self::plan([[self::FOLDS, 6, OtherPies::folds()->withFillingScaled(0.4)]])->uses[0]->even;
        self::assertNotNull($hollow);
        self::assertGreaterThan(0.4 * 891 / 6, $hollow->eachGrams(), 'what leaves them hollow is not taken');
        self::assertSame(EvenVerdict::FillingShort, $hollow->verdict());
    }

    /** Two squares of 14 cm for two parcels; a patty wants two discs. */
    public function test_other_shapes_are_cut_in_their_own_outline(): void
    {
        $with = static fn (FoldShape $shape, float $long, ?float $wide): DoughUse => self::plan([[self::FOLDS, 6, OtherPies::folds()->withTin(new FoldedPieces($shape, 6, $long, $wide))]])->uses[0];
        $parcels = $with(FoldShape::Parcel, 140, null);
        self::assertSame(CutShape::Square, $parcels->cutting?->cutter->shape);
        self::assertEqualsWithDelta(140 * 140 * 0.004 * 1.16, $parcels->cutting->pieceGrams(), 1e-6);
        self::assertGreaterThanOrEqual(6, $parcels->cutting->pieces());
        self::assertSame(CutShape::Rectangle, $with(FoldShape::Rectangle, 200, 140)->cutting?->cutter->shape);
        $patties = $with(FoldShape::Patty, 120, null);
        self::assertGreaterThanOrEqual(12, $patties->cutting?->pieces());
        self::assertLessThanOrEqual(7, $patties->even?->discs(), 'two discs make one');
        self::assertSame(12, $patties->pieces->pieces[0]->pieces);
    }

    public function test_strips_that_trimmings_give_are_not_rolled_for(): void
    {
        $deep = OtherPies::deep();
        $latticed = $deep->withCrust($deep->crust->withLid(new Lid(2, 0.6, Glaze::Egg)));
        $plain = self::plan([[self::QUICHE, 2, $deep]]);
        $plan = self::plan([[self::QUICHE, 2, $latticed]]);
        self::assertGreaterThan(0, $plan->uses[0]->stripsFromTrimmingsGrams);
        self::assertEqualsWithDelta($plain->rolledGrams(), $plan->rolledGrams(), 1e-6);
        self::assertEqualsWithDelta($plain->backGrams() - $plan->uses[0]->stripsFromTrimmingsGrams, $plan->backGrams(), 1e-6);
    }

    public function test_dough_rolled_is_what_stays_on_the_pies_and_what_comes_back(): void
    {
        $plan = self::plan([[self::QUICHE, 3, TroutQuiche::pie()], [self::FOLDS, 9, OtherPies::folds()]]);
        $stays = 0.0;
        foreach ($plan->uses as $use) {
            $stays += $use->cutting === null ? 3 * $use->pieces->pieces[0]->keptGrams : $use->cutting->pieces() * $use->cutting->pieceGrams();
        }
        self::assertEqualsWithDelta($plan->rolledGrams(), $stays + $plan->backGrams(), 1e-6);
    }

    public function test_bought_sheets_are_cut_as_they_are(): void
    {
        $folds = OtherPies::folds();
        $bought = $folds->withCrust($folds->crust->withDough(Pantry::food('ready-puff')));
        $plan = self::plan([[self::FOLDS, 4, $bought]], new DoughChoice('ready-puff', Board::usual(), Vessel::Bowl, 6, null, new Board(230, 400), []));
        self::assertSame(2, $plan->uses[0]->cutting?->first->sheets, 'two of 18 cm on each');
    }

    public function test_rests_follow_the_tin_that_is_lined_and_the_heat_of_the_kitchen(): void
    {
        $names = static fn (DoughPlan $plan): array => array_map(static fn (Rest $one): RestName => $one->name, $plan->rests());
        $lined = self::plan([[self::FOLDS, 6, OtherPies::folds()], [self::QUICHE, 1, TroutQuiche::pie()]]);
        self::assertSame([RestName::AfterMixing, RestName::Temper, RestName::InTheTin], $names($lined));
        self::assertGreaterThan(0, $lined->rests()[0]->lowerMm);
        self::assertSame(0.0, self::plan([[self::FOLDS, 6, OtherPies::folds()]])->rests()[0]->lowerMm);
        self::assertGreaterThan($lined->rests()[2]->usualMinutes, self::plan([[self::QUICHE, 1, TroutQuiche::pie()]], celsius: 29)->rests()[2]->usualMinutes);
    }

    public function test_what_it_took_before_moves_the_water(): void
    {
        $pies = [new PieOfBatch(1, self::line(self::QUICHE, 1), TroutQuiche::pie())];
        $formula = HouseDoughs::of('shortcrust');
        $plan = DoughPlan::of(Pantry::food('shortcrust'), $formula, DoughChoice::usual('shortcrust'), $pies, [28.5], 20);
        self::assertEqualsWithDelta((24.5 + 28.5) / 2, (float) $plan->water()?->usualPercent, 1e-9);
        self::assertSame(1, $plan->goes());
    }

    public function test_each_pie_and_each_dough_stands_in_a_batch_once(): void
    {
        $batch = new Batch('Saturday', [self::line(self::QUICHE, 1), self::line(self::QUICHE, 2)], [DoughChoice::usual('puff'), DoughChoice::usual('puff')], 21);
        self::assertSame(['pie-twice /lines/1/pie', 'dough-twice /doughs/1/dough'], array_map(static fn (Refusal $one): string => "$one->code $one->at", $batch->refusals()));
        $read = DocumentReader::read(Batch::class, json_decode((string) json_encode(DocumentWriter::write(new Batch('Saturday', [self::line(self::QUICHE, 2)], [], 21))), true));
        self::assertSame(2, $read->lines[0]->count);
        self::assertSame('rich-shortcrust', $read->doughChoice('rich-shortcrust')->dough);
    }

    private static function line(string $pie, int $count): BatchLine
    {
        return new BatchLine($pie, $count, LiningChoice::usual(), FoldChoice::asDesigned());
    }

    /** @param  list<array{string, int, Pie}>  $lines */
    private static function all(array $lines, ?DoughChoice $choice = null, float $celsius = 20): PastryPlan
    {
        $pies = [];
        foreach ($lines as $at => [$id, $count, $pie]) {
            $pies[] = new PieOfBatch($at + 1, self::line($id, $count), $pie);
        }
        $formula = HouseDoughs::of('shortcrust');

        return PastryPlan::of(new Batch('Test', array_map(static fn (PieOfBatch $one): BatchLine => $one->line, $pies), $choice === null ? [] : [$choice], $celsius), $pies, $formula === null ? [] : ['shortcrust' => $formula], []);
    }

    private static function choice(?float $madeGrams, float $fromBeforeGrams = 0.0): DoughChoice
    {
        return new DoughChoice('shortcrust', Board::usual(), Vessel::Bowl, 6, $madeGrams, null, [], $fromBeforeGrams);
    }

    /** @param  list<array{string, int, Pie}>  $lines */
    private static function plan(array $lines, ?DoughChoice $choice = null, float $celsius = 20): DoughPlan
    {
        return self::all($lines, $choice, $celsius)->doughs[0];
    }
}
