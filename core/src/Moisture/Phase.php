<?php

declare(strict_types=1);

namespace Hojaldre\Core\Moisture;

final readonly class Phase
{
    public function __construct(public PhaseName $name, public float $minutes)
    {
    }
}
