<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Match;

/** Whether dough and filling come out even: within half a piece. */
enum MatchVerdict: string
{
    case Even = 'even';
    case FillingOver = 'filling-over';
    case FillingShort = 'filling-short';
}
