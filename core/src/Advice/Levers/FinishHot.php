<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** The last minutes hotter: colour without baking the middle on. */
final readonly class FinishHot implements Lever
{
    /** For so long, min; by no more than so much, K, and not where it is hot already, °C (common practice, no source). */
    private const LAST_MINUTES = 8.0;

    private const MOST_KELVINS = 50.0;

    private const COOLER_THAN_CELSIUS = 200.0;

    private function last(Pie $pie): Stage
    {
        return $pie->bake->stages[count($pie->bake->stages) - 1];
    }

    public function id(): string
    {
        return 'finish-hot';
    }

    public function cost(): int
    {
        return 2;
    }

    public function most(Pie $pie): float
    {
        return count($pie->bake->stages) < BakePlan::MOST_STAGES && $this->last($pie)->minutes >= 2 * self::LAST_MINUTES && $this->last($pie)->ovenCelsius <= self::COOLER_THAN_CELSIUS ? self::MOST_KELVINS : 0.0;
    }

    public function step(Pie $pie): float
    {
        return 10.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        $last = $this->last($pie);

        return $pie->withBake($pie->bake->withStages([
            ...array_slice($pie->bake->stages, 0, -1), $last->with(minutes: $last->minutes - self::LAST_MINUTES), $last->with(minutes: self::LAST_MINUTES, ovenCelsius: $last->ovenCelsius + $by),
        ]));
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement('act.finish-hot', ['lastMinutes' => self::LAST_MINUTES, 'ovenCelsius' => $this->last($pie)->ovenCelsius + $by]);
    }
}
