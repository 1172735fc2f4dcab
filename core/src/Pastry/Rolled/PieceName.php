<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Rolled;

/** What a piece of rolled dough becomes. */
enum PieceName: string
{
    case Base = 'base';
    case SecondFloor = 'second-floor';
    case Lid = 'lid';
    case Strips = 'strips';
    case Fold = 'fold';
    case Decoration = 'decoration';
    case Patch = 'patch';
}
