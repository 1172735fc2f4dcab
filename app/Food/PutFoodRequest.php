<?php

declare(strict_types=1);

namespace App\Food;

use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\OwnFood;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Refusal\Fields;
use Hojaldre\Core\Refusal\Refusals;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'FoodLabel', required: ['name', 'role', 'raw', 'body', 'fat', 'carbohydrate', 'fibre', 'protein', 'salt', 'allergens'], properties: [
    new OA\Property(property: 'name', type: 'string', minLength: 1, maxLength: 60),
    new OA\Property(property: 'role', type: 'string', enum: ['egg', 'dairy', 'solid', 'binder', 'seasoning', 'dough']),
    new OA\Property(property: 'raw', type: 'string', enum: ['cooked', 'raw', 'poultry'], description: 'whether it must be cooked through: may be eaten as bought, raw meat or fish, raw poultry'),
    new OA\Property(property: 'body', type: 'string', enum: ['pours', 'spoons', 'stands'], description: 'of a dairy'),
    new OA\Property(property: 'fat', type: 'number', minimum: 0, maximum: 100, description: 'g per 100 g'),
    new OA\Property(property: 'carbohydrate', type: 'number', minimum: 0, maximum: 100, description: 'g per 100 g, fibre not in it'),
    new OA\Property(property: 'fibre', type: 'number', minimum: 0, maximum: 100, description: 'g per 100 g'),
    new OA\Property(property: 'protein', type: 'number', minimum: 0, maximum: 100, description: 'g per 100 g'),
    new OA\Property(property: 'salt', type: 'number', minimum: 0, maximum: 100, description: 'g per 100 g'),
    new OA\Property(property: 'allergens', type: 'array', items: new OA\Items(type: 'string')),
])]
final class PutFoodRequest extends FormRequest
{
    /**
     * The core reads the label and names every fault.
     *
     * @return array<string, list<string>>
     */
    public function rules(): array
    {
        return [];
    }

    /** @throws Refused */
    public function food(string $id): Food
    {
        if (preg_match('/^own-[a-z0-9-]{1,36}$/D', $id) !== 1 || Pantry::family($id) !== null) {
            throw Refused::because('name-not-plain', '', 'The id of an own food is "own-" and up to 36 small letters, digits and hyphens.');
        }
        $refusals = new Refusals;
        $food = OwnFood::read($id, new Fields($this->all(), '', $refusals));
        $refusals->throwIfAny();

        return $food;
    }
}
