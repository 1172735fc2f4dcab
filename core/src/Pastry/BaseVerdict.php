<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry;

/** The word for the water of a base, % wet basis, 20 min out of the oven (common practice, no source). */
enum BaseVerdict: string
{
    case Crisp = 'crisp';
    case Dry = 'dry';
    case Soft = 'soft';
    case Soggy = 'soggy';

    public const CRISP_TO_PERCENT = 8.0;

    public const DRY_TO_PERCENT = 14.0;

    public const SOFT_TO_PERCENT = 21.0;

    public static function of(float $percent): self
    {
        return match (true) {
            $percent < self::CRISP_TO_PERCENT => self::Crisp,
            $percent <= self::DRY_TO_PERCENT => self::Dry,
            $percent <= self::SOFT_TO_PERCENT => self::Soft,
            default => self::Soggy,
        };
    }
}
