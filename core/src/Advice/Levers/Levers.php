<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\Verdict;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;

/** Which levers can mend which reading. */
final readonly class Levers
{
    /** @return list<Lever> that are to be had for this pie */
    public static function for(Reading $reading, Pie $pie): array
    {
        $tooHigh = $reading->value === null || $reading->limits->upper === null || $reading->value > $reading->limits->upper;
        $levers = match ($reading->name) {
            ReadingName::Custard => self::forCustard($pie, $tooHigh),
            ReadingName::Set => self::forSet($reading),
            ReadingName::Base => self::forBase($pie),
            ReadingName::Salt => self::forSalt($pie, $reading->value !== null && $tooHigh),
            ReadingName::Fill => self::forFill($pie, $tooHigh),
            ReadingName::Colour => [],
            ReadingName::Safe => [new BakeLonger, new FanOn],
        };

        return array_values(array_filter($levers, static fn (Lever $lever): bool => $lever->most($pie) > 0));
    }

    /** @return list<Lever> */
    private static function forCustard(Pie $pie, bool $loose): array
    {
        $custard = $pie->custard();
        if ($custard === null) {
            return [];
        }

        return $loose
            ? [new MoveDairy($custard, -1), new MoveEggs($custard, 1), ...self::pressing($pie)]
            : [new MoveDairy($custard, 1), new MoveEggs($custard, -1)];
    }

    /** @return list<Lever> */
    private static function forBase(Pie $pie): array
    {
        return [
            ...self::pressing($pie),
            ...array_map(static fn (SolidLayer $layer): Lever => new AddCrumbs($layer), self::wettest($pie, 1)),
            new BrushSeal,
            new BakeShell,
            new BakeShellLonger,
            new ScatterCrumbs,
            new CheeseBelow,
            new LowRackFirst,
            new StandOnSteel,
        ];
    }

    /** @return list<Lever> */
    private static function forSet(Reading $reading): array
    {
        return $reading->verdict === Verdict::Tough ? [new TakeOutEarlier, new CoolerOven] : [new BakeLonger, new FanOn];
    }

    /** @return list<Lever> */
    private static function forSalt(Pie $pie, bool $salty): array
    {
        if (! $salty) {
            return [new MoveSalt(1)];
        }
        $solids = array_values($pie->solids());
        usort($solids, static fn (SolidLayer $a, SolidLayer $b): int => $b->food->saltGrams($b->bought->grams) <=> $a->food->saltGrams($a->bought->grams));

        return [new MoveSalt(-1), ...array_map(static fn (SolidLayer $layer): Lever => new LessOf($layer), array_slice($solids, 0, 1))];
    }

    /** @return list<Lever> */
    private static function forFill(Pie $pie, bool $over): array
    {
        $custard = $pie->custard();
        $moves = $custard === null ? [] : [new MoveCustard($custard, $over ? -1 : 1)];
        if (! $over) {
            return $moves;
        }
        $solids = array_values($pie->solids());
        usort($solids, static fn (SolidLayer $a, SolidLayer $b): int => $b->heapMl() <=> $a->heapMl());

        return [...$moves, ...array_map(static fn (SolidLayer $layer): Lever => new LessOf($layer), array_slice($solids, 0, 1))];
    }

    /** @return list<Lever> */
    private static function pressing(Pie $pie): array
    {
        return array_map(static fn (SolidLayer $layer): Lever => new PressOut($layer), self::wettest($pie, 2));
    }

    /** @return list<SolidLayer> */
    private static function wettest(Pie $pie, int $most): array
    {
        $water = Weights::of($pie)->water;
        $solids = array_values($pie->solids());
        usort($solids, static fn (SolidLayer $a, SolidLayer $b): int => $water[$b->id]->freeGrams <=> $water[$a->id]->freeGrams);

        return array_slice($solids, 0, $most);
    }
}
