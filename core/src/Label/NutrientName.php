<?php

declare(strict_types=1);

namespace Hojaldre\Core\Label;

/** What a declaration names, as far as it is known here: saturates and sugars are not. */
enum NutrientName: string
{
    case Energy = 'energy';
    case Fat = 'fat';
    case Carbohydrate = 'carbohydrate';
    case Fibre = 'fibre';
    case Protein = 'protein';
    case Salt = 'salt';
}
