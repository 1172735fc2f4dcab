<?php

declare(strict_types=1);

namespace Hojaldre\Core\Label;

/** What a declaration names (docs/sources.md#eu-1169-2011, article 30), in its order; fibre besides. */
enum NutrientName: string
{
    case Energy = 'energy';
    case Fat = 'fat';
    case Saturates = 'saturates';
    case Carbohydrate = 'carbohydrate';
    case Sugars = 'sugars';
    case Fibre = 'fibre';
    case Protein = 'protein';
    case Salt = 'salt';
}
