<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Sheet;

/**
 * Whether one disc more goes on a sheet than rows can hold: all are laid out anew, evenly scattered, and those that overlap push
 * each other apart until none does. No dice: the starts are a low-discrepancy sequence (multiples of the plastic number).
 */
final readonly class OneMoreDisc
{
    /** More than this cannot be cut by eye, and would take long (judgement). */
    public const MOST_DISCS = 30;

    /** For a dozen discs, fewer for more (numerics: with these no case of the tests is more than a disc short). */
    private const STARTS = 40;

    /** (numerics) */
    private const PUSHES = 900;

    /** After so many pushes those that still overlap this much, of a diameter, are given up (numerics). */
    private const LOOK_AT = 150;

    private const HOPELESS = 0.015;

    /** Overlap that a knife cannot see, of a diameter (numerics). */
    private const TOUCHING = 2e-4;

    /** 1/g of the plastic number g = 1.3247, the real root of g^3 = g + 1 (definition). */
    private const STEP_X = 0.7548776662;

    /** 1/g^2 (definition) */
    private const STEP_Y = 0.5698402910;

    public static function on(Layout $rows, float $diameterMm, float $widthMm, float $lengthMm): Layout
    {
        $best = $rows;
        while ($best->count() < self::MOST_DISCS && $best->pieces !== []) {
            $more = self::with($best->count() + 1, $diameterMm, $widthMm / $diameterMm - 1, $lengthMm / $diameterMm - 1);
            if ($more === null) {
                break;
            }
            $best = $more;
        }

        return $best;
    }

    private static function with(int $discs, float $diameterMm, float $m, float $n): ?Layout
    {
        if ($discs > self::most($m, $n)) {
            return null;
        }
        $starts = (int) ceil(self::STARTS * 12 / max(12, $discs));
        for ($start = 0; $start < $starts; $start++) {
            [$x, $y] = $start % 2 === 0 ? self::scattered($discs, $start, $m, $n) : self::inRows($discs, $start, $m, $n);
            $settled = self::pushedApart($x, $y, $m, $n);
            if ($settled !== null) {
                return self::inOrder($settled[0], $settled[1], $diameterMm);
            }
        }

        return null;
    }

    /** @return array{list<float>, list<float>} */
    private static function scattered(int $discs, int $start, float $m, float $n): array
    {
        $x = $y = [];
        for ($i = 0; $i < $discs; $i++) {
            $x[] = fmod(0.5 + self::STEP_X * ($i + 1) + 0.137 * $start, 1.0) * $m;
            $y[] = fmod(0.5 + self::STEP_Y * ($i + 1) + 0.271 * $start, 1.0) * $n;
        }

        return [$x, $y];
    }

    /**
     * In as many rows as a third, a half or three quarters more than their root, every other one shifted, a little scattered.
     *
     * @return array{list<float>, list<float>}
     */
    private static function inRows(int $discs, int $start, float $m, float $n): array
    {
        $rows = max(1, min($discs, (int) round(sqrt($discs * ($n + 1) / ($m + 1)) + ($start % 3 - 1) * 0.7 + 0.4)));
        [$dx, $dy] = self::scattered($discs, $start, 0.25, 0.25);
        $x = $y = [];
        for ($i = 0; $i < $discs; $i++) {
            $row = intdiv($i * $rows, $discs);
            $first = (int) ceil($row * $discs / $rows);
            $inRow = (int) ceil(($row + 1) * $discs / $rows) - $first;
            $x[] = min($m, max(0.0, ($i - $first + ($row % 2) * 0.5 + 0.25) / $inRow * $m + $dx[$i] - 0.125));
            $y[] = min($n, max(0.0, ($rows > 1 ? $row / ($rows - 1) : 0.5) * $n + $dy[$i] - 0.125));
        }

        return [$x, $y];
    }

    /** No more middles than this stand one diameter apart in a rectangle of m by n: 2/sqrt(3) of its area + half of its outline + 1 (Oler 1961, docs/sources.md#oler). */
    private static function most(float $m, float $n): int
    {
        return (int) floor(2 / M_SQRT3 * $m * $n + $m + $n + 1 + 1e-9);
    }

    /**
     * @param  list<float>  $x
     * @param  list<float>  $y
     * @return array{list<float>, list<float>}|null
     */
    private static function pushedApart(array $x, array $y, float $m, float $n): ?array
    {
        $discs = count($x);
        for ($push = 0; $push < self::PUSHES; $push++) {
            $worst = 0.0;
            for ($i = 0; $i < $discs; $i++) {
                for ($j = $i + 1; $j < $discs; $j++) {
                    $dx = $x[$j] - $x[$i];
                    $dy = $y[$j] - $y[$i];
                    $square = $dx * $dx + $dy * $dy;
                    if ($square < 1.0) {
                        $apart = sqrt($square);
                        $overlap = 1.0 - $apart;
                        $worst = max($worst, $overlap);
                        [$ux, $uy] = $apart > 1e-6 ? [$dx / $apart, $dy / $apart] : [1.0, 0.0];
                        $half = 0.52 * $overlap;
                        $x[$i] = min($m, max(0.0, $x[$i] - $ux * $half));
                        $y[$i] = min($n, max(0.0, $y[$i] - $uy * $half));
                        $x[$j] = min($m, max(0.0, $x[$j] + $ux * $half));
                        $y[$j] = min($n, max(0.0, $y[$j] + $uy * $half));
                    }
                }
            }
            if ($push === self::LOOK_AT && $worst > self::HOPELESS) {
                return null;
            }
            if ($worst < self::TOUCHING) {
                return [array_values($x), array_values($y)];
            }
        }

        return null;
    }

    /**
     * From the top down, left to right.
     *
     * @param  list<float>  $x
     * @param  list<float>  $y
     */
    private static function inOrder(array $x, array $y, float $diameterMm): Layout
    {
        $pieces = array_map(static fn (float $one, float $other): Placement => new Placement((0.5 + $one) * $diameterMm, (0.5 + $other) * $diameterMm), $x, $y);
        usort($pieces, static fn (Placement $a, Placement $b): int => [round(2 * $a->yMm / $diameterMm), $a->xMm] <=> [round(2 * $b->yMm / $diameterMm), $b->xMm]);

        return new Layout(LayoutKind::Pushed, $pieces);
    }
}
