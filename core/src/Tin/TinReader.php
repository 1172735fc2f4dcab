<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tin;

use Hojaldre\Core\Fields;

/** Reads a tin of a pie file: inside measures in mm, taken with a ruler. */
final readonly class TinReader
{
    public const SHAPES = ['round-straight', 'round-sloped'];

    public static function read(Fields $fields): Tin
    {
        $shape = $fields->oneOf('shape', self::SHAPES);
        $depthMm = $fields->number('depthMm', 10, 150, 'mm');
        if ($shape === 'round-straight') {
            $tin = RoundTin::straight($fields->number('diameterMm', 60, 600, 'mm'), $depthMm);
        } else {
            $floorMm = $fields->number('floorDiameterMm', 60, 600, 'mm');
            $rimMm = $fields->number('rimDiameterMm', 60, 600, 'mm');
            if ($rimMm < $floorMm) {
                $fields->fault('rimDiameterMm', 'out-of-range', 'A sloped tin is at least as wide at the rim as at the floor: measure both again, inside.');
            }
            $tin = RoundTin::sloped($floorMm, $rimMm, $depthMm);
        }
        $fields->nothingElse();

        return $tin;
    }
}
