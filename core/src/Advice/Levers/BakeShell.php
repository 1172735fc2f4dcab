<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Pastry\ShellBake;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** Bake the shell further before it is filled. */
final readonly class BakeShell implements Lever
{
    public function id(): string
    {
        return 'bake-shell';
    }

    public function cost(): int
    {
        return 4;
    }

    public function most(Pie $pie): float
    {
        return $pie->form()->canBeBakedBlind() && $pie->crust->shellBake() === ShellBake::Raw ? 1.0 : 0.0;
    }

    public function step(Pie $pie): float
    {
        return 1.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        return $pie->withCrust($pie->crust->withShell(ShellStage::usual(ShellBake::ParBaked), $pie->crust->seal));
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement('act.par-bake');
    }
}
