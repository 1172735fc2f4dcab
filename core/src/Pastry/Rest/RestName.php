<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Rest;

/** The rests of a dough, in order. */
enum RestName: string
{
    case AfterMixing = 'after-mixing';
    case BetweenFolds = 'between-folds';
    case Temper = 'temper';
    case InTheTin = 'in-the-tin';
}
