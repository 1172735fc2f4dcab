<?php

declare(strict_types=1);

namespace App\Pie;

use Hojaldre\Core\Advice\WayOut;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\Readings;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'WayOutWish', required: ['design', 'reading'], properties: [
    new OA\Property(property: 'design', ref: '#/components/schemas/PieDesign'),
    new OA\Property(property: 'reading', ref: '#/components/schemas/ReadingName'),
])]
final class WaysOutRequest extends FormRequest
{
    use ReadsDesign;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['design' => ['required', 'array'], 'reading' => ['required', 'string', 'in:'.implode(',', Readings::ORDER)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['design.*' => 'Send the whole design.', 'reading.*' => 'Name a reading: '.implode(', ', Readings::ORDER).'.'];
    }

    /**
     * @return list<array<string, mixed>>
     *
     * @throws Refused
     */
    public function waysOut(): array
    {
        return array_map(
            static fn (WayOut $way): array => $way->toArray(),
            Forecast::of($this->designAt('design'))->waysOut($this->string('reading')->toString()),
        );
    }
}
