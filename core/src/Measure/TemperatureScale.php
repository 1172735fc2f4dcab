<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

/** How an oven is told. */
enum TemperatureScale: string
{
    case Celsius = 'celsius';
    case Fahrenheit = 'fahrenheit';
    case GasMark = 'gas-mark';
}
