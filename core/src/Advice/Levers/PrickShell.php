<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Pastry\ShellSupport;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** A base pricked all over lets its steam out and stays down. */
final readonly class PrickShell implements Lever
{
    public function id(): string
    {
        return 'prick-shell';
    }

    public function cost(): int
    {
        return 1;
    }

    public function most(Pie $pie): float
    {
        return ($pie->crust->shell[0]->how ?? null) === ShellSupport::Bare ? 1.0 : 0.0;
    }

    public function step(Pie $pie): float
    {
        return 1.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        $shell = $pie->crust->shell;
        $first = $shell[0] ?? null;

        return $first === null ? $pie : $pie->withCrust($pie->crust->withShell([$first->with(ShellSupport::Pricked), ...array_slice($shell, 1)], $pie->crust->seal));
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement('act.prick-shell');
    }
}
