<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Bake\BakeEvent;

/** One event of a bake with its range. */
final readonly class ReportEvent
{
    /**
     * @param  float  $minutes  since it went in filled
     * @param  float  $lowMinutes  of 8 bakes in 10
     * @param  bool  $isInPlan  false where it would come only if it stayed in
     */
    public function __construct(public BakeEvent $event, public float $minutes, public float $lowMinutes, public float $highMinutes, public bool $isInPlan)
    {
    }
}
