<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/**
 * What heat meets on its way through the cells, kept until the properties are taken anew; and one implicit step along z or r with
 * it: a tridiagonal system for each column or row.
 */
final readonly class Conductances
{
    /**
     * @param  array<int, float>  $joules  heat capacity of each cell, J/K
     * @param  array<int, float>  $k  W/m K
     * @param  array<int, float>  $up  from each cell to the one above it, W/K
     * @param  array<int, float>  $out  from each cell to the one further out, W/K
     * @param  array<int, float>  $below  through the floor of each column, W/K
     * @param  array<int, float>  $beyond  through the outer face of each row, W/K
     * @param  array<int, float>  $inside  through the inner face of a row of an empty shell, W/K
     */
    public function __construct(
        public array $joules,
        public array $k,
        private array $up,
        private array $out,
        public array $below,
        public array $beyond,
        public array $inside,
    ) {
    }

    /**
     * One step along z: up, and back down. The face above changes the last pivot alone.
     *
     * @param  array<int, float>  $T
     * @param  array<int, float>  $joules  what each cell takes to get a K warmer in this step
     * @return array<int, float>
     */
    public function alongZ(array $T, array $joules, Grid $grid, Outline $outline, FaceLoad $load, float $belowCelsius, float $seconds): array
    {
        $columns = $grid->columns;
        [$up, $below, $addD, $addR] = [$this->up, $this->below, $load->addD, $load->addR];
        $per = 1 / $seconds;
        $u = $up;
        foreach ($outline->top as $i => $row) {
            $end = $row * $columns + $i;
            $holds = $joules[$i] * $per;
            $d = $holds + $below[$i];
            $rhs = $holds * $T[$i] + $below[$i] * $belowCelsius;
            for ($c = $i; $c < $end;) {
                $g = $up[$c];
                $inverse = 1 / ($d + $g);
                $w = $g * $inverse;
                $u[$c] = $w;
                $T[$c] = $rhs * $inverse;
                $c += $columns;
                $holds = $joules[$c] * $per;
                $rhs = $holds * $T[$c] + $w * $rhs;
                $d = $holds + $g - $g * $w;
            }
            $t = ($rhs + $addR[$i]) / ($d + $addD[$i]);
            $T[$end] = $t;
            for ($c = $end - $columns; $c >= 0; $c -= $columns) {
                $t = $T[$c] + $u[$c] * $t;
                $T[$c] = $t;
            }
        }

        return $T;
    }

    /**
     * One step along r: out, and back in.
     *
     * @param  array<int, float>  $T
     * @param  array<int, float>  $joules  what each cell takes to get a K warmer in this step
     * @return array<int, float>
     */
    public function alongR(array $T, array $joules, Grid $grid, Outline $outline, float $besideCelsius, float $insideCelsius, float $seconds): array
    {
        $columns = $grid->columns;
        [$out, $beyond, $inside] = [$this->out, $this->beyond, $this->inside];
        $per = 1 / $seconds;
        $u = $out;
        foreach ($outline->first as $j => $first) {
            $from = $j * $columns + $first;
            $to = $j * $columns + $columns - 1;
            $holds = $joules[$from] * $per;
            $d = $holds + $inside[$j];
            $rhs = $holds * $T[$from] + $inside[$j] * $insideCelsius;
            for ($c = $from; $c < $to;) {
                $g = $out[$c];
                $inverse = 1 / ($d + $g);
                $w = $g * $inverse;
                $u[$c] = $w;
                $T[$c] = $rhs * $inverse;
                $c++;
                $holds = $joules[$c] * $per;
                $rhs = $holds * $T[$c] + $w * $rhs;
                $d = $holds + $g - $g * $w;
            }
            $t = ($rhs + $beyond[$j] * $besideCelsius) / ($d + $beyond[$j]);
            $T[$to] = $t;
            for ($c = $to - 1; $c >= $from; $c--) {
                $t = $T[$c] + $u[$c] * $t;
                $T[$c] = $t;
            }
        }

        return $T;
    }

    /**
     * Heat that came in through floor and top in a step along z, W.
     *
     * @param  array<int, float>  $T  after it
     */
    public function wattsAlongZ(array $T, Grid $grid, Outline $outline, FaceLoad $load, float $belowCelsius): float
    {
        $watts = 0.0;
        [$below, $addD, $addR] = [$this->below, $load->addD, $load->addR];
        foreach ($outline->top as $i => $row) {
            $watts += $below[$i] * ($belowCelsius - $T[$i]) + $addR[$i] - $addD[$i] * $T[$row * $grid->columns + $i];
        }

        return $watts;
    }

    /**
     * Heat that came in through the wall in a step along r, W.
     *
     * @param  array<int, float>  $T  after it
     */
    public function wattsAlongR(array $T, Grid $grid, float $besideCelsius): float
    {
        $watts = 0.0;
        foreach ($this->beyond as $j => $conducts) {
            $watts += $conducts * ($besideCelsius - $T[$j * $grid->columns + $grid->columns - 1]);
        }

        return $watts;
    }
}
