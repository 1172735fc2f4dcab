<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Task;

/** What hands do in a part of a task. */
enum PartName: string
{
    case Work = 'work';
    case DoughOut = 'dough-out';
    case Start = 'start';
    case WeightsIn = 'weights-in';
    case WeightsOut = 'weights-out';
    case Seal = 'seal';
    case In = 'in';
    case Move = 'move';
    case Look = 'look';
    case Out = 'out';
}
