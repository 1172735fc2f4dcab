<?php

declare(strict_types=1);

namespace App\Kitchen;

use Hojaldre\Core\Measure\KitchenUnits;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Units', required: ['volumes', 'temperatures'], properties: [
    new OA\Property(property: 'volumes', type: 'string', enum: KitchenUnits::NAMES, description: 'which cup and spoons are meant'),
    new OA\Property(property: 'temperatures', type: 'string', enum: self::TEMPERATURES, description: 'how an oven is told'),
])]
final class ChooseUnitsRequest extends FormRequest
{
    public const TEMPERATURES = ['celsius', 'fahrenheit', 'gas-mark'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['volumes' => ['required', Rule::in(KitchenUnits::NAMES)], 'temperatures' => ['required', Rule::in(self::TEMPERATURES)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'volumes.*' => 'Choose the cup and spoons you mean: metric, us or australian.',
            'temperatures.*' => 'Choose how an oven is told: celsius, fahrenheit or gas-mark.',
        ];
    }
}
