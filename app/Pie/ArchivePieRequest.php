<?php

declare(strict_types=1);

namespace App\Pie;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ArchivePie', required: ['archived'], properties: [
    new OA\Property(property: 'archived', type: 'boolean'),
])]
final class ArchivePieRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['archived' => ['required', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['archived.*' => 'Say whether the pie is put away: true or false.'];
    }
}
