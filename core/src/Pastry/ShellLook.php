<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry;

/** How the base of an empty shell looks and sounds, by its water (common practice, no source). */
enum ShellLook: string
{
    case Damp = 'damp';
    case Dull = 'dull';
    case Matt = 'matt';
    case Hollow = 'hollow';

    private const DAMP_FROM_PERCENT = 15.0;

    private const DULL_FROM_PERCENT = 7.0;

    private const MATT_FROM_PERCENT = 3.5;

    public static function of(float $basePercent): self
    {
        return match (true) {
            $basePercent > self::DAMP_FROM_PERCENT => self::Damp,
            $basePercent > self::DULL_FROM_PERCENT => self::Dull,
            $basePercent > self::MATT_FROM_PERCENT => self::Matt,
            default => self::Hollow,
        };
    }
}
