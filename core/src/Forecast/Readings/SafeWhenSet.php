<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Forecast\SimulatedBake;

/**
 * A custard that is taken out by its sign, edge set and middle trembling, is past its safe temperature then: what makes a bake late makes
 * both late. Of 200 kitchens drawn for each custard of practice, it was safe when it was set in 99 or more of 100 wherever the
 * one bake has it safe by this share of the time to look (`./hojaldre drill set-safe` prints it). Never where flesh is raw: its middle gives no sign.
 */
final readonly class SafeWhenSet
{
    /** Of the time to look (fitted: drill set-safe). */
    public const BY_SHARE = 0.947;

    /** By the sign, whenever that comes. */
    public static function isOf(SimulatedBake $bake): bool
    {
        $look = $bake->minute(BakeEvent::TimeToLook);

        return $bake->input->setsAtCelsius !== null && ! $bake->input->hasRawFlesh && is_finite($look) && $bake->minute(BakeEvent::Safe) <= self::BY_SHARE * $look;
    }

    /** And its planned minutes let it come to that sign, the rack included. */
    public static function holds(SimulatedBake $bake): bool
    {
        $early = $bake->result->minute(BakeEvent::TimeToLook) - $bake->result->nearlySetMinute;

        return self::isOf($bake) && $bake->minute(BakeEvent::TimeToLook) - $early <= $bake->result->outMinutes + Limits::SLACK;
    }
}
