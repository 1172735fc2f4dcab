<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** A lid left plain browns half as fast. */
final readonly class UnglazedLid implements Lever
{
    public function id(): string
    {
        return 'plain-lid';
    }

    public function cost(): int
    {
        return 1;
    }

    public function most(Pie $pie): float
    {
        return $pie->crust->lid !== null && $pie->crust->lid->glaze !== Glaze::None ? 1.0 : 0.0;
    }

    public function step(Pie $pie): float
    {
        return 1.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        $lid = $pie->crust->lid;

        return $lid === null ? $pie : $pie->withCrust($pie->crust->withLid(new Lid($lid->thicknessMm, $lid->openShare, Glaze::None, $lid->ventedLate)));
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement('act.plain-lid');
    }
}
