<?php

declare(strict_types=1);

namespace App\Prep;

/** What became of it; there again where that was said by mistake. */
enum LeftoverGone: string
{
    case Used = 'used';
    case Thrown = 'thrown';
    case There = 'there';
}
