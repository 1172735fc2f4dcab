<?php

declare(strict_types=1);

namespace App\Food;

use App\Contract\Schema;

#[Schema('Foods')]
final readonly class FoodList
{
    /** @param  list<StoredFood>  $foods */
    public function __construct(public array $foods)
    {
    }
}
