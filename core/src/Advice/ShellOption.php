<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Bake\BakedShell;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Pastry\ShellBake;

/** One way to bake the shell, and what comes of it. */
final readonly class ShellOption
{
    /**
     * @param  list<BakedShell>  $stages
     * @param  float  $baseRatio  water to solids of the base, 20 min out of the oven
     * @param  float  $rimBrownIndex  1 is golden
     */
    public function __construct(public ShellBake $shell, public array $stages, public float $baseRatio, public BaseVerdict $verdict, public float $rimBrownIndex)
    {
    }

    /** All stages together, min. */
    public function minutes(): float
    {
        return (float) array_sum(array_map(static fn (BakedShell $one): float => $one->stage->minutes, $this->stages));
    }
}
