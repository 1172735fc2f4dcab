<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Sheet;

/**
 * Discs in rows on a rectangle, all lengths in diameters d = 1, measured between the outermost middles: m along the rows, n
 * across. A row in the gaps of the last lies h = sqrt(1 - p^2/4) further on when its discs are p apart (p >= 1), but at least
 * 1/2, or it meets the row before the last. Where there is room along the row, p is spread and h falls. Long and short
 * rows take turns, or all are alike and every other one is shifted by p/2; among long rows some may lie one above the other.
 */
final readonly class DiscRows
{
    /** (numerics) */
    private const EPSILON = 1e-9;

    /** @return list<Layout> the best of each kind that fits, side by side first; empty where no disc fits */
    public static function on(float $diameterMm, float $widthMm, float $lengthMm): array
    {
        if (min($widthMm, $lengthMm) < $diameterMm - self::EPSILON) {
            return [];
        }
        $found = [];
        foreach ([[$widthMm, $lengthMm, false], [$lengthMm, $widthMm, true]] as [$along, $across, $isMirrored]) {
            foreach (self::along($along / $diameterMm - 1, $across / $diameterMm - 1) as $plan) {
                $kind = $plan['kind']->value;
                if (! isset($found[$kind]) || $plan['count'] > $found[$kind][0]['count']) {
                    $found[$kind] = [$plan, $isMirrored];
                }
            }
        }

        return array_values(array_map(static function (array $one) use ($diameterMm): Layout {
            $layout = self::laid($one[0], $diameterMm);

            return $one[1] ? $layout->mirrored() : $layout;
        }, $found));
    }

    /** @return list<array{kind: LayoutKind, count: int, long: int, short: int, pitch: float, rise: float, rows: int, level: int}> */
    private static function along(float $m, float $n): array
    {
        $most = (int) floor($m + self::EPSILON) + 1;
        $level = (int) floor($n + self::EPSILON) + 1;
        $plans = [['kind' => LayoutKind::Squares, 'count' => $most * $level, 'long' => $most, 'short' => $most, 'pitch' => 1.0, 'rise' => 1.0, 'rows' => $level, 'level' => $level]];
        for ($long = $most; $long >= 1; $long--) {
            if ($long > 1) {
                $plans = [...$plans, ...self::rising($n, $long, $long - 1, $m / ($long - 1))];
            }
            if ($m / ($long - 0.5) >= 1 - self::EPSILON) {
                $plans = [...$plans, ...self::rising($n, $long, $long, $m / ($long - 0.5))];
            }
        }

        return $plans;
    }

    /** @return list<array{kind: LayoutKind, count: int, long: int, short: int, pitch: float, rise: float, rows: int, level: int}> */
    private static function rising(float $n, int $long, int $short, float $pitch): array
    {
        $rise = max(0.5, sqrt(max(0.0, 1 - $pitch ** 2 / 4)));
        $most = (int) floor($n / $rise + self::EPSILON) + 1;
        $plans = [self::plan($long, $short, $pitch, $rise, $most, 0)];
        // fewer rows, some of them right above a long one
        for ($rows = $most; $rows > 1 && $short < $long && $rise < 1; $rows--) {
            $level = min($rows - 1, (int) floor(($n - ($rows - 1) * $rise) / (1 - $rise) + self::EPSILON));
            if ($level > 0) {
                $plans[] = self::plan($long, $short, $pitch, $rise, $rows, $level);
            }
        }

        return $plans;
    }

    /** @return array{kind: LayoutKind, count: int, long: int, short: int, pitch: float, rise: float, rows: int, level: int} */
    private static function plan(int $long, int $short, float $pitch, float $rise, int $rows, int $level): array
    {
        $shorts = intdiv($rows - 1 - $level + 1, 2);

        return ['kind' => $level > 0 ? LayoutKind::Mixed : LayoutKind::Staggered, 'count' => $rows * $long - $shorts * ($long - $short), 'long' => $long, 'short' => $short, 'pitch' => $pitch, 'rise' => $rise, 'rows' => $rows, 'level' => $level];
    }

    /** @param  array{kind: LayoutKind, count: int, long: int, short: int, pitch: float, rise: float, rows: int, level: int}  $plan */
    private static function laid(array $plan, float $diameterMm): Layout
    {
        $pieces = [];
        $y = 0.0;
        $isShort = false;
        for ($row = 0; $row < $plan['rows']; $row++) {
            if ($row > 0) {
                $isLevel = $plan['kind'] === LayoutKind::Squares || $row <= $plan['level'];
                $y += $isLevel ? 1.0 : $plan['rise'];
                $isShort = ! $isLevel && ! $isShort;
            }
            for ($at = 0; $at < ($isShort ? $plan['short'] : $plan['long']); $at++) {
                $pieces[] = new Placement((0.5 + $plan['pitch'] * ($at + ($isShort ? 0.5 : 0.0))) * $diameterMm, (0.5 + $y) * $diameterMm);
            }
        }

        return new Layout($plan['kind'], $pieces);
    }
}
