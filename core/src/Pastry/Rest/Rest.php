<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Rest;

/** One rest, and what it costs to skip it. */
final readonly class Rest
{
    /**
     * @param  int  $times  between folds once each
     * @param  float  $lowerMm  sides end so much lower without it; 0 where it is not that
     * @param  float  $lessMl  filling that has no room then, in one tin
     * @param  bool  $isTougher  the dough is tough without it
     * @param  int  $crackInTen  of ten sheets rolled without it, so many crack at the edge
     */
    public function __construct(
        public RestName $name,
        public float $leastMinutes,
        public float $usualMinutes,
        public float $mostMinutes,
        public int $times,
        public float $lowerMm,
        public float $lessMl,
        public bool $isTougher,
        public int $crackInTen,
    ) {
    }
}
