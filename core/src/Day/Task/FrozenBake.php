<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Task;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\StartingPlace;

/** How long a pie bakes that goes in frozen: as designed, or until its coldest point is safe in 9 bakes of 10, whichever is later. Simulated, not guessed. */
final readonly class FrozenBake
{
    /** Nothing is watched longer than so many times its minutes (definition). */
    private const LONGEST_FACTOR = 3.0;

    /** @return int|null minutes; null where it does not get there, or would part as it thaws */
    public static function minutes(Pie $pie): ?int
    {
        if ($pie->custard() !== null && $pie->custard()->eggs !== []) {
            return null;
        }
        $frozen = self::frozen($pie);
        $longer = $frozen->withBake($pie->bake->withMinutes($pie->bake->minutes() * self::LONGEST_FACTOR));
        $bake = SimulatedBake::searching(Weights::of($longer));
        $safe = $bake === null ? INF : $bake->range(BakeEvent::Safe)[1];

        return is_finite($safe) ? (int) ceil(max($safe, $pie->bake->minutes())) : null;
    }

    /** As it goes in frozen, for as long as that takes; null where it cannot. */
    public static function of(Pie $pie): ?Pie
    {
        $minutes = self::minutes($pie);

        return $minutes === null ? null : self::frozen($pie)->withBake($pie->bake->withMinutes((float) $minutes));
    }

    private static function frozen(Pie $pie): Pie
    {
        return $pie->withLayers(array_map(static fn (Layer $one): Layer => $one->startingAt(StartingPlace::Freezer->celsius()), $pie->layers));
    }
}
