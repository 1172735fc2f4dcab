<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tin;

use Hojaldre\Core\Document\Number;

/** A round tin with a ring that opens: upright, and deep. */
final readonly class Springform implements Tin
{
    use IsRound;

    /** @param  float  $diameterMm  inside */
    public function __construct(
        #[Number(self::LEAST_MM, self::MOST_MM, 'mm')] public float $diameterMm,
        #[Number(self::LEAST_DEPTH_MM, self::MOST_DEPTH_MM, 'mm')] public float $depthMm,
    ) {
    }

    private function frustum(): Frustum
    {
        return new Frustum($this->diameterMm / 2, $this->diameterMm / 2, $this->depthMm);
    }

    private static function from(Frustum $frustum): self
    {
        return new self(2 * $frustum->rimRadiusMm, $frustum->depthMm);
    }
}
