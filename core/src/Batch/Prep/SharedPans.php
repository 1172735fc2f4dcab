<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch\Prep;

use Hojaldre\Core\Batch\Batch;
use Hojaldre\Core\Batch\PieOfBatch;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Moisture\PanWork;
use Hojaldre\Core\Moisture\Phase;
use Hojaldre\Core\Statement\Statement;

/** Several foods in one pan: one act, one weight, and what goes in first. */
final readonly class SharedPans
{
    /** An id of an act has at most so many letters (definition). */
    private const LONGEST_ID = 150;

    /**
     * @param  list<PieOfBatch>  $pies
     * @return list<list<PrepAct>> each pan with its cooling
     */
    public static function of(Batch $batch, array $pies): array
    {
        $pans = [];
        foreach ($pies as $one) {
            $byPan = [];
            foreach ($one->pie->solids() as $layer) {
                if ($layer->pan !== '' && $layer->steps !== []) {
                    $byPan[$layer->pan][] = new FoodOfBatch($one, $layer);
                }
            }
            foreach ($byPan as $foods) {
                $pans[self::key($foods)] = [...($pans[self::key($foods)] ?? []), ...$foods];
            }
        }

        return array_map(static fn (string $key, array $foods): array => self::acts($key, $foods, $batch), array_keys($pans), $pans);
    }

    /**
     * The same foods done the same way go into the pan together, whatever pie they are for.
     *
     * @param  list<FoodOfBatch>  $foods
     */
    private static function key(array $foods): string
    {
        $parts = array_map(static fn (FoodOfBatch $one): string => $one->layer->food->id.' '.$one->way(), $foods);
        sort($parts);
        $key = implode('+', $parts);

        return strlen($key) > self::LONGEST_ID ? md5($key) : $key;
    }

    /**
     * @param  non-empty-list<FoodOfBatch>  $foods
     * @return list<PrepAct>
     */
    private static function acts(string $key, array $foods, Batch $batch): array
    {
        usort($foods, static fn (FoodOfBatch $a, FoodOfBatch $b): int => self::minutes($b) <=> self::minutes($a));
        $names = array_values(array_unique(array_map(static fn (FoodOfBatch $one): string => $one->layer->food->name, $foods)));
        $before = array_sum(array_map(static fn (FoodOfBatch $one): float => $one->boughtGrams(), $foods));
        $phases = PanWork::phases($foods[0]->way(), self::minutes($foods[0]) > 0 ? self::minutes($foods[0]) : null);
        $salt = array_sum(array_map(static fn (FoodOfBatch $one): float => $one->saltGrams(), $foods));

        return [
            new PrepAct(
                "pan:$key", ActKind::Cook, new Statement('act.pan', ['foods' => $names, 'how' => $foods[0]->way()]), $names, $before,
                array_sum(array_map(static fn (FoodOfBatch $one): float => $one->cookedGrams(), $foods)), $batch->pans($before), $phases,
                PieShare::each($foods, static fn (FoodOfBatch $one): float => $one->cookedGrams()),
                [new Statement('prep.one-weight', ['foods' => $names]), ...(count($names) > 1 ? [new Statement('prep.first-in', ['food' => $names[0], 'foods' => array_slice($names, 1)])] : []), ...FillingActs::says($phases, $salt > 0)],
                0.0, $salt,
            ),
            ...CoolingActs::of("cool:$key", new Statement('act.cool-pan', ['foods' => $names]), $foods, $batch),
        ];
    }

    /** Minutes that its way takes, of the table; what takes longest goes in first. */
    private static function minutes(FoodOfBatch $one): float
    {
        $known = Pantry::preparation($one->layer->food->id, $one->way());

        return $known?->minutes() ?? array_sum(array_map(static fn (Phase $phase): float => $phase->minutes, PanWork::phases($one->way(), null)));
    }
}
