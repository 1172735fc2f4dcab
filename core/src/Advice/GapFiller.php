<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Custard\CustardStyle;
use Hojaldre\Core\Custard\Solver\Answer;
use Hojaldre\Core\Custard\Solver\CustardSolver;
use Hojaldre\Core\Custard\Solver\Dairy;
use Hojaldre\Core\Custard\Solver\Wish;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Food\EggSizes;
use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Readings\FillGauge;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Refusal\Refused;

/** The custard that fills the room the solids of this pie leave, in the style its cook chose, from what is in the fridge. */
final readonly class GapFiller
{
    /** How far it is filled: this share of the depth at which it would rise over the rim (judgement). */
    private const SHARE_OF_LIMIT = 0.93;

    /** Less room is none; what a custard without a wish has (judgement). */
    private const LEAST_ML = 30.0;

    private const FAT_PERCENT = 15.0;

    /** What to aim at, g of liquid to an egg and % fat; the room there is. */
    public float $gapMl;

    public float $gramsPerEgg;

    public float $fatPercent;

    private Weights $weights;

    /** @param  float|null  $fatPercent richness to aim at; null: as the custard is now, or 15 where there is none */
    public function __construct(private Pie $pie, ?float $fatPercent, private EggSizing $eggSizing = EggSizing::Us)
    {
        $this->weights = Weights::of($pie);
        $lined = $this->weights->lined;
        $this->gapMl = $lined->volumeMl($lined->depthMm() / (1 + FillGauge::RISE_SHARE) * self::SHARE_OF_LIMIT) - $this->weights->solidMl;
        $this->gramsPerEgg = ($pie->custard()->style ?? CustardStyle::Tender)->aimGrams();
        $this->fatPercent = $fatPercent ?? self::fatOf($pie->custard()) ?? self::FAT_PERCENT;
    }

    /**
     * @param  list<FridgeDairy>  $fridge  at most CustardSolver::MOST_DAIRIES
     * @return list<GapAnswer> the three best, each with what it leaves over and the changes of the design
     *
     * @throws Refused no-room, when the solids fill the tin
     */
    public function answers(int $eggs, int $yolks, array $fridge): array
    {
        if ($this->gapMl < self::LEAST_ML) {
            throw Refused::because('no-room', '/design/layers');
        }
        $wish = new Wish($this->gapMl, $this->weights->freeGrams, $this->gramsPerEgg, $this->fatPercent / 100, $eggs, $yolks, EggSizes::apply(Pantry::food('egg'), $this->eggSizing)->pieces['large']);
        $dairies = array_map(static fn (FridgeDairy $one): Dairy => new Dairy(
            $one->food->id, 1 / $one->food->gramsPerMl, $one->food->liquidShare, $one->food->per100g->fat / 100, $one->mostGrams ?? INF,
        ), $fridge);

        return array_map(fn (Answer $answer): GapAnswer => $this->told($answer, $fridge), CustardSolver::answers($wish, $dairies));
    }

    /** @param  list<FridgeDairy>  $fridge */
    private function told(Answer $answer, array $fridge): GapAnswer
    {
        $used = $leftOver = [];
        foreach ($fridge as $one) {
            $grams = round($answer->grams[$one->food->id] ?? 0.0);
            if ($grams > 0) {
                $used[] = new Ingredient($one->food, Amount::of($grams));
            }
            if ($one->mostGrams !== null && $one->mostGrams - $grams >= 1) {
                $leftOver[] = new Ingredient($one->food, Amount::of(round($one->mostGrams - $grams)));
            }
        }
        $custard = $this->custard($answer, $used);

        return new GapAnswer(
            $answer->eggs, $answer->yolks, $used, $answer->gramsPerEgg, $custard->style->verdict($answer->gramsPerEgg), $answer->fatPercent, $leftOver,
            $this->changes($custard),
        );
    }

    /** @param  list<Ingredient>  $dairies */
    private function custard(Answer $answer, array $dairies): CustardLayer
    {
        $eggs = [];
        foreach (['egg' => $answer->eggs, 'egg-yolk' => $answer->yolks] as $id => $count) {
            if ($count > 0) {
                $food = EggSizes::apply(Pantry::food($id), $this->eggSizing);
                $eggs[] = new Ingredient($food, Amount::of($count * $food->pieces['large'], $food, 'large'));
            }
        }
        $was = $this->pie->custard();

        return $was === null
            ? new CustardLayer('custard', CustardStyle::Tender, $eggs, $dairies)
            : $was->with($eggs, $dairies);
    }

    /** @return list<Change> */
    private function changes(CustardLayer $custard): array
    {
        $layers = $this->pie->custard() === null ? [...$this->pie->layers, $custard] : $this->pie->withLayer($custard)->layers;

        return [new Change('/layers', array_map(DocumentWriter::write(...), $layers))];
    }

    private static function fatOf(?CustardLayer $custard): ?float
    {
        if ($custard === null || $custard->grams() < 1) {
            return null;
        }
        $fat = array_sum(array_map(static fn (Ingredient $one): float => $one->grams() * $one->food->per100g->fat / 100, $custard->ingredients()));

        return round(100 * $fat / $custard->grams(), 1);
    }
}
