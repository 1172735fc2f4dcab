<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch\Prep;

use Hojaldre\Core\Batch\PieOfBatch;
use Hojaldre\Core\Moisture\Phase;
use Hojaldre\Core\Moisture\PhaseName;
use Hojaldre\Core\Statement\Statement;

/** Binders folded in or scattered: how much, and what for. */
final readonly class BindingActs
{
    /**
     * @param  list<PieOfBatch>  $pies
     * @return list<PrepAct>
     */
    public static function of(array $pies): array
    {
        $acts = [];
        foreach ($pies as $one) {
            $at = $one->number;
            foreach ($one->pie->solids() as $layer) {
                if ($layer->binder === null || $layer->binder->grams() <= 0) {
                    continue;
                }
                $grams = $layer->binder->grams() * $one->times();
                $weep = $layer->water()->weepGrams * $one->times();
                $holds = $grams * $layer->binder->food->bindsGramsPerGram;
                $acts[] = new PrepAct(
                    "bind:{$one->line->pie}:$layer->id", ActKind::Bind, new Statement('act.bind', ['food' => $layer->binder->food->name, 'into' => $layer->food->name]),
                    [$layer->binder->food->name, $layer->food->name], $grams, null, 1, [new Phase(PhaseName::Work, 2.0)], [new PieShare($at, $grams)],
                    [new Statement($holds >= $weep ? 'dose.holds-all' : 'dose.holds', ['weepGrams' => $weep, 'holdsGrams' => min($holds, $weep), 'into' => $layer->food->name])],
                    food: $layer->binder->food->id,
                );
            }
            foreach ($one->pie->scattered() as $layer) {
                $grams = $layer->grams() * $one->times();
                $acts[] = new PrepAct(
                    "strew:{$one->line->pie}:$layer->id", ActKind::Bind, new Statement('act.weigh', ['food' => $layer->food->name]), [$layer->food->name], $grams, null, 1,
                    [new Phase(PhaseName::Work, 1.0)], [new PieShare($at, $grams)], [new Statement('dose.scattered', ['holdsGrams' => $layer->capacityGrams() * $one->times()])], food: $layer->food->id,
                );
            }
        }

        return $acts;
    }
}
