<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

/** Where a reading stands against its limits. */
enum ReadingState: string
{
    /** value and range inside */
    case Inside = 'inside';
    /** value inside, part of the range outside */
    case Marginal = 'marginal';
    /** value outside */
    case Outside = 'outside';
    /** something is missing that it needs */
    case Unknown = 'unknown';
}
