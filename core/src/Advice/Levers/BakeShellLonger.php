<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pie\Pie;

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
        $last = $shell[count($shell) - 1] ?? new ShellStage('bare', 190, 'static', 1, 'middle');
        $longer = $last->how === 'bare' ? [...array_slice($shell, 0, -1), $last->withMinutes(min(60.0, $last->minutes + $by))] : [...$shell, new ShellStage('bare', $last->ovenCelsius, $last->mode, $by, $last->rack)];

        return $pie->withCrust($pie->crust->withShell($longer, $pie->crust->seal));
    }

    public function act(Pie $pie, float $by): string
    {
        return sprintf('Bake the shell %d min longer bare', (int) $by);
    }
}
