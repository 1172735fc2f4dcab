<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\OnHand;

use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Pie\Beginning;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\PieKind;

/** What a kind looks like when something common is in it, for its drawing. */
final readonly class Example
{
    /** @return list<string> ids of foods (common practice, no source) */
    private static function foods(PieKind $kind): array
    {
        return match ($kind) {
            PieKind::Quiche => ['leeks', 'smoked-trout', 'egg', 'single-cream', 'whole-milk'],
            PieKind::RawCrustTart => ['pumpkin', 'feta', 'egg', 'single-cream', 'whole-milk'],
            PieKind::PuffTart => ['tomatoes', 'feta'],
            PieKind::DoubleCrust => ['spinach', 'potatoes'],
            PieKind::DeepPie => ['celeriac', 'mushrooms'],
            PieKind::PotPie => ['leeks', 'chicken-thigh', 'chicken-stock', 'flour'],
            PieKind::Pasty => ['potatoes', 'minced-beef'],
            PieKind::HandPie => ['beetroot', 'lentils'],
        };
    }

    public static function of(PieKind $kind): Pie
    {
        $shelf = Shelf::of(array_map(Pantry::food(...), self::foods($kind)));
        $filling = Filling::from($shelf, 1)[0] ?? null;

        return $filling === null ? Beginning::of($kind) : (new Filler($shelf, EggSizing::Us))->pie($kind, $filling) ?? Beginning::of($kind);
    }
}
