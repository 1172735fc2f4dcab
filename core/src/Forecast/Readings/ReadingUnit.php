<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

/** What a reading is counted in. */
enum ReadingUnit: string
{
    case GramsPerEgg = 'g-per-egg';
    case Minutes = 'min';
    case Percent = 'percent';
    case Millimetres = 'mm';
}
