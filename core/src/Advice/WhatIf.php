<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Forecast\BakeOffsets;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\Readings;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Pie;

/** One thing changed by steps, and what becomes of every reading: where the cliff is. */
final readonly class WhatIf
{
    /** @param  list<WhatIfPoint>  $points  in order of the changed thing */
    private function __construct(public WhatIfLever $lever, public array $points)
    {
    }

    /** None where this pie has no such thing, or there is nothing to bake. */
    public static function of(Pie $pie, WhatIfLever $lever): self
    {
        $weights = Weights::of($pie);
        [$fine, $rough] = [SimulatedBake::of($weights), SimulatedBake::roughly($weights)];
        if ($fine === null || $rough === null) {
            return new self($lever, []);
        }
        $offsets = BakeOffsets::between($rough, $fine);
        $points = [];
        foreach ($lever->settings($pie) as $setting) {
            $changed = $lever->set($pie, $setting);
            $isNow = abs($setting - $lever->setting($pie)) < 1e-9;
            $points[] = new WhatIfPoint($setting, $isNow, $isNow ? Readings::of($weights, $fine) : self::readings($changed, $offsets), $isNow ? [] : Change::ofPies($pie, $changed));
        }

        return new self($lever, $points);
    }

    /** @return list<Reading> */
    private static function readings(Pie $pie, BakeOffsets $offsets): array
    {
        $weights = Weights::of($pie);

        return Readings::of($weights, SimulatedBake::roughly($weights)?->shifted($offsets));
    }
}
