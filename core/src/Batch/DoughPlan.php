<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch;

use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pastry\Dough\DoughRemarks;
use Hojaldre\Core\Pastry\Dough\Formula;
use Hojaldre\Core\Pastry\Dough\WaterNeed;
use Hojaldre\Core\Pastry\DoughNeed;
use Hojaldre\Core\Pastry\Even\DoughAndFilling;
use Hojaldre\Core\Pastry\Lining;
use Hojaldre\Core\Pastry\Rest\Rest;
use Hojaldre\Core\Pastry\Rest\RestPlan;
use Hojaldre\Core\Pastry\Rolled\PastryPiece;
use Hojaldre\Core\Pastry\Rolled\PastryPieces;
use Hojaldre\Core\Pastry\Rolled\PieceName;
use Hojaldre\Core\Pastry\Rolled\TinProfile;
use Hojaldre\Core\Pastry\Sheet\Cutter;
use Hojaldre\Core\Pastry\Sheet\Cutting;
use Hojaldre\Core\Statement\Statement;
use Hojaldre\Core\Tin\FoldedPieces;

/** One dough of a batch: how much of it, for which pies, how it is cut and rested. */
final readonly class DoughPlan
{
    /**
     * @param  Formula|null  $formula  none of a bought dough
     * @param  list<DoughUse>  $uses
     * @param  list<float>  $tookPercents  what earlier makings took, per cent of the flour
     */
    private function __construct(
        public Food $dough,
        public ?Formula $formula,
        public DoughChoice $choice,
        public array $uses,
        private array $tookPercents,
        private float $kitchenCelsius,
    ) {
    }

    /**
     * @param  non-empty-list<PieOfBatch>  $pies  that have this dough
     * @param  list<float>  $tookPercents
     */
    public static function of(Food $dough, ?Formula $formula, DoughChoice $choice, array $pies, array $tookPercents, float $kitchenCelsius): self
    {
        $uses = array_map(static fn (PieOfBatch $one): DoughUse => self::lined($one), array_values(array_filter($pies, static fn (PieOfBatch $one): bool => $one->folded() === null)));
        $rolled = array_sum(array_map(static fn (DoughUse $one): float => $one->rolledGrams, $uses));
        $folded = array_values(array_filter($pies, static fn (PieOfBatch $one): bool => $one->folded() !== null));
        // dough that was made is lined out first; what is left is rolled for the folded ones, each by its need
        $needs = array_map(static fn (PieOfBatch $one): Cutting => self::cutting($one, $choice, $dough), $folded);
        $needed = array_sum(array_map(static fn (Cutting $one): float => $one->grams(), $needs));
        foreach ($folded as $at => $one) {
            $there = $choice->madeGrams === null || $needed <= 0 ? $needs[$at]->grams()
                : max(0.0, (($choice->madeGrams + $choice->fromBeforeGrams) / (1 + DoughNeed::LOST_SHARE) - $rolled) * $needs[$at]->grams() / $needed);
            $uses[] = self::folded($one, $choice, $dough, $needs[$at], $there);
        }
        usort($uses, static fn (DoughUse $a, DoughUse $b): int => $a->of->number <=> $b->of->number);

        return new self($dough, $formula, $choice, $uses, $tookPercents, $kitchenCelsius);
    }

    public function rolledGrams(): float
    {
        return array_sum(array_map(static fn (DoughUse $one): float => $one->rolledGrams, $this->uses));
    }

    public function lostGrams(): float
    {
        return DoughNeed::LOST_SHARE * $this->rolledGrams();
    }

    /** What is needed of it in all. */
    public function neededGrams(): float
    {
        return $this->rolledGrams() + $this->lostGrams();
    }

    /** What is made: as much as was chosen, or as is needed beside what there is from before. */
    public function madeGrams(): float
    {
        return $this->choice->madeGrams ?? max(0.0, $this->neededGrams() - $this->choice->fromBeforeGrams);
    }

    /** Dough that is there and not rolled, g; less than nothing where it is short. */
    public function overGrams(): float
    {
        return $this->madeGrams() + $this->choice->fromBeforeGrams - $this->neededGrams();
    }

    /** Raw trimmings and scraps. */
    public function backGrams(): float
    {
        return array_sum(array_map(static fn (DoughUse $one): float => $one->backGrams, $this->uses));
    }

    public function flourGrams(): ?float
    {
        return $this->formula?->flourGrams($this->madeGrams());
    }

    public function water(): ?WaterNeed
    {
        return $this->formula === null || $this->formula->liquidPercent() <= 0 || $this->madeGrams() <= 0 ? null : WaterNeed::of($this->formula, $this->tookPercents);
    }

    /** @return list<Statement> */
    public function remarks(): array
    {
        return $this->formula === null ? [] : DoughRemarks::of($this->formula);
    }

    /** In how many goes it is mixed. */
    public function goes(): int
    {
        return $this->choice->vessel->goes($this->flourGrams() ?? 0.0, $this->choice->vesselLitres);
    }

    /** @return list<Rest> none of a bought dough without a formula, which only comes to the warmth of the bench */
    public function rests(): array
    {
        if ($this->formula === null || $this->uses === []) {
            return [];
        }
        $lined = null;
        foreach ($this->uses as $use) {
            if ($lined === null && $use->of->folded() === null && $use->of->pie->crust->lining === Lining::Tin) {
                $lined = $use->of->pie;
            }
        }

        return RestPlan::of(
            $this->formula, ($lined ?? $this->uses[0]->of->pie)->crust->thicknessMm, $lined?->crust->shell[0]->how ?? null,
            $lined === null ? null : TinProfile::of($lined->tin), $this->kitchenCelsius,
        );
    }

    private static function lined(PieOfBatch $one): DoughUse
    {
        $pieces = $one->pieces();
        $times = $one->times();
        $fromTrimmings = $pieces->stripsFromTrimmings() === true ? self::stripsGrams($pieces) : 0.0;

        return new DoughUse(
            $one, $pieces, $times * ($pieces->rolledGrams() - $fromTrimmings), $times * ($pieces->backGrams() - $fromTrimmings),
            $times * array_sum(array_map(static fn (PastryPiece $piece): float => $piece->bakedTrimGrams, $pieces->pieces)), $times * $fromTrimmings, null, null,
        );
    }

    private static function folded(PieOfBatch $one, DoughChoice $choice, Food $dough, Cutting $need, float $thereGrams): DoughUse
    {
        $tin = $one->folded() ?? FoldedPieces::halfMoons(1, FoldedPieces::LEAST_MM);
        $thickness = $one->pie->crust->thicknessMm;
        $pieces = $one->pieces();
        $loose = $one->times() * array_sum(array_map(static fn (PastryPiece $piece): float => $piece->name === PieceName::Fold ? 0.0 : $piece->rolledGrams, $pieces->pieces));
        $cutting = $choice->madeGrams === null ? $need : Cutting::from(max(1.0, $thereGrams), Cutter::of($tin), $thickness, $dough->gramsPerMl, $choice->board);
        $weights = Weights::of($one->pie);
        $even = $weights->isEmpty() ? null : new DoughAndFilling(
            $tin, $thickness, $cutting->grams(), $dough->gramsPerMl, $weights->fillingGrams * $one->times(), $weights->foldedGramsPerMl(), $one->line->count, $choice->board,
        );
        // what the design puts into each is what the cook wants, as long as it closes and is not hollow
        $designed = $weights->fillingGrams / $tin->pieces;
        $each = $one->line->fold->eachGrams ?? ($even?->filling($tin->lengthMm)->fits($designed) === true ? $designed : null);
        $even = $even === null || $each === null ? $even : $even->withEach($each);

        return new DoughUse($one, $pieces, $cutting->grams() + $loose, $cutting->leftGrams(), 0.0, 0.0, $cutting, $even);
    }

    private static function cutting(PieOfBatch $one, DoughChoice $choice, Food $dough): Cutting
    {
        $tin = $one->folded() ?? FoldedPieces::halfMoons(1, FoldedPieces::LEAST_MM);
        $cutter = Cutter::of($tin);
        $cuts = $one->line->count * $tin->fold->cuts();
        $thickness = $one->pie->crust->thicknessMm;
        $sheet = $choice->sheet;
        $ready = $sheet === null ? null : Cutting::readyForPieces($cuts, $sheet->widthMm, $sheet->lengthMm, $cutter, $thickness, $dough->gramsPerMl, $choice->board);

        return $ready ?? Cutting::forPieces($cuts, $cutter, $thickness, $dough->gramsPerMl, $choice->board);
    }

    private static function stripsGrams(PastryPieces $pieces): float
    {
        return array_sum(array_map(static fn (PastryPiece $one): float => $one->name === PieceName::Strips ? $one->rolledGrams : 0.0, $pieces->pieces));
    }
}
