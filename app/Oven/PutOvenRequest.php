<?php

declare(strict_types=1);

namespace App\Oven;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'OvenToStore', required: ['name', 'mode', 'runsByKelvins', 'notes'], properties: [
    new OA\Property(property: 'name', type: 'string', minLength: 1, maxLength: 60),
    new OA\Property(property: 'mode', type: 'string', enum: ['static', 'fan']),
    new OA\Property(property: 'runsByKelvins', type: 'number', minimum: -60, maximum: 60, description: 'measured inside less what the dial says, K'),
    new OA\Property(property: 'notes', type: 'string', maxLength: 400),
])]
final class PutOvenRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'min:1', 'max:60'],
            'mode' => ['required', Rule::in(['static', 'fan'])],
            'runsByKelvins' => ['required', 'numeric', 'min:-60', 'max:60'],
            'notes' => ['present', 'nullable', 'string', 'max:400'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Give the oven a name of 1 to 60 letters.',
            'mode.*' => 'Say whether it is static or fan.',
            'runsByKelvins.*' => 'Say by how many degrees it runs hot (12) or cold (-12), at most 60.',
            'notes.*' => 'Keep the notes under 400 letters.',
        ];
    }

    /** @return array<string, mixed> */
    public function values(): array
    {
        return [
            'name' => $this->string('name')->toString(), 'mode' => $this->string('mode')->toString(),
            'runs_by_kelvins' => round($this->float('runsByKelvins'), 1), 'notes' => $this->string('notes')->toString(),
        ];
    }
}
