<?php

declare(strict_types=1);

namespace Hojaldre\Core\Moisture;

/** How far the shell was baked before it was filled. */
enum ShellBake: string
{
    case Raw = 'raw';
    case ParBaked = 'par-baked';
    case FullyBaked = 'fully-baked';

    /** @return non-empty-list<string> */
    public static function words(): array
    {
        return array_map(static fn (self $bake): string => $bake->value, self::cases());
    }
}
