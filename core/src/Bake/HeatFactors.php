<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** The eliminated systems of one step, kept until the properties are taken anew. */
final readonly class HeatFactors
{
    /**
     * @param  array<int, float>  $C  heat capacity of each cell over the step, W/K
     * @param  array<int, float>  $k  W/m K
     * @param  array{array<int, float>, array<int, float>, array<int, float>}  $z  w, 1/pivot and G/pivot of each cell; the topmost pivot of a column stands as it is
     * @param  array{array<int, float>, array<int, float>, array<int, float>}  $r  the same by rows, from the axis out
     * @param  array<int, float>  $below  W/K through the floor of each column
     * @param  array<int, float>  $beyond  W/K through the outer face of each row
     * @param  array<int, float>  $inside  W/K through the inner face of a row of an empty shell
     */
    public function __construct(
        public array $C,
        public array $k,
        private array $z,
        private array $r,
        public array $below,
        public array $beyond,
        public array $inside,
    ) {
    }

    /**
     * One step along z: up, and back down.
     *
     * @param  array<int, float>  $T
     * @return array<int, float>
     */
    public function alongZ(array $T, Grid $grid, Outline $outline, FaceLoad $load, float $belowCelsius): array
    {
        $columns = $grid->columns;
        $C = $this->C;
        [$w, $inv, $u] = $this->z;
        [$below, $addD, $addR] = [$this->below, $load->addD, $load->addR];
        foreach ($outline->top as $i => $row) {
            $end = $row * $columns + $i;
            $rhs = $C[$i] * $T[$i] + $below[$i] * $belowCelsius;
            $T[$i] = $rhs;
            for ($c = $i + $columns; $c <= $end; $c += $columns) {
                $rhs = $C[$c] * $T[$c] + $w[$c] * $rhs;
                $T[$c] = $rhs;
            }
            $t = ($rhs + $addR[$i]) / (1 / $inv[$end] + $addD[$i]);
            $T[$end] = $t;
            for ($c = $end - $columns; $c >= 0; $c -= $columns) {
                $t = $T[$c] * $inv[$c] + $u[$c] * $t;
                $T[$c] = $t;
            }
        }

        return $T;
    }

    /**
     * One step along r: out, and back in.
     *
     * @param  array<int, float>  $T
     * @return array<int, float>
     */
    public function alongR(array $T, Grid $grid, Outline $outline, float $besideCelsius, float $insideCelsius): array
    {
        $columns = $grid->columns;
        $C = $this->C;
        [$v, $inv, $u] = $this->r;
        [$outside, $inside] = [$this->beyond, $this->inside];
        foreach ($outline->first as $j => $first) {
            $from = $j * $columns + $first;
            $to = $j * $columns + $columns - 1;
            $rhs = $C[$from] * $T[$from] + $inside[$j] * $insideCelsius;
            $T[$from] = $rhs;
            for ($c = $from + 1; $c <= $to; $c++) {
                $rhs = $C[$c] * $T[$c] + $v[$c] * $rhs;
                $T[$c] = $rhs;
            }
            $t = ($rhs + $outside[$j] * $besideCelsius) * $inv[$to];
            $T[$to] = $t;
            for ($c = $to - 1; $c >= $from; $c--) {
                $t = $T[$c] * $inv[$c] + $u[$c] * $t;
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
