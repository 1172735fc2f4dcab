<?php

declare(strict_types=1);

namespace App\Pie;

use Hojaldre\Core\Pie\Pie;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SavePie', required: ['basedOn', 'design'], properties: [
    new OA\Property(property: 'basedOn', type: 'integer', minimum: 1, description: 'number of the revision that was changed'),
    new OA\Property(property: 'design', ref: '#/components/schemas/PieDesign'),
])]
final class SavePieRequest extends FormRequest
{
    use ReadsDesign;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['basedOn' => ['required', 'integer', 'min:1'], 'design' => ['required', 'array']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'basedOn.*' => 'Say which revision was changed, by its number.',
            'design.*' => 'Send the whole design.',
        ];
    }

    public function design(): Pie
    {
        return $this->designAt('design');
    }
}
