<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch\Prep;

use Hojaldre\Core\Batch\Batch;
use Hojaldre\Core\Batch\PieOfBatch;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Moisture\Dose;
use Hojaldre\Core\Moisture\PanWork;
use Hojaldre\Core\Moisture\Phase;
use Hojaldre\Core\Statement\Statement;

/** What is done to the foods of a batch: each is washed and cut once, and cooked once for all pies that want it so. */
final readonly class FillingActs
{
    /** So much too much is what a cook asks about, g (definition). */
    private const TOO_WET_GRAMS = 50.0;

    /** Washing and cutting: minutes to begin with, and for each kilo (common practice, no source). */
    private const CUT_MINUTES = 2.0;

    private const CUT_MINUTES_PER_KG = 7.0;

    /**
     * @param  list<PieOfBatch>  $pies
     * @return list<PrepAct> what takes longest first
     */
    public static function of(Batch $batch, array $pies): array
    {
        $byFood = [];
        foreach ($pies as $one) {
            foreach ($one->pie->solids() as $layer) {
                $byFood[$layer->food->id][] = new FoodOfBatch($one, $layer);
            }
        }
        $groups = SharedPans::of($batch, $pies);
        foreach ($byFood as $id => $all) {
            $acts = self::ofFood((string) $id, $all, $batch);
            if ($acts !== []) {
                $groups[] = $acts;
            }
        }
        usort($groups, static fn (array $a, array $b): int => [self::isPan($a), self::whole($b)] <=> [self::isPan($b), self::whole($a)]);

        return array_merge(...[[], ...$groups]);
    }

    /**
     * A pan that is shared comes after all that goes into it was cut.
     *
     * @param  list<PrepAct>  $acts
     */
    private static function isPan(array $acts): bool
    {
        return $acts !== [] && str_starts_with($acts[0]->id, 'pan:');
    }

    /** @param  list<PrepAct>  $acts */
    private static function whole(array $acts): float
    {
        return array_sum(array_map(static fn (PrepAct $one): float => $one->minutes() + $one->waitMinutes, $acts));
    }

    /**
     * @param  non-empty-list<FoodOfBatch>  $all  of one food
     * @return list<PrepAct>
     */
    private static function ofFood(string $id, array $all, Batch $batch): array
    {
        $acts = CutSize::isCut($all[0]->layer) ? [self::cutting($id, $all)] : [];
        $byWay = [];
        foreach ($all as $one) {
            // what shares a pan with others is cooked with them
            if ($one->way() !== '' && $one->layer->pan === '') {
                $byWay[$one->way()][] = $one;
            }
        }
        foreach ($byWay as $way => $same) {
            $acts = [...$acts, ...self::cooking($id, (string) $way, $same, $batch)];
        }

        return $acts;
    }

    /** @param  non-empty-list<FoodOfBatch>  $all */
    private static function cutting(string $id, array $all): PrepAct
    {
        $food = $all[0]->layer->food;
        $grams = array_sum(array_map(static fn (FoodOfBatch $one): float => $one->boughtGrams(), $all));
        $sizes = [];
        foreach ($all as $one) {
            $size = CutSize::of($one->layer, $one->of->pie);
            $sizes[$size->code.json_encode($size->with)] = $size;
        }

        return new PrepAct(
            "cut:$id", ActKind::Cut, new Statement($food->isRawFlesh() ? 'act.cut-meat' : 'act.wash-cut', ['food' => $food->name]), [$food->name], $grams, null, 1,
            PanWork::cutting(self::CUT_MINUTES + self::CUT_MINUTES_PER_KG * $grams / 1000), PieShare::each($all, static fn (FoodOfBatch $one): float => $one->boughtGrams()),
            [...array_values($sizes), ...($food->isRawFlesh() ? [new Statement('prep.raw-meat')] : [])], food: $id,
        );
    }

    /**
     * @param  non-empty-list<FoodOfBatch>  $same  of one food, prepared alike
     * @return list<PrepAct>
     */
    private static function cooking(string $id, string $way, array $same, Batch $batch): array
    {
        $food = $same[0]->layer->food;
        $acts = [];
        foreach ($same[0]->layer->steps as $at => $step) {
            $before = array_sum(array_map(static fn (FoodOfBatch $one): float => $one->gramsAfter($at), $same));
            $after = array_sum(array_map(static fn (FoodOfBatch $one): float => $one->gramsAfter($at + 1), $same));
            $phases = PanWork::phases($step->preparation, Pantry::preparation($id, $step->preparation)?->minutes());
            $inPan = array_filter($phases, static fn (Phase $one): bool => $one->name->isInPan()) !== [];
            $isHot = array_filter($phases, static fn (Phase $one): bool => $one->name->isHot()) !== [];
            $isLast = $at === count($same[0]->layer->steps) - 1;
            $acts[] = new PrepAct(
                "cook:$id:$way:$at", ActKind::Cook, new Statement('act.cook', ['food' => $food->name, 'how' => $step->preparation]), [$food->name], $before, $after,
                $inPan ? $batch->pans($before) : 1, $phases,
                PieShare::each($same, static fn (FoodOfBatch $one): float => $one->gramsAfter($at + 1)), [...self::says($phases, $step->saltGrams > 0), ...($isLast && $before - $after > self::TOO_WET_GRAMS ? [self::instead()] : [])], 0.0,
                array_sum(array_map(static fn (FoodOfBatch $one): float => $one->layer->steps[$at]->saltGrams * $one->of->times(), $same)), null, $id, $step->preparation,
            );
            if ($isLast && $isHot) {
                $acts = [...$acts, ...CoolingActs::of("cool:$id:$way", new Statement('act.cool', ['food' => $food->name]), $same, $batch)];
            }
        }

        return $acts;
    }

    /** What holds the water that was not driven off. */
    private static function instead(): Statement
    {
        $water = self::TOO_WET_GRAMS;

        return new Statement('dose.instead', [
            'waterGrams' => $water, 'crumbsGrams' => Dose::Crumbs->gramsFor($water), 'spoons' => Dose::Crumbs->spoonsFor($water),
            'sagoGrams' => Dose::Sago->gramsFor($water), 'starchGrams' => Dose::Starch->gramsFor($water),
        ]);
    }

    /**
     * @param  list<Phase>  $phases
     * @return list<Statement>
     */
    public static function says(array $phases, bool $isSalted): array
    {
        $names = array_map(static fn (Phase $one): string => $one->name->value, $phases);

        return [
            ...(array_intersect(['hot', 'open'], $names) !== [] ? [new Statement('prep.hot-fat')] : []),
            ...(in_array('covered', $names, true) || in_array('boil', $names, true) ? [new Statement('prep.steam')] : []),
            ...($isSalted ? [new Statement('prep.salt-draws')] : []),
        ];
    }
}
