<?php

declare(strict_types=1);

namespace App\Food;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Price', required: ['pricePerKg'], properties: [
    new OA\Property(property: 'pricePerKg', type: 'number', nullable: true, minimum: 0, maximum: 100000, description: "in the kitchen's money; null where it is not known"),
])]
final class SetPriceRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['pricePerKg' => ['present', 'nullable', 'numeric', 'min:0', 'max:100000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['pricePerKg.*' => 'Write a price for a kilogram, 0 to 100000, or leave it empty.'];
    }
}
