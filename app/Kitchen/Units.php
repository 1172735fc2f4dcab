<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Schema;
use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Measure\TemperatureScale;
use Hojaldre\Core\Measure\VolumeSystem;

/** A person's own units. */
#[Schema('Units')]
final readonly class Units
{
    /**
     * @param  VolumeSystem  $volumes  which cup and spoons are meant
     * @param  TemperatureScale  $temperatures  how an oven is told
     * @param  EggSizing  $eggs  whose sizes "large" and "medium" are
     */
    public function __construct(public VolumeSystem $volumes, public TemperatureScale $temperatures, public EggSizing $eggs)
    {
    }
}
