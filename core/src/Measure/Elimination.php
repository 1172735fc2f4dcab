<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

/** Small systems of linear equations, positive definite, by elimination (Gauss and Jordan). */
final readonly class Elimination
{
    /**
     * @param  array<int, list<float>>  $rows  each with its right side as the last
     * @return list<float>
     */
    public static function solved(array $rows): array
    {
        $size = count($rows);
        for ($i = 0; $i < $size; $i++) {
            for ($j = 0; $j < $size; $j++) {
                $factor = $j === $i ? 0.0 : $rows[$j][$i] / $rows[$i][$i];
                foreach ($factor === 0.0 ? [] : array_keys($rows[$j]) as $k) {
                    $rows[$j][$k] -= $factor * $rows[$i][$k];
                }
            }
        }

        return array_values(array_map(static fn (array $row, int $i): float => $row[$size] / $row[$i], $rows, array_keys($rows)));
    }
}
