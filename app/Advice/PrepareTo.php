<?php

declare(strict_types=1);

namespace App\Advice;

/** Add a step to a solid, or drive its last one so far that only so much will weep. */
enum PrepareTo: string
{
    case Step = 'step';
    case Weep = 'weep';
}
