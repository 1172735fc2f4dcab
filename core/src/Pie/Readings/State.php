<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie\Readings;

/** Where a reading stands against its limits. */
enum State: string
{
    /** value and range inside */
    case Seated = 'seated';
    /** value inside, part of the range outside */
    case Spilling = 'spilling';
    /** value outside */
    case OnTheRim = 'on-the-rim';
    /** something is missing that it needs */
    case Unknown = 'unknown';
}
