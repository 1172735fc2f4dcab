<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

use Hojaldre\Core\Food\Thermal;

/**
 * What a cell is made of besides its water, with properties as straight lines over temperature, fitted once at 20 and 120 °C
 * to Choi and Okos (docs/sources.md#choi-okos).
 */
final readonly class Material
{
    /** °C (definition) */
    private const COLD = 20.0;

    private const HOT = 120.0;

    /**
     * @param  float  $dry  dry matter, kg in a m3 of cell
     * @param  float  $solids  the dry matter that is not fat, kg in a m3 of cell: what water is counted against
     * @param  float  $water  at the beginning, kg in a m3 of cell
     * @param  float  $volume  of the dry matter, m3 in a m3
     * @param  array{float, float}  $heat  J/m3 K of the dry matter, at 0 °C and for each K
     * @param  array{float, float}  $conducts  W/m K of the dry matter, at 0 °C and for each K
     */
    private function __construct(
        public float $dry,
        public float $solids,
        public float $water,
        public float $volume,
        public array $heat,
        public array $conducts,
    ) {
    }

    /** @param  array<string, float>  $partsKg  of each, in any amount; it lies without gaps */
    public static function lying(array $partsKg): self
    {
        return self::of($partsKg, Thermal::ofParts(array_map(static fn (float $kg): float => max(1e-9, $kg), $partsKg), self::COLD)->density());
    }

    /**
     * @param  array<string, float>  $parts  kg of each, in any amount
     * @param  float  $kgPerM3  density as it lies there, air counted in
     */
    public static function of(array $parts, float $kgPerM3): self
    {
        $scale = $kgPerM3 / max(1e-9, array_sum($parts));
        $water = $parts['water'] * $scale;
        $dryParts = array_map(static fn (float $kg): float => max(1e-6, $kg * $scale), array_diff_key($parts, ['water' => 0]));
        $dry = (float) array_sum($dryParts);
        $cold = Thermal::ofParts($dryParts, self::COLD);
        $hot = Thermal::ofParts($dryParts, self::HOT);
        $line = static fn (float $at20, float $at120): array => [
            $at20 - self::COLD * ($at120 - $at20) / (self::HOT - self::COLD), ($at120 - $at20) / (self::HOT - self::COLD),
        ];

        return new self(
            $dry, max(1.0, $dry - $dryParts['fat']), $water, $dry / $cold->density(),
            $line($dry * $cold->specificHeat(), $dry * $hot->specificHeat()),
            $line($cold->conductivity(), $hot->conductivity()),
        );
    }
}
