<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tin;

/** The inside of a tin, from its floor up. Depths and radii in mm, volumes in ml, areas in mm2. */
interface Tin
{
    public function depthMm(): float;

    /** Half width at a height above the floor, from the axis to the wall; of a rectangular tin across its short side, of cups of one cup. */
    public function radiusMm(float $heightMm): float;

    public function floorAreaMm2(): float;

    public function wallAreaMm2(): float;

    public function volumeMl(float $depthMm): float;

    /** The inverse of volumeMl; goes on above the rim with the same slope, so that an overfull tin can say by how much. */
    public function depthForVolumeMm(float $millilitres): float;

    /** The space left inside a crust of this thickness on floor and wall. */
    public function lined(float $thicknessMm): self;

    /** The same tin with its floor area times this factor, depth kept. */
    public function scaledInArea(float $factor): self;

    public function label(): string;

    /** Which way its section is cut, where that is not plain: "across the short side", "of one cup"; empty for a round tin. */
    public function across(): string;

    /** @return array<string, string|int|float> as in a pie file */
    public function toArray(): array;
}
