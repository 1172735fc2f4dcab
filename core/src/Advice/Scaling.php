<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Tin\Tin;

/** More or less of the same pie. Amounts change, what the cook chose (style, thickness, bake) does not. */
final readonly class Scaling
{
    /** (definition) */
    public const LEAST = 0.05;

    public const MOST = 60.0;

    /** Every amount of the filling times a factor, 0.05 to 60; tin and portions as they are. */
    public static function by(Pie $pie, float $factor): Pie
    {
        if ($factor < self::LEAST || $factor > self::MOST) {
            throw Refused::because('out-of-range', '/factor', ['field' => 'factor', 'value' => $factor, 'least' => self::LEAST, 'most' => self::MOST, 'unit' => '']);
        }

        return $pie->withFillingScaled($factor);
    }

    /** The filling that was right for another number of portions, for as many as the pie is cut into now. */
    public static function fromPortions(Pie $pie, int $were): Pie
    {
        return self::by($pie, $pie->portions / $were);
    }

    /** The filling that was right for another tin, for the tin the pie is in now: it stands at the same share of its depth. */
    public static function fromTin(Pie $pie, Tin $was): Pie
    {
        $weights = Weights::of($pie);
        $before = $was->lined($pie->crust->liningThicknessMm());
        $ml = $weights->lined->volumeMl($weights->fillMm());
        if ($ml <= 0) {
            return $pie;
        }
        $share = $before->depthForVolumeMm($ml) / $before->depthMm();

        return self::by($pie, $weights->lined->volumeMl($share * $weights->lined->depthMm()) / $ml);
    }
}
