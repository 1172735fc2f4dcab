<?php

declare(strict_types=1);

namespace App\Food;

use App\Contract\Schema;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\FoodLabel;
use Hojaldre\Core\Food\Preparation;

/** A food as a kitchen has it. */
#[Schema('StoredFood')]
final readonly class StoredFood
{
    /**
     * @param  list<Preparation>  $preparations
     * @param  list<string>  $names  what else cooks call it
     * @param  FoodLabel|null  $label  what its packet says, of a food of the kitchen's own; null for the standard pantry
     * @param  float|null  $pricePerKg  in the kitchen's money
     * @param  float  $fromCelsius  °C that it commonly has when it goes in
     */
    public function __construct(public Food $food, public array $preparations, public ?FoodLabel $label, public ?float $pricePerKg, public float $fromCelsius, public array $names)
    {
    }
}
