<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Moisture\LayerWater;

/** What one layer does with its water. */
final readonly class LedgerLayer
{
    /**
     * @param  list<float>  $stepLossesGrams  driven off by each step
     * @param  float  $intoBaseGrams  of what is free, what goes into the base
     */
    public function __construct(public string $id, public array $stepLossesGrams, public LayerWater $water, public float $intoBaseGrams)
    {
    }
}
