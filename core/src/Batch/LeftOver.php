<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch;

use Hojaldre\Core\Pastry\Even\WayName;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Safety\Kept;

/** Something that a batch leaves over. */
final readonly class LeftOver
{
    /** Less than this is not worth a box, g (judgement). */
    private const WORTH_GRAMS = 20.0;

    /** @param  int  $pieces  of pies; 0 where it is weighed */
    private function __construct(public Kept $kept, public string $name, public string $food, public float $grams, public int $pieces)
    {
    }

    /** @return list<self> dough that is not rolled, trimmings, and what was chosen to be frozen so that it ends even */
    public static function of(PastryPlan $pastry): array
    {
        $left = [];
        foreach ($pastry->doughs as $plan) {
            if ($plan->overGrams() >= self::WORTH_GRAMS) {
                $left[] = new self(Kept::Dough, $plan->dough->name, $plan->dough->id, $plan->overGrams(), 0);
            }
            if ($plan->backGrams() >= self::WORTH_GRAMS) {
                $left[] = new self(Kept::Trimmings, $plan->dough->name, $plan->dough->id, $plan->backGrams(), 0);
            }
            foreach ($plan->uses as $use) {
                $left = [...$left, ...self::ofFolded($use)];
            }
        }

        return $left;
    }

    /** @return list<self> */
    private static function ofFolded(DoughUse $use): array
    {
        $settled = $use->of->line->fold->settled;
        if ($use->even === null || $settled === null) {
            return [];
        }
        $isRaw = array_filter($use->of->pie->solids(), static fn (SolidLayer $layer): bool => $layer->isRaw()) !== [];
        $over = $use->even->overGrams();
        $pieces = $use->even->discs() - $use->even->wanted;

        return match (true) {
            $settled === WayName::FreezeFilling && $over >= self::WORTH_GRAMS => [new self($isRaw ? Kept::RawFilling : Kept::CookedFilling, $use->of->pie->name, '', $over, 0)],
            $settled === WayName::FreezePieces && $pieces > 0 => [new self(Kept::UnbakedPies, $use->of->pie->name, '', 0.0, $pieces)],
            default => [],
        };
    }
}
