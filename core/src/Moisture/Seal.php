<?php

declare(strict_types=1);

namespace Hojaldre\Core\Moisture;

/** What was brushed on the hot base against water. */
enum Seal: string
{
    case None = 'none';
    case Egg = 'egg';

    /** @return non-empty-list<string> */
    public static function words(): array
    {
        return array_map(static fn (self $seal): string => $seal->value, self::cases());
    }
}
