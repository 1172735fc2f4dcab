<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

/** The unit that an entry comes out in. */
enum EntryUnit: string
{
    case Grams = 'g';
    case Millilitres = 'ml';
    case Millimetres = 'mm';
    case Celsius = '°C';
    case Minutes = 'min';
}
