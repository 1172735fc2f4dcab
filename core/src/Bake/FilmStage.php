<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** Which part of the bake a moment of the film belongs to. */
enum FilmStage: string
{
    case Weighted = 'weighted';
    case Propped = 'propped';
    case Pricked = 'pricked';
    case Bare = 'bare';
    case Filled = 'filled';
    case Bake = 'bake';
    case Rest = 'rest';
}
