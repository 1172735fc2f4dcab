<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** What happens over the minutes since a pie went into the oven filled. */
final readonly class BakeCurves
{
    /**
     * @param  list<float>  $minutes
     * @param  list<float>  $centreCelsius
     * @param  list<float>  $edgeCelsius
     * @param  list<float>  $baseCelsius  underside
     * @param  list<float>  $rimCelsius
     * @param  list<float>  $baseRatios  water, wet basis
     * @param  list<float>  $trembleMm  how wide the middle still trembles, across; 0 where nothing has to set
     */
    public function __construct(
        public array $minutes,
        public array $centreCelsius,
        public array $edgeCelsius,
        public array $baseCelsius,
        public array $rimCelsius,
        public array $baseRatios,
        public array $trembleMm,
    ) {
    }
}
