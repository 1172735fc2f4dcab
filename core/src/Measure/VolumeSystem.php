<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

/** Whose cup and spoons are meant. */
enum VolumeSystem: string
{
    case Metric = 'metric';
    case Us = 'us';
    case Australian = 'australian';
}
