<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

/** Where a reading stands against its limits. */
enum ReadingState: string
{
    /** value and range inside */
    case Inside = 'seated';
    /** value inside, part of the range outside */
    case Marginal = 'spilling';
    /** value outside */
    case Outside = 'on-the-rim';
    /** something is missing that it needs */
    case Unknown = 'unknown';
}
