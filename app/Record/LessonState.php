<?php

declare(strict_types=1);

namespace App\Record;

/** What was decided about a lesson; nothing yet while it is offered. */
enum LessonState: string
{
    case Offered = 'offered';
    case Accepted = 'accepted';
    case Refused = 'refused';
}
