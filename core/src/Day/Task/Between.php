<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Task;

/** What passes between two tasks. */
enum Between: string
{
    case Follows = 'follows';
    case Rests = 'rests';
    case Chills = 'chills';
    case Cools = 'cools';
    case Stands = 'stands';
    case Washed = 'washed';
}
