<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** The tables of Vapour, worked out once for all bakes of a request. */
final class SteamTables
{
    /** @var list<float>|null */
    private static ?array $densities = null;

    /** @var list<float>|null */
    private static ?array $boilingPoints = null;

    /** @return list<float> */
    public static function densities(): array
    {
        return self::$densities ??= Vapour::densities();
    }

    /** @return list<float> */
    public static function boilingPoints(): array
    {
        return self::$boilingPoints ??= Vapour::boilingPoints();
    }
}
