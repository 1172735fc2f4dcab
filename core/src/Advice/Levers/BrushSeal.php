<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\ShellBake;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** Egg brushed on the hot base. */
final readonly class BrushSeal implements Lever
{
    public function id(): string
    {
        return 'egg-seal';
    }

    public function cost(): int
    {
        return 2;
    }

    public function most(Pie $pie): float
    {
        // it is brushed on a hot shell: a raw one has no hot base
        return $pie->form()->canBeBakedBlind() && $pie->crust->seal === Seal::None && $pie->crust->shellBake() !== ShellBake::Raw ? 1.0 : 0.0;
    }

    public function step(Pie $pie): float
    {
        return 1.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        return $pie->withCrust($pie->crust->withShell($pie->crust->shell, Seal::Egg));
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement('act.egg-seal');
    }
}
