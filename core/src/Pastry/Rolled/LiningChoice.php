<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Rolled;

use Hojaldre\Core\Document\Number;

/** What a cook chooses when a tin is lined, beside the design: the rim, a second floor, strips, leaves on the lid, a little for patches. */
final readonly class LiningChoice
{
    /**
     * @param  float  $stripMm  width of a lattice strip
     * @param  float  $decorationGrams  leaves and the like, for each pie
     * @param  float  $patchGrams  put aside for tears, for each pie
     */
    public function __construct(
        public RimFinish $rim,
        public bool $doubleFloor,
        #[Number(5, 60, 'mm')] public float $stripMm,
        #[Number(0, 500, 'g')] public float $decorationGrams,
        #[Number(0, 200, 'g')] public float $patchGrams,
    ) {
    }

    /** Common practice, no source. */
    public static function usual(): self
    {
        return new self(RimFinish::Flush, false, 20.0, 0.0, 0.0);
    }
}
