<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch\Prep;

use Hojaldre\Core\Batch\PieOfBatch;
use Hojaldre\Core\Moisture\Phase;
use Hojaldre\Core\Moisture\PhaseName;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Statement\Statement;

/** Sauces and custards, last: what is poured is stirred together just before. */
final readonly class CustardActs
{
    /** Boiling up a sauce, whisking a custard, minutes (common practice, no source). */
    private const BOIL_MINUTES = 10.0;

    private const WHISK_MINUTES = 4.0;

    /**
     * @param  list<PieOfBatch>  $pies
     * @return list<PrepAct> sauces first, for they are boiled and cool
     */
    public static function of(array $pies): array
    {
        $sauces = $custards = [];
        foreach ($pies as $one) {
            $layer = $one->pie->custard();
            if ($layer === null || $layer->grams() <= 0) {
                continue;
            }
            $parts = array_map(static fn (Ingredient $part): Statement => new Statement('part.grams', ['food' => $part->food->name, 'partGrams' => $part->grams() * $one->times()]), $layer->ingredients());
            $grams = $layer->grams() * $one->times();
            $isSauce = $layer->eggs === [] && $layer->thickeners !== [];
            $act = new PrepAct(
                "custard:{$one->line->pie}", $isSauce ? ActKind::Sauce : ActKind::Custard, new Statement($isSauce ? 'act.sauce' : 'act.custard', ['pie' => $one->pie->name]),
                array_map(static fn (Ingredient $part): string => $part->food->name, $layer->ingredients()), $grams, null, 1,
                [new Phase($isSauce ? PhaseName::Boil : PhaseName::Work, $isSauce ? self::BOIL_MINUTES : self::WHISK_MINUTES)], [new PieShare($one->number, $grams)],
                [new Statement('prep.stir', ['parts' => $parts]), new Statement($isSauce ? 'prep.sauce-cools' : 'prep.raw-egg')],
            );
            if ($isSauce) {
                $sauces[] = $act;
            } else {
                $custards[] = $act;
            }
        }

        return [...$sauces, ...$custards];
    }
}
