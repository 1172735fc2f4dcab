<?php

declare(strict_types=1);

namespace Hojaldre\Core\Oven;

/** What the tin is made of, which decides how it takes heat (handbook values, from memory). */
enum TinMaterial: string
{
    case DarkSteel = 'dark-steel';
    case ShinySteel = 'shiny-steel';
    case Aluminium = 'aluminium';
    case Glass = 'glass';
    case Ceramic = 'ceramic';
    case Perforated = 'perforated';

    public function metres(): float
    {
        return match ($this) {
            self::DarkSteel, self::ShinySteel, self::Perforated => 0.0006,
            self::Aluminium => 0.0008,
            self::Glass, self::Ceramic => 0.005,
        };
    }

    /** Heat capacity, J/m3 K. */
    public function heatCapacity(): float
    {
        return match ($this) {
            self::DarkSteel, self::ShinySteel, self::Perforated => 3.7e6,
            self::Aluminium => 2.6e6,
            self::Glass => 2.1e6,
            self::Ceramic => 2.0e6,
        };
    }

    /** W/m K (handbook values, from memory) */
    public function conductivity(): float
    {
        return match ($this) {
            self::DarkSteel, self::ShinySteel, self::Perforated => 50.0,
            self::Aluminium => 200.0,
            self::Glass => 1.1,
            self::Ceramic => 1.5,
        };
    }

    public function emissivity(): float
    {
        return match ($this) {
            self::DarkSteel, self::Perforated => 0.85,
            self::ShinySteel => 0.25,
            self::Aluminium => 0.3,
            self::Glass, self::Ceramic => 0.9,
        };
    }

    /** Vapour that gets out under the base, through the gap or the holes, m/s; and its share while the base boils (judgement). */
    public function gapMetresPerSecond(): float
    {
        return $this === self::Perforated ? 3e-3 : 2e-4;
    }

    public function boilsOutBelowShare(): float
    {
        return $this === self::Perforated ? 0.8 : 0.15;
    }
}
