<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** Weights in an empty shell, as one lump that takes its heat from the oven and gives it to the crust. */
final readonly class Weighting
{
    /** W/m2 K from weights to crust (fitted), J/m2 K that they hold, what reaches them from the oven, share of drying under them (judgement) */
    public const WATTS = 30.0;

    private const HOLD_JOULES = 9000.0;

    private const FROM_THE_OVEN_SHARE = 0.6;

    private const DRIES_SHARE = 0.3;

    public function __construct(private Grid $grid)
    {
    }

    /** The load of a step with weights on the base; the weights themselves get warmer by it. */
    public function on(FaceLoad $load, Cells $cells, Outline $outline, float $aboveCelsius, float $seconds): FaceLoad
    {
        $grid = $this->grid;
        [$addD, $addR, $m, $slope] = [$load->addD, $load->addR, $load->m, $load->slope];
        $watts = 0.0;
        for ($i = 0; $i < $grid->fillColumns; $i++) {
            $addD[$i] = $grid->area[$i] * self::WATTS;
            $addR[$i] = $addD[$i] * $cells->weightsCelsius;
            $m[$i] *= self::DRIES_SHARE;
            $slope[$i] = 0.0;
            $watts += $addD[$i] * ($cells->T[$outline->top[$i] * $grid->columns + $i] - $cells->weightsCelsius);
            $addR[$i] -= $grid->area[$i] * Vapour::LATENT_JOULES_PER_KG * $m[$i];
        }
        $area = $grid->fillArea();
        $cells->weightsCelsius += $seconds * ($watts + self::FROM_THE_OVEN_SHARE * TopFace::USUAL_WATTS * $area * ($aboveCelsius - $cells->weightsCelsius)) / (self::HOLD_JOULES * $area);

        return new FaceLoad($addD, $addR, $m, $slope);
    }
}
