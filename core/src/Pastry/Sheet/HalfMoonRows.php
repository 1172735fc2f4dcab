<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Sheet;

/**
 * Half-moons on a rectangle: in strips as high as their radius r, cut straight, every other one upside down; their middles are
 * sqrt(3) r apart, for then two circles of radius r touch (elementary geometry). Or two to a disc.
 */
final readonly class HalfMoonRows
{
    /** (numerics) */
    private const EPSILON = 1e-9;

    /** @return list<Layout> */
    public static function on(float $diameterMm, float $widthMm, float $lengthMm): array
    {
        return [
            ...array_map(self::halved(...), DiscRows::on($diameterMm, $widthMm, $lengthMm)),
            ...self::strips($diameterMm / 2, $widthMm, $lengthMm),
            ...array_map(static fn (Layout $one): Layout => $one->mirrored(), self::strips($diameterMm / 2, $lengthMm, $widthMm)),
        ];
    }

    private static function halved(Layout $discs): Layout
    {
        $pieces = [];
        foreach ($discs->pieces as $one) {
            $pieces[] = new Placement($one->xMm, $one->yMm, 0);
            $pieces[] = new Placement($one->xMm, $one->yMm, 2);
        }

        return new Layout($discs->kind, $pieces);
    }

    /** @return list<Layout> none where no half-moon fits */
    private static function strips(float $radiusMm, float $widthMm, float $lengthMm): array
    {
        $step = M_SQRT3 * $radiusMm;
        $along = (int) floor(($widthMm - 2 * $radiusMm) / $step + self::EPSILON) + 1;
        $strips = (int) floor($lengthMm / $radiusMm + self::EPSILON);
        if ($widthMm < 2 * $radiusMm - self::EPSILON || $strips < 1) {
            return [];
        }
        $pieces = [];
        for ($strip = 0; $strip < $strips; $strip++) {
            for ($at = 0; $at < $along; $at++) {
                $isUp = $at % 2 === 0;
                $pieces[] = new Placement($radiusMm + $at * $step, ($strip + ($isUp ? 1 : 0)) * $radiusMm, $isUp ? 0 : 2);
            }
        }

        return [new Layout(LayoutKind::Turned, $pieces)];
    }
}
