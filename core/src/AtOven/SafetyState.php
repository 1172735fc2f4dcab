<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

/** By what something is called safe, or not yet. */
enum SafetyState: string
{
    case NotMeasured = 'not-measured';
    case LikelyNotMeasured = 'likely-not-measured';
    case NotYet = 'not-yet';
    case ProbeSilent = 'probe-silent';
    case ProbeFellOut = 'probe-fell-out';
    case ProbeMoved = 'probe-moved';
    case Measured = 'measured';
}
