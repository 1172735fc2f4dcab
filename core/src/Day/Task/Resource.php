<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Task;

/** What a task takes for some of its minutes, beside an oven. */
enum Resource: string
{
    case Hands = 'hands';
    case Ring = 'ring';
    case Mixer = 'mixer';
    case Fridge = 'fridge';
    case Rack = 'rack';
}
