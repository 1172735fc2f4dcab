<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Even;

/** Whether dough and filling come out even: within half a piece. */
enum EvenVerdict: string
{
    case Even = 'even';
    case FillingOver = 'filling-over';
    case FillingShort = 'filling-short';
}
