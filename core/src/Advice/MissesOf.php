<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Oven\Matched;
use Hojaldre\Core\Pie\Pie;

/** What a match of a kitchen would still miss of what was told of its bakes. */
final readonly class MissesOf
{
    /** @param  non-empty-list<array{Pie, Told}>  $bakes */
    public function __construct(private array $bakes)
    {
    }

    /** @return list<float> as Outcome::misses, bake after bake */
    public function at(Matched $matched): array
    {
        return array_merge(...array_map(
            static fn (array $bake): array => Outcome::misses(Forecast::roughly($bake[0]->withBake($bake[0]->bake->withMatched($matched))), $bake[1]), $this->bakes,
        ));
    }
}
