<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** A hotter oven for as long: for a top that stays pale. */
final readonly class HotterOven implements Lever
{
    /** More than that makes another bake of it, K; no kitchen bakes pies hotter, °C (common practice, no source). */
    private const MOST_KELVINS = 40.0;

    private const HOTTEST_CELSIUS = 250.0;

    public function id(): string
    {
        return 'hotter-oven';
    }

    public function cost(): int
    {
        return 1;
    }

    public function most(Pie $pie): float
    {
        return max(0.0, min(self::MOST_KELVINS, self::HOTTEST_CELSIUS - max(array_map(static fn (Stage $stage): float => $stage->ovenCelsius, $pie->bake->stages))));
    }

    public function step(Pie $pie): float
    {
        return 5.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        return $pie->withBake($pie->bake->withStages(array_map(static fn (Stage $stage): Stage => $stage->with(ovenCelsius: $stage->ovenCelsius + $by), $pie->bake->stages)));
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement('act.hotter-oven', ['ovenCelsius' => $this->pull($pie, $by)->bake->first()->ovenCelsius]);
    }
}
