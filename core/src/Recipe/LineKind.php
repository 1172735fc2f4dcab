<?php

declare(strict_types=1);

namespace Hojaldre\Core\Recipe;

/** What a line of a recipe was taken for. */
enum LineKind: string
{
    case Title = 'title';
    case Heading = 'heading';
    case Ingredient = 'ingredient';
    case Method = 'method';
    /** Read, and of no weight in the pie: a greeting, a note, what the tin is greased with. */
    case Words = 'words';
    /** Looks like something to put in, and no food was found in it. */
    case Waiting = 'waiting';
}
