<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tin;

use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\Number;

/** A round tin that is wider at its rim. */
final readonly class SlopedTin implements Judged, Tin
{
    use IsRound;
    use WidensUpward;

    /**
     * @param  float  $floorDiameterMm  inside, at the floor
     * @param  float  $rimDiameterMm  inside, at the rim
     */
    public function __construct(
        #[Number(self::LEAST_MM, self::MOST_MM, 'mm')] public float $floorDiameterMm,
        #[Number(self::LEAST_MM, self::MOST_MM, 'mm')] public float $rimDiameterMm,
        #[Number(self::LEAST_DEPTH_MM, self::MOST_DEPTH_MM, 'mm')] public float $depthMm,
    ) {
    }

    private function frustum(): Frustum
    {
        return new Frustum($this->floorDiameterMm / 2, $this->rimDiameterMm / 2, $this->depthMm);
    }

    private static function from(Frustum $frustum): self
    {
        return new self(2 * $frustum->floorRadiusMm, 2 * $frustum->rimRadiusMm, $frustum->depthMm);
    }
}
