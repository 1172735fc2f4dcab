<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

/** What a reading is counted in. */
enum ReadingUnit: string
{
    case GramsPerEgg = 'g-per-egg';
    case Minutes = 'min';
    case Percent = 'percent';
    /** water to solids */
    case WaterRatio = 'water-ratio';
    /** brownness, 1 is golden */
    case BrownIndex = 'brown-index';
    case Millimetres = 'mm';
}
