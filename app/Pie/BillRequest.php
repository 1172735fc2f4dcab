<?php

declare(strict_types=1);

namespace App\Pie;

use Hojaldre\Core\Forecast\Bill;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'BillWish', required: ['design', 'tins'], properties: [
    new OA\Property(property: 'design', ref: '#/components/schemas/PieDesign'),
    new OA\Property(property: 'tins', type: 'integer', minimum: 1, maximum: Bill::MOST_TINS),
])]
final class BillRequest extends FormRequest
{
    use ReadsDesign;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['design' => ['required', 'array'], 'tins' => ['required', 'integer', 'min:1', 'max:'.Bill::MOST_TINS]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['design.*' => 'Send the whole design.', 'tins.*' => 'Say how many tins, 1 to '.Bill::MOST_TINS.'.'];
    }

    /** @throws Refused */
    public function pie(): Pie
    {
        return $this->designAt('design');
    }
}
