<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

/**
 * What tasters say who put two to four pies in order, best first: sums of places, and how often chance alone would put them as far
 * apart (Friedman's test of ranks; exact while there are few tasters, chi-square beyond).
 */
final readonly class Tasting
{
    /** Orders of all tasters together are counted exactly up to so many tasters, by pies (numerics; beyond, chi-square is near enough). */
    private const EXACT = [2 => 40, 3 => 15, 4 => 7];

    /**
     * @param  list<float>  $meanPlaces  of each pie, 1 is best
     * @param  list<int>  $firsts  how often each was put first
     * @param  float  $chance  0 to 1, that tasters who taste no difference are as much of one mind as these
     */
    private function __construct(public array $meanPlaces, public array $firsts, public int $tasters, public float $chance)
    {
    }

    /**
     * @param  int  $pies  2 to 4
     * @param  list<list<int>>  $orders  of each taster: numbers of the pies from 0 on, best first, each once
     */
    public static function of(int $pies, array $orders): self
    {
        $sums = $firsts = array_fill(0, $pies, 0);
        foreach ($orders as $order) {
            $firsts[$order[0]]++;
            foreach ($order as $place => $pie) {
                $sums[$pie] += $place + 1;
            }
        }
        [$sums, $firsts] = [array_values($sums), array_values($firsts)];
        $tasters = count($orders);
        $means = array_map(static fn (int $sum): float => $tasters === 0 ? ($pies + 1) / 2 : $sum / $tasters, $sums);

        return new self($means, $firsts, $tasters, $tasters === 0 ? 1.0 : self::chance($pies, $tasters, self::apart($sums)));
    }

    /** The pie with the best places; null where two share them. */
    public function best(): ?int
    {
        $best = array_keys($this->meanPlaces, min([INF, ...$this->meanPlaces]), true);

        return count($best) === 1 ? $best[0] : null;
    }

    /**
     * Sum of squares of sums of places: it rises with Friedman's statistic, and stays whole.
     *
     * @param  list<int>  $sums
     */
    private static function apart(array $sums): int
    {
        return array_sum(array_map(static fn (int $sum): int => $sum ** 2, $sums));
    }

    private static function chance(int $pies, int $tasters, int $apart): float
    {
        if ($tasters > self::EXACT[$pies]) {
            $statistic = 12 * $apart / ($tasters * $pies * ($pies + 1)) - 3 * $tasters * ($pies + 1);

            return self::chiSquareTail($statistic, $pies - 1);
        }
        $orders = self::permutations(range(1, $pies));
        $counts = [implode(',', array_fill(0, $pies, 0)) => 1.0];
        for ($taster = 0; $taster < $tasters; $taster++) {
            $next = [];
            foreach ($counts as $key => $count) {
                $sums = array_map(intval(...), explode(',', (string) $key));
                foreach ($orders as $order) {
                    $to = implode(',', array_map(static fn (int $sum, int $place): int => $sum + $place, $sums, $order));
                    $next[$to] = ($next[$to] ?? 0.0) + $count / count($orders);
                }
            }
            $counts = $next;
        }
        $tail = 0.0;
        foreach ($counts as $key => $count) {
            $tail += self::apart(array_map(intval(...), explode(',', (string) $key))) >= $apart ? $count : 0.0;
        }

        return min(1.0, $tail);
    }

    /**
     * @param  list<int>  $of
     * @return list<list<int>>
     */
    private static function permutations(array $of): array
    {
        if (count($of) < 2) {
            return [$of];
        }
        $all = [];
        foreach ($of as $at => $first) {
            $rest = $of;
            array_splice($rest, $at, 1);
            foreach (self::permutations($rest) as $one) {
                $all[] = [$first, ...$one];
            }
        }

        return $all;
    }

    /** Of a chi-square with 1, 2 or 3 degrees of freedom, in closed form. */
    private static function chiSquareTail(float $x, int $degrees): float
    {
        $x = max(0.0, $x);
        $beyond = self::erfc(sqrt($x / 2));

        return match ($degrees) {
            1 => $beyond,
            2 => exp(-$x / 2),
            default => $beyond + sqrt(2 * $x / M_PI) * exp(-$x / 2),
        };
    }

    /** Abramowitz and Stegun, Handbook of Mathematical Functions, 7.1.26, within 2e-7; the coefficients are from memory. */
    private static function erfc(float $x): float
    {
        $t = 1 / (1 + 0.3275911 * $x);

        return ((((1.061405429 * $t - 1.453152027) * $t + 1.421413741) * $t - 0.284496736) * $t + 0.254829592) * $t * exp(-$x ** 2);
    }
}
