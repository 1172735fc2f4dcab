<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** A ring of foil over the rim. */
final readonly class ShieldRim implements Lever
{
    public function id(): string
    {
        return 'shield-rim';
    }

    public function cost(): int
    {
        return 1;
    }

    public function most(Pie $pie): float
    {
        return array_filter($pie->bake->stages, static fn (Stage $stage): bool => ! $stage->shield) === [] ? 0.0 : 1.0;
    }

    public function step(Pie $pie): float
    {
        return 1.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        return $pie->withBake($pie->bake->withStages(array_map(static fn (Stage $stage): Stage => $stage->with(shield: true), $pie->bake->stages)));
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement('act.shield-rim');
    }
}
