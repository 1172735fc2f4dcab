<?php

declare(strict_types=1);

namespace App\Wording;

use Hojaldre\Core\Bake\BakedShell;
use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Pastry\ShellLook;
use Hojaldre\Core\Statement\Statement;

/** How a shell looks after a stage. */
final readonly class ShellWords
{
    public static function look(BakedShell $shell, Words $words): string
    {
        return $words->say(new Statement('shell-look.'.ShellLook::of($shell->basePercent)->value, ['rim' => $words->word('brownness', Brownness::of($shell->rimBrownIndex))]));
    }
}
