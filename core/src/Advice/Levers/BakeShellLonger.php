<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pastry\ShellSupport;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** More bare minutes for the empty shell: that is when its base dries. */
final readonly class BakeShellLonger implements Lever
{
    public function id(): string
    {
        return 'shell-longer';
    }

    public function cost(): int
    {
        return 2;
    }

    public function most(Pie $pie): float
    {
        return $pie->form()->canBeBakedBlind() && $pie->crust->shell !== [] && count($pie->crust->shell) < 4 ? 20.0 : 0.0;
    }

    public function step(Pie $pie): float
    {
        return 1.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        $shell = $pie->crust->shell;
        $last = $shell[count($shell) - 1] ?? new ShellStage(ShellSupport::Bare, 190, OvenMode::Static, 1, Rack::Middle);
        $longer = $last->how === ShellSupport::Bare ? [...array_slice($shell, 0, -1), $last->withMinutes(min(60.0, $last->minutes + $by))] : [...$shell, new ShellStage(ShellSupport::Bare, $last->ovenCelsius, $last->mode, $by, $last->rack)];

        return $pie->withCrust($pie->crust->withShell($longer, $pie->crust->seal));
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement('act.shell-longer', ['moreMinutes' => $by]);
    }
}
