<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tin;

use Hojaldre\Core\Fields;

/** Reads a tin of a pie file: inside measures in mm, taken with a ruler, or ml of water to the rim. */
final readonly class TinReader
{
    public const SHAPES = ['round-straight', 'round-sloped', 'round-fluted', 'springform', 'rectangular', 'cups', 'measured-dish', 'folded-discs'];

    private const LEAST_MM = 60.0;

    private const MOST_MM = 600.0;

    public static function read(Fields $fields): Tin
    {
        $shape = $fields->oneOf('shape', self::SHAPES);
        if ($shape === 'folded-discs') {
            $folded = new FoldedDiscs($fields->whole('discs', 1, 60), $fields->number('discDiameterMm', 80, 300, 'mm'));
            $fields->nothingElse();

            return $folded;
        }
        $depthMm = $fields->number('depthMm', 10, 150, 'mm');
        $tin = match ($shape) {
            'round-sloped' => RoundTin::sloped(...self::twoDiameters($fields, self::LEAST_MM), depthMm: $depthMm),
            'round-fluted' => self::fluted($fields, $depthMm),
            'springform' => RoundTin::springform(self::wide($fields, 'diameterMm'), $depthMm),
            'rectangular' => new RectangularTin(self::wide($fields, 'lengthMm'), self::wide($fields, 'widthMm'), $depthMm, $fields->number('flareMm', 0, 60, 'mm')),
            'cups' => CupsTin::of($fields->whole('cups', 1, 48), ...self::twoDiameters($fields, 20), depthMm: $depthMm),
            'measured-dish' => new MeasuredDish($fields->number('waterMl', 100, 20000, 'ml'), $depthMm),
            default => RoundTin::straight(self::wide($fields, 'diameterMm'), $depthMm),
        };
        $fields->nothingElse();

        return $tin;
    }

    private static function fluted(Fields $fields, float $depthMm): FlutedTin
    {
        [$floorMm, $rimMm] = array_values(self::twoDiameters($fields, self::LEAST_MM));

        return new FlutedTin($floorMm, $rimMm, $depthMm, $fields->whole('flutes', 6, 80), $fields->number('fluteMm', 0.5, 10, 'mm'));
    }

    private static function wide(Fields $fields, string $key): float
    {
        return $fields->number($key, self::LEAST_MM, self::MOST_MM, 'mm');
    }

    /** @return array{floorDiameterMm: float, rimDiameterMm: float} */
    private static function twoDiameters(Fields $fields, float $leastMm): array
    {
        $floorMm = $fields->number('floorDiameterMm', $leastMm, self::MOST_MM, 'mm');
        $rimMm = $fields->number('rimDiameterMm', $leastMm, self::MOST_MM, 'mm');
        if ($rimMm < $floorMm) {
            $fields->fault('rimDiameterMm', 'out-of-range', 'A sloped tin is at least as wide at the rim as at the floor: measure both again, inside.');
        }

        return ['floorDiameterMm' => $floorMm, 'rimDiameterMm' => $rimMm];
    }
}
