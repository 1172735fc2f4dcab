<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** What holds during one stage of a bake, of a shell or of a filled pie. */
final readonly class OvenStage
{
    /**
     * @param  float  $minutes  how long, at most
     * @param  float  $insideWatts  W/m2 K to the inner faces of an empty shell
     * @param  bool  $isWeighted  a shell with weights in it
     * @param  bool  $isInThought  past the planned minutes, by longer steps
     * @param  bool  $isResting  out of the oven: it goes by longer steps and nothing browns
     */
    public function __construct(
        public Surroundings $air,
        public float $minutes,
        public bool $isShell = false,
        public float $insideWatts = 0.0,
        public bool $isWeighted = false,
        public bool $isResting = false,
        public bool $isInThought = false,
    ) {
    }
}
