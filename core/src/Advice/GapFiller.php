<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Custard\CustardStyle;
use Hojaldre\Core\Custard\Solver\Answer;
use Hojaldre\Core\Custard\Solver\CustardSolver;
use Hojaldre\Core\Custard\Solver\Dairy;
use Hojaldre\Core\Custard\Solver\Wish;
use Hojaldre\Core\Food\EggSizes;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Readings\FillGauge;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Refusal\Refused;

/** The custard that fills the room the solids of this pie leave, in the style its cook chose, from what is in the fridge. */
final readonly class GapFiller
{
    /** How far it is filled: this share of the depth at which it would rise over the rim. */
    private const SHARE_OF_LIMIT = 0.93;

    private const LEAST_ML = 30.0;

    private const FAT_PERCENT = 15.0;

    public float $gapMl;

    public float $gramsPerEgg;

    public float $fatPercent;

    /** @param  float|null  $fatPercent richness to aim at; null: as the custard is now, or 15 where there is none */
    public function __construct(private Pie $pie, ?float $fatPercent, private string $eggSizes = 'us')
    {
        $weights = Weights::of($pie);
        $deep = $weights->lined->depthMm() / (1 + FillGauge::RISE) * self::SHARE_OF_LIMIT;
        $this->gapMl = $weights->lined->volumeMl($deep) - $weights->solidMl;
        $this->gramsPerEgg = ($pie->custard()->style ?? CustardStyle::Tender)->aimGrams();
        $this->fatPercent = $fatPercent ?? self::fatOf($pie->custard()) ?? self::FAT_PERCENT;
    }

    /**
     * @param  list<array{food: Food, mostGrams: float|null}>  $dairies  at most CustardSolver::MOST_DAIRIES
     * @return list<array<string, mixed>> the three best, each with what it leaves over and the changes of the design
     *
     * @throws Refused no-room, when the solids fill the tin
     */
    public function answers(int $eggs, int $yolks, array $dairies): array
    {
        if ($this->gapMl < self::LEAST_ML) {
            throw Refused::because('no-room', '/design/layers', 'The solids leave no room for a custard: use less of them, or a deeper tin.');
        }
        $wish = new Wish($this->gapMl, Weights::of($this->pie)->freeGrams, $this->gramsPerEgg, $this->fatPercent / 100, $eggs, $yolks, EggSizes::apply(Pantry::food('egg'), $this->eggSizes)->pieces['large']);
        $inFridge = array_map(static fn (array $one): Dairy => new Dairy(
            $one['food']->id, 1 / $one['food']->gramsPerMl, $one['food']->liquidShare, $one['food']->per100g->fat / 100, $one['mostGrams'] ?? INF,
        ), $dairies);

        return array_map(fn (Answer $answer): array => $this->told($answer, $dairies), CustardSolver::answers($wish, $inFridge));
    }

    /**
     * @param  list<array{food: Food, mostGrams: float|null}>  $dairies
     * @return array<string, mixed>
     */
    private function told(Answer $answer, array $dairies): array
    {
        $parts = $over = [];
        foreach ($dairies as ['food' => $food, 'mostGrams' => $most]) {
            $grams = round($answer->grams[$food->id] ?? 0.0);
            if ($grams > 0) {
                $parts[] = new Ingredient($food, Amount::of($grams));
            }
            if ($most !== null && $most - $grams >= 1) {
                $over[] = ['name' => $food->name, 'grams' => round($most - $grams)];
            }
        }
        $custard = $this->custard($answer, $parts);

        return [
            'eggs' => $answer->eggs,
            'yolks' => $answer->yolks,
            'dairies' => array_map(static fn (Ingredient $one): array => ['name' => $one->food->name, 'grams' => $one->grams()], $parts),
            'gramsPerEgg' => round($answer->gramsPerEgg, 1),
            'verdict' => $custard->style->verdict($answer->gramsPerEgg),
            'fatPercent' => round($answer->fatPercent, 1),
            'leftOver' => $over,
            'changes' => array_map(static fn (Change $change): array => $change->toArray(), $this->changes($custard)),
        ];
    }

    /** @param  list<Ingredient>  $dairies */
    private function custard(Answer $answer, array $dairies): CustardLayer
    {
        $eggs = [];
        foreach (['egg' => $answer->eggs, 'egg-yolk' => $answer->yolks] as $id => $count) {
            if ($count > 0) {
                $food = EggSizes::apply(Pantry::food($id), $this->eggSizes);
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

        return [new Change('/layers', array_map(static fn (Layer $layer): array => $layer->toArray(), $layers))];
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
