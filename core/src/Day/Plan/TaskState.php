<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

enum TaskState: string
{
    case Ahead = 'ahead';
    case Running = 'running';
    case Done = 'done';
}
