<?php

declare(strict_types=1);

namespace Hojaldre\Core\Moisture;

/**
 * Water of the base, 20 min out of the oven, % wet basis: a balance that stands in for the simulated bake.
 *
 *   W = floor + barrier x (contact + soak x (1 - exp(-w / w0)) x 3.5 / t)
 *
 * w free water over the base (kg/m2), t rolled thickness (mm), w0 = 1.25 kg/m2. Fitted to a table of simulated bakes, see
 * docs/model.md; trust directions, and sizes to about 30 %. Bands of the verdict: common practice, no source.
 */
final readonly class BaseWater
{
    public const CRISP_TO = 8.0;

    public const DRY_TO = 14.0;

    public const SOFT_TO = 21.0;

    private const W0 = 1.25;

    private const REFERENCE_MM = 3.5;

    /** floor, contact, soak in % by how far the shell was baked before filling */
    private const SHELL = [
        'raw' => [18.56, 1.04, 3.87],
        'par-baked' => [8.0, 3.6, 8.4],
        'fully-baked' => [6.0, 3.2, 8.8],
    ];

    /** @param  float  $barrier share of the water that gets past seal and underlay, Underlay::barrier */
    public static function percent(ShellBake $shell, float $barrier, float $thicknessMm, float $freeKgPerM2, float $soakFactor = 1.0): float
    {
        [$floor, $contact, $soak] = self::SHELL[$shell->value];
        $reached = 1 - exp(-max(0.0, $freeKgPerM2) / self::W0);

        return $floor + $barrier * $soakFactor
            * ($contact + $soak * $reached * self::REFERENCE_MM / max(1.5, $thicknessMm));
    }

    public static function verdict(float $percent): string
    {
        return match (true) {
            $percent < self::CRISP_TO => 'crisp',
            $percent <= self::DRY_TO => 'dry',
            $percent <= self::SOFT_TO => 'soft',
            default => 'soggy',
        };
    }
}
