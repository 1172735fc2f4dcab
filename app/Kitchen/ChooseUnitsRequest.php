<?php

declare(strict_types=1);

namespace App\Kitchen;

use Hojaldre\Core\Food\EggSizes;
use Hojaldre\Core\Measure\CookUnits;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Units', required: ['volumes', 'temperatures', 'eggs'], properties: [
    new OA\Property(property: 'volumes', type: 'string', enum: CookUnits::NAMES, description: 'which cup and spoons are meant'),
    new OA\Property(property: 'temperatures', type: 'string', enum: self::TEMPERATURES, description: 'how an oven is told'),
    new OA\Property(property: 'eggs', type: 'string', enum: EggSizes::NAMES, description: 'whose sizes "large" and "medium" are'),
])]
final class ChooseUnitsRequest extends FormRequest
{
    public const TEMPERATURES = ['celsius', 'fahrenheit', 'gas-mark'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['volumes' => ['required', Rule::in(CookUnits::NAMES)], 'temperatures' => ['required', Rule::in(self::TEMPERATURES)], 'eggs' => ['required', Rule::in(EggSizes::NAMES)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'volumes.*' => 'Choose the cup and spoons you mean: metric, us or australian.',
            'temperatures.*' => 'Choose how an oven is told: celsius, fahrenheit or gas-mark.',
            'eggs.*' => 'Choose whose egg sizes you mean: us or eu.',
        ];
    }
}
