<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** What the face that looks up adds to the sweep along z, column by column, and the vapour that leaves it. */
final readonly class FaceLoad
{
    /**
     * @param  array<int, float>  $addD  to the last pivot, W/K
     * @param  array<int, float>  $addR  to its right side, W
     * @param  array<int, float>  $m  vapour, kg/m2 s
     * @param  array<int, float>  $slope  dm/dT, kg/m2 s K
     */
    public function __construct(public array $addD, public array $addR, public array $m, public array $slope)
    {
    }
}
