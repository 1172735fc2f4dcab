<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Contract\Schema;
use App\Forecast\Rounded;
use App\Wording\Words;
use Hojaldre\Core\Batch\DoughChoice;
use Hojaldre\Core\Batch\DoughPlan;
use Hojaldre\Core\Batch\DoughUse;
use Hojaldre\Core\Pastry\Dough\DoughFood;
use Hojaldre\Core\Pastry\Dough\Formula;
use Hojaldre\Core\Pastry\Rest\Rest;
use Hojaldre\Core\Statement\Statement;

/** One dough of a batch. */
#[Schema('DoughPlan')]
final readonly class DoughPlanAnswer
{
    /** Fat and water may miss by so much before it is another dough, points (judgement). */
    private const SAME_POINTS = 1.0;

    /** A leaf or two on a lid (common practice, no source). */
    private const LEAVES_GRAMS = 24.0;

    /**
     * @param  string  $dough  id of its food
     * @param  Formula|null  $formula  none of a bought dough
     * @param  bool  $isOwn  the kitchen has written its own
     * @param  bool  $isInPies  what the pies were saved with is what this formula makes
     * @param  list<DoughPartAnswer>  $parts
     * @param  list<string>  $remarks
     * @param  string  $mixing  how it is mixed, how long, and what goes wrong
     * @param  string  $vessel  whether it fits
     * @param  float  $fatSharePercent  of the dough
     * @param  list<DoughUseAnswer>  $uses
     * @param  float  $overGrams  made and not rolled; less than nothing where it is short
     * @param  float  $backGrams  raw trimmings and scraps
     * @param  list<LeftAnswer>  $left  what becomes of them
     * @param  list<RestAnswer>  $rests
     */
    private function __construct(
        public string $dough,
        public string $name,
        public ?Formula $formula,
        public bool $isOwn,
        public bool $isInPies,
        public DoughChoice $choice,
        public array $parts,
        public ?float $flourGrams,
        public ?WaterAnswer $water,
        public array $remarks,
        public string $mixing,
        public string $vessel,
        public int $fatLayers,
        public float $fatSharePercent,
        public array $uses,
        public float $rolledGrams,
        public float $lostGrams,
        public float $neededGrams,
        public float $madeGrams,
        public float $overGrams,
        public float $backGrams,
        public array $left,
        public array $rests,
    ) {
    }

    /** @param  list<DoughWater>  $waters */
    public static function of(DoughPlan $plan, bool $isOwn, array $waters, Words $words): self
    {
        $formula = $plan->formula;
        $flour = $plan->flourGrams();

        return new self(
            $plan->dough->id, $plan->dough->name, $formula, $isOwn, $formula === null || self::isSame($plan, $formula), $plan->choice,
            $formula === null || $flour === null ? [] : DoughPartAnswer::all($formula, $flour, $words), Rounded::to($flour, 1), WaterAnswer::of($plan, $waters),
            array_map($words->say(...), $plan->remarks()),
            $formula === null ? $words->word('mixing', 'bought') : $words->say(self::mixing($formula)),
            $flour === null ? '' : $words->say(new Statement('dough.vessel', ['vessel' => $words->word('vessel', $plan->choice->vessel), 'litres' => $plan->choice->vesselLitres, 'goes' => $plan->goes()])),
            $formula?->fatLayers() ?? 0, round(100 * ($formula?->fatShare() ?? 0.0), 1),
            array_map(static fn (DoughUse $use): DoughUseAnswer => DoughUseAnswer::of($use, $words), $plan->uses),
            round($plan->rolledGrams(), 1), round($plan->lostGrams(), 1), round($plan->neededGrams(), 1), round($plan->madeGrams(), 1), round($plan->overGrams(), 1), round($plan->backGrams(), 1),
            self::left($plan, $words),
            array_map(static fn (Rest $rest): RestAnswer => RestAnswer::of($rest, in_array($rest->name, $plan->choice->skipped, true), $words), $plan->rests()),
        );
    }

    private static function isSame(DoughPlan $plan, Formula $formula): bool
    {
        $made = DoughFood::of($formula)->per100g;
        $has = $plan->dough->per100g;

        return abs($made->water - $has->water) <= self::SAME_POINTS && abs($made->fat - $has->fat) <= self::SAME_POINTS;
    }

    private static function mixing(Formula $formula): Statement
    {
        [$least, $most] = $formula->method->minutes();
        $seconds = $formula->method->bladeSeconds();

        return new Statement('mixing.'.$formula->method->value, ['least' => $least, 'most' => $most, ...($seconds === null ? [] : ['fromSeconds' => $seconds[0], 'toSeconds' => $seconds[1]])]);
    }

    /** @return list<LeftAnswer> what becomes of trimmings, and of dough that is not rolled */
    private static function left(DoughPlan $plan, Words $words): array
    {
        $lids = array_sum(array_map(static fn (DoughUse $use): int => $use->of->pie->crust->lid !== null && $use->of->folded() === null ? $use->of->line->count : 0, $plan->uses));
        $leaves = min($plan->backGrams(), self::LEAVES_GRAMS * $lids);
        $freeze = $plan->backGrams() - $leaves + max(0.0, $plan->overGrams());

        return array_values(array_filter([
            $leaves >= self::LEAVES_GRAMS ? new LeftAnswer($words->say(new Statement('left.leaves', ['lids' => (int) floor($leaves / self::LEAVES_GRAMS)])), round($leaves, 1)) : null,
            $freeze >= 10 ? new LeftAnswer($words->word('left', 'freeze-dough'), round($freeze, 1)) : null,
        ]));
    }
}
