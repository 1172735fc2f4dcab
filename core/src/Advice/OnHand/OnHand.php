<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\OnHand;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\PieKind;
use Hojaldre\Core\Seasoning\Salt;
use Hojaldre\Core\Tin\Tin;

/** What can be made of what is there: kinds and fillings, baked, the one with the best readings first. */
final readonly class OnHand
{
    /** Told at most; fillings that are tried of each kind (definition). */
    private const MOST = 6;

    private const TRIED = 3;

    /** Out so long after the first look or the first gold, and after it is safe, minutes (judgement). */
    private const AFTER_LOOK = 3.0;

    private const AFTER_SAFE = 1.0;

    private const MINUTES = [12.0, 120.0];

    /**
     * @param  list<Food>  $have  what was ticked
     * @param  Tin|null  $tin  that is there too; null for what each kind commonly stands in
     * @param  float  $saltPercent  of the filling, that it is salted to
     * @return list<PieOnHand> at most six, the best first; none where nothing there fills a pie
     */
    public static function pies(array $have, EggSizing $eggs, ?Tin $tin = null, float $saltPercent = Salt::AIM_PERCENT): array
    {
        $shelf = Shelf::of($have);
        $fillings = Filling::from($shelf, self::TRIED);
        $filler = new Filler($shelf, $eggs, $tin, $saltPercent);
        $found = [];
        foreach (PieKind::cases() as $kind) {
            $best = null;
            foreach ($fillings as $filling) {
                $pie = $filler->pie($kind, $filling);
                if ($pie === null || ($shelf->doughs !== [] && ! in_array($pie->crust->dough->id, array_map(static fn (Food $one): string => $one->id, $shelf->doughs), true))) {
                    continue;
                }
                $one = new PieOnHand($kind, self::timed($pie), $filling->foods(), $shelf->doughs === [] ? [$pie->crust->dough] : []);
                $best = $best === null || $one->worth() > $best->worth() ? $one : $best;
            }
            // a rough answer says "safe" late: the best of each kind is baked finely
            $found = $best === null ? $found : [...$found, new PieOnHand($kind, Forecast::of($best->forecast->pie), $best->fills, $best->missing)];
        }
        usort($found, static fn (PieOnHand $a, PieOnHand $b): int => $b->worth() <=> $a->worth());

        return array_slice($found, 0, self::MOST);
    }

    /** Baked as its kind commonly is, and once more for as long as this one wants. */
    private static function timed(Pie $pie): Forecast
    {
        $first = Forecast::roughly($pie);
        $minutes = self::minutes($first);

        return $minutes === null ? $first : Forecast::roughly($pie->withBake($pie->bake->withMinutes($minutes)));
    }

    /** Set or gold, and safe in 8 kitchens of 10; null where neither comes. */
    private static function minutes(Forecast $first): ?float
    {
        if ($first->bake === null) {
            return null;
        }
        $look = $first->weights->hasToSet() ? $first->bake->minute(BakeEvent::TimeToLook) + self::AFTER_LOOK : $first->bake->minute(BakeEvent::LightGold) + self::AFTER_LOOK;
        $safe = $first->reading(ReadingName::Safe);
        $out = max(is_finite($look) ? $look : 0.0, ($safe->high ?? $safe->value ?? 0.0) + self::AFTER_SAFE);

        $tender = $first->bake->input->hasRawRoots ? $first->bake->minute(BakeEvent::Tender) : 0.0;
        $out = max($out, is_finite($tender) ? $tender + self::AFTER_SAFE : 0.0);

        return $out > self::AFTER_SAFE ? ceil(max(self::MINUTES[0], min(self::MINUTES[1], $out))) : null;
    }
}
