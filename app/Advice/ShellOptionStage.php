<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use App\Wording\ShellWords;
use App\Wording\Words;
use Hojaldre\Core\Bake\BakedShell;
use Hojaldre\Core\Pastry\ShellSupport;

#[Schema('ShellOptionStage')]
final readonly class ShellOptionStage
{
    /** @param  string  $oven  as the cook tells it */
    private function __construct(public ShellSupport $how, public float $minutes, public float $ovenCelsius, public string $oven, public string $look)
    {
    }

    public static function of(BakedShell $shell, Words $words): self
    {
        return new self($shell->stage->how, $shell->stage->minutes, $shell->stage->ovenCelsius, $words->oven($shell->stage->ovenCelsius), ShellWords::look($shell, $words));
    }
}
