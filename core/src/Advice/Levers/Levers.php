<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\Verdict;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Seasoning\Salt;

/** Which levers can mend which reading. */
final readonly class Levers
{
    /** @return list<Lever> that are to be had for this pie */
    public static function for(Reading $reading, Pie $pie, float $saltPercent = Salt::AIM_PERCENT): array
    {
        $tooHigh = $reading->value === null || $reading->limits->upper === null || $reading->value > $reading->limits->upper;
        $levers = match ($reading->name) {
            ReadingName::Custard => self::forCustard($pie, $tooHigh),
            ReadingName::Set => self::forSet($reading, $pie),
            ReadingName::Base => self::forBase($pie),
            ReadingName::Salt => self::forSalt($pie, $reading->value !== null && $tooHigh, $saltPercent),
            ReadingName::Fill => self::forFill($pie, $tooHigh),
            ReadingName::Colour => self::forColour($reading, $pie),
            ReadingName::Safe => [new BakeLonger, new FanOn, new AnotherTin(1)],
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
            new PrickShell,
            new CoolFilling,
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
    private static function forSet(Reading $reading, Pie $pie): array
    {
        return match ($reading->verdict) {
            Verdict::Tough => [new TakeOutEarlier, new CoolerOven],
            Verdict::NoEgg, Verdict::NeverSets => $pie->custard() === null ? [] : [new MoveEggs($pie->custard(), 1), new BakeLonger, new AnotherTin(1)],
            default => [new BakeLonger, new FanOn, new AnotherTin(1)],
        };
    }

    /** @return list<Lever> */
    private static function forColour(Reading $reading, Pie $pie): array
    {
        return match (true) {
            $reading->verdict === Verdict::RimBurnt => [new ShieldRim, new TakeOutEarlier, new CoolerOven],
            $reading->verdict === Verdict::UndersideBurnt => [new HighRack, new TakeOutEarlier, new CoolerOven],
            $reading->value !== null && $reading->limits->side($reading->value) < 0 => [new GlazeLid, new BakeLonger, new HighRack, new FinishHot, new HotterOven],
            default => [new TentLast, new TakeOutEarlier, new CoolerOven, new UnglazedLid],
        };
    }

    /** @return list<Lever> */
    private static function forSalt(Pie $pie, bool $salty, float $saltPercent): array
    {
        if (! $salty) {
            return [new MoveSalt(1, $saltPercent)];
        }
        $solids = array_values($pie->solids());
        usort($solids, static fn (SolidLayer $a, SolidLayer $b): int => $b->food->saltGrams($b->bought->grams) <=> $a->food->saltGrams($a->bought->grams));

        return [new MoveSalt(-1), ...self::lessOf($pie, $solids)];
    }

    /** @return list<Lever> */
    private static function forFill(Pie $pie, bool $over): array
    {
        $custard = $pie->custard();
        $moves = [...($custard === null ? [] : [new MoveCustard($custard, $over ? -1 : 1)]), new AnotherTin($over ? 1 : -1)];
        if (! $over) {
            return $moves;
        }
        $solids = array_values($pie->solids());
        usort($solids, static fn (SolidLayer $a, SolidLayer $b): int => $b->heapMl() <=> $a->heapMl());

        return [...$moves, ...self::lessOf($pie, $solids)];
    }

    /**
     * Less of what there is most of; never of what gives the pie its name.
     *
     * @param  list<SolidLayer>  $mostFirst
     * @return list<Lever>
     */
    private static function lessOf(Pie $pie, array $mostFirst): array
    {
        $others = array_values(array_filter($mostFirst, static fn (SolidLayer $layer): bool => ! self::isNamesake($pie, $layer)));

        return array_map(static fn (SolidLayer $layer): Lever => new LessOf($layer), array_slice($others, 0, 1));
    }

    private static function isNamesake(Pie $pie, SolidLayer $layer): bool
    {
        preg_match_all('/\p{L}{4,}/u', mb_strtolower($layer->food->name), $words);
        foreach ($words[0] as $word) {
            if (str_contains(mb_strtolower($pie->name), rtrim($word, 's'))) {
                return true;
            }
        }

        return false;
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
