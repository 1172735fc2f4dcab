<?php

declare(strict_types=1);

namespace App\Pie;

use Hojaldre\Core\Advice\Swaps;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SubstituteWish', required: ['design', 'at'], properties: [
    new OA\Property(property: 'design', ref: '#/components/schemas/PieDesign'),
    new OA\Property(property: 'at', type: 'string', description: 'JSON pointer to a solid layer, its binder, or a dairy'),
])]
final class SubstitutesRequest extends FormRequest
{
    use ReadsDesign;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['design' => ['required', 'array'], 'at' => ['required', 'string', 'max:60']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['design.*' => 'Send the whole design.', 'at.*' => 'Point at what is to be swapped, such as "/layers/0".'];
    }

    /**
     * @return list<array<string, mixed>>
     *
     * @throws Refused
     */
    public function substitutes(): array
    {
        return Swaps::of($this->designAt('design'), $this->string('at')->toString());
    }
}
