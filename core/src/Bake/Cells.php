<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/**
 * The pie at one moment: what the time loop writes on. The only thing in the core that changes; it never leaves the simulation.
 * Loops take an array out, work on it as their own and put it back, because PHP reads local arrays twice as fast as properties.
 */
final class Cells
{
    /** @var array<int, float> temperature of each cell, °C */
    public array $T;

    /** @var array<int, float> water, kg in a m3 of cell */
    public array $W;

    /** @var array<int, float> highest temperature so far, °C */
    public array $peak;

    /** @var array<int, float> share of its weep that each filling cell has let go, 0 to 1 */
    public array $released;

    /** @var array<int, float> and the share that it had let go when it set */
    public array $early;

    /** @var array<int, float> over-cooking of each filling cell, 1 is over */
    public array $dose;

    /** @var array<int, float> how brown: top by column, 0.3 pale, 1 golden, 2 dark */
    public array $topBrown;

    /** how brown the rim, the underside and the inside of the shell are */
    public float $rimBrown = 0.0;

    public float $baseBrown = 0.0;

    public float $insideBrown = 0.0;

    /** °C, of the hot steel it stands on; NAN before it was put there */
    public float $steelCelsius = NAN;

    /** °C, of the weights in an empty shell */
    public float $weightsCelsius = 20.0;

    /** °C, of what has to get safe last: the coldest of the filling, or the middle of the coldest raw piece there */
    public float $safeCelsius = -273.15;

    /** minutes at 70 °C that what the coldest point has had comes to */
    public float $lethalMinutes = 0.0;

    /** minutes at 95 °C that what the coldest point has had comes to */
    public float $tenderMinutes = 0.0;

    /** water that left as vapour, kg; and the heat that came in through all faces, less what drying of a face took, J */
    public float $evaporatedKg = 0.0;

    /** J */
    public float $heatJoules = 0.0;

    /** heat that left with the vapour, J: what the water had, and the latent heat of what boiled inside */
    public float $vapourJoules = 0.0;

    public function __construct(int $cells, int $columns)
    {
        $this->T = array_fill(0, $cells, 20.0);
        $this->W = $this->peak = $this->released = $this->early = $this->dose = array_fill(0, $cells, 0.0);
        $this->topBrown = array_fill(0, $columns, 0.0);
    }
}
