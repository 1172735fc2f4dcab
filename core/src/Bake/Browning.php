<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/**
 * dB/dt = k exp(-E/R (1/T - 1/423)) f / (1 + (X/X0)^2) at the surface (fitted); below 0.3 pale, 0.6 to 0.8 light gold, 1 golden,
 * 2 dark, 3 burnt.
 */
final readonly class Browning
{
    /** 1/s at 150 °C, and J/mol over R in K (fitted) */
    private const RATE = 1.12e-3;

    private const ACTIVATION = 48000 / 8.314;

    private const AT_KELVIN = 423;

    /** Below this nothing browns, °C (numerics). */
    private const BROWNS_FROM = 90;

    /** water to solids at which pastry browns half as fast (fitted) */
    public const PASTRY_HALF_WATER_RATIO = 0.12;

    /** What lies against hot metal or weights browns faster than what sees the air (fitted to the three looks of a shell). */
    private const AGAINST_GAIN = 2.0;

    /** A bare rim stands up into the heat (fitted). */
    private const RIM_GAIN = 1.15;

    public function __construct(private Grid $grid, private CellMaterials $materials, private BakeInput $input, private float $factor = 1.0)
    {
    }

    /** @param  array<int, float>  $k  W/m K of each cell */
    public function brown(Cells $cells, Outline $outline, array $k, float $ovenCelsius, float $seconds): void
    {
        if (! $outline->isShell) {
            $this->top($cells, $outline, $k, $ovenCelsius, $seconds);
        }
        if ($this->grid->sideColumns > 0) {
            $this->crust($cells, $outline, $k, $ovenCelsius, $seconds);
        }
    }

    /** @param  array<int, float>  $k */
    private function top(Cells $cells, Outline $outline, array $k, float $ovenCelsius, float $seconds): void
    {
        $half = $this->input->lidMm > 0 ? self::PASTRY_HALF_WATER_RATIO : $this->input->topHalfWaterRatio;
        $gain = $this->input->topGain * $this->factor;
        [$T, $W, $brown] = [$cells->T, $cells->W, $cells->topBrown];
        $cells->topBrown = [];
        $grid = $this->grid;
        for ($i = 0; $i < $grid->fillColumns; $i++) {
            $row = $outline->top[$i];
            $c = $row * $grid->columns + $i;
            $surface = self::surface($T[$c], $ovenCelsius, $grid->dz[$row] / 2, $k[$c]);
            $brown[$i] += $seconds * self::rate($surface, $W[$c] / $this->materials->solids[$grid->kind[$c]], $half, $gain);
        }
        $cells->topBrown = $brown;
    }

    /** @param  array<int, float>  $k */
    private function crust(Cells $cells, Outline $outline, array $k, float $ovenCelsius, float $seconds): void
    {
        $grid = $this->grid;
        $x0 = self::PASTRY_HALF_WATER_RATIO;
        $solids = $this->materials->solids[Grid::CRUST];
        $row = $outline->isShell ? $grid->fillTo : $grid->rows - 1;
        $rim = $row * $grid->columns + $grid->fillColumns;
        $cells->rimBrown += $seconds * self::rate(self::surface($cells->T[$rim], $ovenCelsius, $grid->dz[$row] / 2, $k[$rim]), $cells->W[$rim] / $solids, $x0, self::RIM_GAIN * $this->factor);
        // the underside touches the tin: its face lies between the two
        $under = $grid->columns;
        $cells->baseBrown += $seconds * self::rate(($cells->T[0] + $cells->T[$under]) / 2, $cells->W[$under] / $solids, $x0, self::AGAINST_GAIN * $this->factor);
        $inside = $grid->baseRows * $grid->columns;
        $cells->insideBrown += $seconds * self::rate($cells->T[$inside], $cells->W[$inside] / $solids, $x0, self::AGAINST_GAIN * $this->factor);
    }

    /** The face lies half a cell out from its middle. */
    private static function surface(float $celsius, float $ovenCelsius, float $halfMetres, float $k): float
    {
        return $celsius + TopFace::USUAL_WATTS * ($ovenCelsius - $celsius) * $halfMetres / ($k + TopFace::USUAL_WATTS * $halfMetres);
    }

    private static function rate(float $celsius, float $x, float $x0, float $gain): float
    {
        return $celsius < self::BROWNS_FROM ? 0.0 : self::RATE * $gain * exp(-self::ACTIVATION * (1 / ($celsius + Vapour::KELVIN) - 1 / self::AT_KELVIN)) / (1 + ($x / $x0) ** 2);
    }
}
