<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch\Prep;

use Hojaldre\Core\Batch\Batch;
use Hojaldre\Core\Food\Composition;
use Hojaldre\Core\Moisture\CoolingPlan;
use Hojaldre\Core\Moisture\CoolingVessel;
use Hojaldre\Core\Statement\Statement;

/** What comes hot from the pan and goes in cool has cooled before, spread on a tray. */
final readonly class CoolingActs
{
    /** Colder than this when it goes in, what was hot has cooled before, °C (definition). */
    private const COOLED_CELSIUS = 30.0;

    /**
     * @param  non-empty-list<FoodOfBatch>  $hot  that come from the pan together
     * @return list<PrepAct> one, or none where all of it goes in warm
     */
    public static function of(string $id, Statement $title, array $hot, Batch $batch): array
    {
        $cold = array_values(array_filter($hot, static fn (FoodOfBatch $one): bool => $one->layer->fromCelsius < self::COOLED_CELSIUS && $one->cookedGrams() > 0));
        if ($cold === []) {
            return [];
        }
        $grams = array_sum(array_map(static fn (FoodOfBatch $one): float => $one->cookedGrams(), $cold));
        $millilitres = array_sum(array_map(static fn (FoodOfBatch $one): float => $one->cookedGrams() / $one->layer->food->gramsPerMl, $cold));
        $food = Composition::mixed(array_map(static fn (FoodOfBatch $one): array => [$one->layer->food->per100g, $one->cookedGrams()], $cold));
        $plan = CoolingPlan::of($grams, $food, $grams / $millilitres, CoolingVessel::Tray, $batch->kitchenCelsius);
        $names = array_values(array_unique(array_map(static fn (FoodOfBatch $one): string => $one->layer->food->name, $cold)));

        return [new PrepAct(
            $id, ActKind::Cool, $title, $names, $grams, null, 1, [], PieShare::each($cold, static fn (FoodOfBatch $one): float => $one->cookedGrams()), [],
            ceil($plan->forDoughMinutes ?? 0.0), 0.0, $plan, count($names) === 1 ? $cold[0]->layer->food->id : '',
        )];
    }
}
