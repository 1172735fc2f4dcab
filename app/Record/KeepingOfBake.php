<?php

declare(strict_types=1);

namespace App\Record;

use App\AtOven\StoredBake;
use Hojaldre\Core\AtOven\CoolingWatch;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Safety\CoolingVerdict;

/** Whether a bake may be kept or sold: it was hot enough, and it was cold in time. */
final readonly class KeepingOfBake
{
    /**
     * @param  bool  $cooledInPortions  somebody says that it was cut to cool
     *
     * @throws Refused where neither a measurement nor the forecast clears it
     */
    public static function check(StoredBake $bake, bool $cooledInPortions): void
    {
        $recorded = RecordedBake::of($bake);
        $out = $recorded->minutes() ?? throw Refused::because('not-out-yet', '/bake');
        $foretold = $bake->foretold();
        if ($recorded->hotEnough()->isDoubtful()) {
            throw Refused::because('not-hot-enough', '/bake', ['safeCelsius' => $foretold->safeCelsius]);
        }
        $cooling = CoolingWatch::of($recorded->trace, $out, [$foretold->hotMinute, $foretold->warmMinute, $foretold->coldMinute]);
        $isSlow = in_array($cooling->verdict, [CoolingVerdict::TooSlowToWarm, CoolingVerdict::TooSlowToCold], true);
        // what was measured to be too slow is not mended by saying otherwise
        if ($isSlow && ($cooling->isMeasured || ! $cooledInPortions)) {
            throw Refused::because('cools-too-slowly', '/bake');
        }
    }
}
