<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

use Hojaldre\Core\Pastry\ShellStage;

/** An empty shell after one of its stages. */
final readonly class BakedShell
{
    /**
     * @param  float  $basePercent  water of its base, wet basis
     * @param  float  $rimBrownIndex  1 is golden
     */
    public function __construct(public ShellStage $stage, public float $basePercent, public float $rimBrownIndex, public float $insideBrownIndex, public float $undersideBrownIndex)
    {
    }
}
