<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Advice\ShellOption;
use Hojaldre\Core\Bake\BakedShell;
use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Pastry\ShellBake;

#[Schema('ShellOption')]
final readonly class ShellOptionAnswer
{
    /**
     * @param  string  $title  as it is shown
     * @param  string  $verdict  of the base, 20 min out of the oven
     * @param  list<ShellOptionStage>  $stages
     */
    private function __construct(public ShellBake $name, public string $title, public float $minutes, public string $verdict, public string $rim, public array $stages)
    {
    }

    public static function of(ShellOption $option, Words $words): self
    {
        return new self(
            $option->shell, $words->word('shell', $option->shell), $option->minutes(), $words->word('verdict', $option->verdict),
            $words->word('brownness', Brownness::of($option->rimBrownIndex)), array_map(static fn (BakedShell $one): ShellOptionStage => ShellOptionStage::of($one, $words), $option->stages),
        );
    }
}
