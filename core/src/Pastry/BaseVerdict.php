<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry;

/** The word for the water of a base, % wet basis, 20 min out of the oven (common practice, no source). */
final readonly class BaseVerdict
{
    public const CRISP_TO = 8.0;

    public const DRY_TO = 14.0;

    public const SOFT_TO = 21.0;

    public static function of(float $percent): string
    {
        return match (true) {
            $percent < self::CRISP_TO => 'crisp',
            $percent <= self::DRY_TO => 'dry',
            $percent <= self::SOFT_TO => 'soft',
            default => 'soggy',
        };
    }
}
