<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pastry\ShellSupport;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;

/** What can be changed to see what becomes of it. */
enum WhatIfLever: string
{
    /** °C of the first stage; the others go with it */
    case Oven = 'oven';
    /** min in the oven */
    case Minutes = 'minutes';
    /** % of the filling there is */
    case Depth = 'depth';
    /** g that the wettest layer weighs when it goes in */
    case Pressing = 'pressing';
    /** min of the shell without weights */
    case Shell = 'shell';
    /** °C of the filling when it goes in */
    case Start = 'start';

    /** Points on either side of the pie as it is (definition). */
    private const EACH_WAY = 4;

    private const STARTS = [-18.0, 5.0, 10.0, 20.0, 30.0, 40.0, 50.0, 60.0];

    private const SHELLS = [0.0, 3.0, 6.0, 9.0, 12.0, 15.0, 18.0];

    /** What its setting is, with its unit at the end. */
    public function quantity(): string
    {
        return match ($this) {
            self::Oven => 'ovenCelsius',
            self::Minutes, self::Shell => 'settingMinutes',
            self::Depth => 'settingPercent',
            self::Pressing => 'settingGrams',
            self::Start => 'startCelsius',
        };
    }

    /** Where it stands in this pie; NAN where the pie has no such thing. */
    public function setting(Pie $pie): float
    {
        return match ($this) {
            self::Oven => $pie->bake->first()->ovenCelsius,
            self::Minutes => $pie->bake->minutes(),
            self::Depth => 100.0,
            self::Pressing => self::wettest($pie)->now->grams ?? NAN,
            self::Shell => $pie->form()->canBeBakedBlind() && $pie->crust->shell !== [] ? self::bareMinutes($pie) : NAN,
            self::Start => round(Weights::of($pie)->startCelsius()),
        };
    }

    /** @return list<float> where it is tried, in order, the pie as it is among them; none where the pie has no such thing */
    public function settings(Pie $pie): array
    {
        $now = $this->setting($pie);
        if (is_nan($now)) {
            return [];
        }
        $steps = match ($this) {
            self::Oven => array_map(static fn (int $n): float => $now + 10.0 * $n, range(-self::EACH_WAY, self::EACH_WAY)),
            self::Minutes => array_map(static fn (int $n): float => round($now + max(2.0, round($now / 12)) * $n), range(-self::EACH_WAY, self::EACH_WAY)),
            self::Depth => array_map(static fn (int $n): float => 100.0 + 12.0 * $n, range(-self::EACH_WAY, self::EACH_WAY)),
            self::Pressing => self::weights($pie),
            self::Shell => self::SHELLS,
            self::Start => self::STARTS,
        };
        $inside = array_filter($steps, fn (float $one): bool => match ($this) {
            self::Oven => $one >= 120 && $one <= 280,
            self::Minutes => $one >= 2 && $one <= 240,
            default => true,
        });
        $all = array_unique([...$inside, $now]);
        sort($all);

        return $all;
    }

    public function set(Pie $pie, float $setting): Pie
    {
        return match ($this) {
            self::Oven => $pie->withBake($pie->bake->withStages(array_map(
                static fn (Stage $stage): Stage => $stage->with(ovenCelsius: max(120.0, min(280.0, $stage->ovenCelsius + $setting - $pie->bake->first()->ovenCelsius))), $pie->bake->stages,
            ))),
            self::Minutes => $pie->withBake($pie->bake->withMinutes($setting)),
            self::Depth => $pie->withFillingScaled($setting / 100),
            self::Pressing => self::pressed($pie, $setting),
            self::Shell => self::baredFor($pie, $setting),
            self::Start => self::startingAt($pie, $setting),
        };
    }

    private static function wettest(Pie $pie): ?SolidLayer
    {
        $water = Weights::of($pie)->water;
        $solids = array_values(array_filter($pie->solids(), static fn (SolidLayer $layer): bool => $layer->bought->grams * (1 - $layer->food->floorYield) > 10));
        usort($solids, static fn (SolidLayer $a, SolidLayer $b): int => $water[$b->id]->weepGrams <=> $water[$a->id]->weepGrams);

        return $solids[0] ?? null;
    }

    /** @return list<float> from where nothing is left to weep to as it was bought */
    private static function weights(Pie $pie): array
    {
        $layer = self::wettest($pie);
        if ($layer === null) {
            return [];
        }
        [$least, $most] = [ceil($layer->bought->grams * $layer->food->floorYield), $layer->bought->grams];

        return array_map(static fn (int $n): float => round($least + ($most - $least) * $n / 7), range(0, 7));
    }

    private static function pressed(Pie $pie, float $grams): Pie
    {
        $layer = self::wettest($pie);

        return $layer === null ? $pie : $pie->withLayer($layer->withNow(min($grams, $layer->bought->grams)));
    }

    private static function bareMinutes(Pie $pie): float
    {
        return (float) array_sum(array_map(static fn (ShellStage $stage): float => $stage->how === ShellSupport::Weighted ? 0.0 : $stage->minutes, $pie->crust->shell));
    }

    private static function baredFor(Pie $pie, float $minutes): Pie
    {
        $weighted = array_values(array_filter($pie->crust->shell, static fn (ShellStage $stage): bool => $stage->how === ShellSupport::Weighted));
        $bare = array_values(array_filter($pie->crust->shell, static fn (ShellStage $stage): bool => $stage->how !== ShellSupport::Weighted))[0] ?? null;
        $last = $bare ?? ($weighted === [] ? null : $weighted[count($weighted) - 1]->with(ShellSupport::Bare));

        return $last === null ? $pie : $pie->withCrust($pie->crust->withShell([...$weighted, ...($minutes >= 1 ? [$last->withMinutes($minutes)] : [])], $pie->crust->seal));
    }

    private static function startingAt(Pie $pie, float $celsius): Pie
    {
        return $pie->withLayers(array_map(static fn (Layer $layer): Layer => $layer->startingAt($celsius), $pie->layers));
    }
}
