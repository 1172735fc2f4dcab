<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Sheet;

/** Rectangles on a rectangle: all one way, or two blocks of which one lies across, cut straight through between them. */
final readonly class Blocks
{
    /** (numerics) */
    private const EPSILON = 1e-9;

    /** @return list<Layout> */
    public static function on(float $longMm, float $wideMm, float $widthMm, float $lengthMm): array
    {
        $found = [];
        foreach ([[$widthMm, $lengthMm, false], [$lengthMm, $widthMm, true]] as [$across, $along, $isMirrored]) {
            foreach ([[$longMm, $wideMm], [$wideMm, $longMm]] as [$x, $y]) {
                $rows = self::fit($along, $y);
                for ($block = $rows; $block >= ($longMm === $wideMm ? $rows : 0); $block--) {
                    $upright = self::grid($x, $y, $across, $block, 0.0, $x === $longMm ? 0 : 1);
                    $rest = $longMm === $wideMm ? [] : self::grid($y, $x, $across, self::fit($along - $block * $y, $x), $block * $y, $x === $longMm ? 1 : 0);
                    $layout = new Layout($upright === [] || $rest === [] ? LayoutKind::Squares : LayoutKind::Turned, [...$upright, ...$rest]);
                    if ($layout->pieces !== []) {
                        $found[] = $isMirrored ? $layout->mirrored() : $layout;
                    }
                }
            }
        }

        return $found;
    }

    /** @return list<Placement> */
    private static function grid(float $x, float $y, float $across, int $rows, float $fromMm, int $quarters): array
    {
        $pieces = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($at = 0; $at < self::fit($across, $x); $at++) {
                $pieces[] = new Placement(($at + 0.5) * $x, $fromMm + ($row + 0.5) * $y, $quarters);
            }
        }

        return $pieces;
    }

    private static function fit(float $room, float $piece): int
    {
        return max(0, (int) floor($room / $piece + self::EPSILON));
    }
}
