<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tin;

use Hojaldre\Core\Document\Kinds;

/** The inside of a tin, from its floor up. Depths and radii in mm, volumes in ml, areas in mm2. */
#[Kinds('shape', [
    'round-straight' => StraightTin::class, 'round-sloped' => SlopedTin::class, 'round-fluted' => FlutedTin::class, 'springform' => Springform::class,
    'rectangular' => RectangularTin::class, 'cups' => CupsTin::class, 'measured-dish' => MeasuredDish::class, 'folded' => FoldedPieces::class,
])]
interface Tin
{
    /** What a ruler may say of a tin, inside (definition). */
    public const LEAST_MM = 60;

    /** A limit of ours (definition). */
    public const MOST_MM = 600;

    /** A limit of ours (definition). */
    public const LEAST_DEPTH_MM = 10;

    /** A limit of ours (definition). */
    public const MOST_DEPTH_MM = 150;

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
}
