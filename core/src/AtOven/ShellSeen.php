<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

use Hojaldre\Core\Statement\Statement;

/** What an empty shell looks like at the oven door, and how long it goes back (common practice, no source). */
enum ShellSeen: string
{
    case EdgeBrownBaseWet = 'edge-brown-base-wet';
    case DarkOrShiny = 'dark-or-shiny';
    case Matt = 'matt';
    case Puffed = 'puffed';

    private function againMinutes(): ?float
    {
        return match ($this) {
            self::EdgeBrownBaseWet => 5.0,
            // two to three minutes: the first look after two
            self::DarkOrShiny => 2.5,
            self::Puffed => 1.0,
            self::Matt => null,
        };
    }

    /** @return list<ActAnswer> */
    public static function answers(): array
    {
        return array_map(
            static fn (self $one): ActAnswer => new ActAnswer($one->value, new Statement('shell-seen.'.$one->value), new Statement('shell-then.'.$one->value), $one->againMinutes()),
            self::cases(),
        );
    }
}
