<?php

declare(strict_types=1);

namespace Hojaldre\Core\Custard\Solver;

/**
 * The best amounts of dairy for a fixed number of eggs: minimise |a.d - A| + |b.d - B| over c.d = C, 0 <= d <= u.
 *
 * The least value lies at a corner: all amounts but one, two or three at nothing or at all there is, the others fixed by c and by
 * neither, one or both of the two aims being met exactly. There are few corners, so all are tried; nothing is approximated
 * (linear programming, basic solutions; checked against an outside solver in the tests).
 */
final readonly class Mix
{
    /** (numerics) */
    private const TINY = 1e-9;

    /**
     * @param  list<Dairy>  $dairies
     * @param  list<float>  $a  liquid aim a gram, its own fat aim beside it
     * @param  list<float>  $b
     * @param  list<float>  $c
     */
    private function __construct(
        private array $dairies,
        private array $a,
        private float $A,
        private array $b,
        private float $B,
        private array $c,
        private float $C,
    ) {
    }

    /**
     * @param  list<Dairy>  $dairies
     * @param  list<float>  $a
     * @param  list<float>  $b
     * @return array{float, list<float>}|null least value and grams of each; null where they cannot fill the volume
     */
    public static function best(array $dairies, array $a, float $A, array $b, float $B, float $ml): ?array
    {
        $mix = new self($dairies, $a, $A, $b, $B, array_map(static fn (Dairy $one): float => $one->mlPerGram, $dairies), $ml);
        $best = null;
        foreach (self::freeSets(count($dairies)) as $free) {
            foreach ($mix->bounds($free) as $held) {
                foreach ($mix->corners($free, $held) as $grams) {
                    $value = $mix->value($grams);
                    if ($mix->fits($grams) && ($best === null || $value < $best[0] - self::TINY)) {
                        $best = [$value, $grams];
                    }
                }
            }
        }

        return $best;
    }

    /** @param  list<float>  $grams */
    private function value(array $grams): float
    {
        return abs(self::dot($this->a, $grams) - $this->A) + abs(self::dot($this->b, $grams) - $this->B);
    }

    /** @param  list<float>  $grams */
    private function fits(array $grams): bool
    {
        foreach ($grams as $i => $one) {
            if ($one < -1e-7 || $one > $this->dairies[$i]->mostGrams + 1e-7) {
                return false;
            }
        }

        return abs(self::dot($this->c, $grams) - $this->C) < 1e-6 * max(1.0, $this->C);
    }

    /**
     * Every way to hold the others at nothing or at all there is.
     *
     * @param  list<int>  $free
     * @return list<list<float>>
     */
    private function bounds(array $free): array
    {
        $held = [[]];
        foreach ($this->dairies as $i => $dairy) {
            $choices = in_array($i, $free, true) || is_infinite($dairy->mostGrams) ? [0.0] : [0.0, $dairy->mostGrams];
            $longer = [];
            foreach ($held as $one) {
                foreach ($choices as $choice) {
                    $longer[] = [...$one, $choice];
                }
            }
            $held = $longer;
        }

        return $held;
    }

    /**
     * @param  list<int>  $free
     * @param  list<float>  $held
     * @return list<list<float>>
     */
    private function corners(array $free, array $held): array
    {
        $rows = match (count($free)) {
            0 => [[]],
            1 => [[[$this->c, $this->C]]],
            2 => [[[$this->c, $this->C], [$this->a, $this->A]], [[$this->c, $this->C], [$this->b, $this->B]]],
            default => [[[$this->c, $this->C], [$this->a, $this->A], [$this->b, $this->B]]],
        };
        $corners = [];
        foreach ($rows as $equations) {
            $solved = self::solve($equations, $free, $held);
            if ($solved !== null) {
                $corners[] = $solved;
            }
        }

        return $corners;
    }

    /**
     * Gauss elimination on one to three equations.
     *
     * @param  list<array{list<float>, float}>  $equations
     * @param  list<int>  $free
     * @param  list<float>  $grams  the held ones in place, the free ones at 0
     * @return list<float>|null
     */
    private static function solve(array $equations, array $free, array $grams): ?array
    {
        $n = count($free);
        $m = [];
        foreach ($equations as [$row, $right]) {
            $line = array_map(static fn (int $i): float => $row[$i], $free);
            $m[] = [...$line, $right - self::dot($row, $grams)];
        }
        for ($col = 0; $col < $n; $col++) {
            $pivot = $col;
            for ($r = $col + 1; $r < $n; $r++) {
                $pivot = abs($m[$r][$col]) > abs($m[$pivot][$col]) ? $r : $pivot;
            }
            if (abs($m[$pivot][$col]) < self::TINY) {
                return null;
            }
            [$m[$col], $m[$pivot]] = [$m[$pivot], $m[$col]];
            for ($r = 0; $r < $n; $r++) {
                $factor = $r === $col ? 0.0 : $m[$r][$col] / $m[$col][$col];
                for ($k = $col; $factor !== 0.0 && $k <= $n; $k++) {
                    $m[$r][$k] -= $factor * $m[$col][$k];
                }
            }
        }
        foreach ($free as $r => $i) {
            $grams[$i] = $m[$r][$n] / $m[$r][$r];
        }

        return array_values($grams);
    }

    /** @return list<list<int>> every set of none to three of so many */
    private static function freeSets(int $count): array
    {
        /** @var list<list<int>> $sets */
        $sets = [[]];
        for ($i = 0; $i < $count; $i++) {
            $sets[] = [$i];
            for ($j = $i + 1; $j < $count; $j++) {
                $sets[] = [$i, $j];
                for ($k = $j + 1; $k < $count; $k++) {
                    $sets[] = [$i, $j, $k];
                }
            }
        }

        return $sets;
    }

    /**
     * @param  list<float>  $x
     * @param  list<float>  $y
     */
    private static function dot(array $x, array $y): float
    {
        $sum = 0.0;
        foreach ($x as $i => $one) {
            $sum += $one * $y[$i];
        }

        return $sum;
    }
}
