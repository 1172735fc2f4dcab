<?php

declare(strict_types=1);

namespace App\Pie;

use Hojaldre\Core\Advice\Preparing;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Prepare', required: ['design', 'layer', 'to'], properties: [
    new OA\Property(property: 'design', ref: '#/components/schemas/PieDesign'),
    new OA\Property(property: 'layer', type: 'string', description: 'id of a solid layer'),
    new OA\Property(property: 'to', type: 'string', enum: self::TO, description: 'add a step, or drive the last one so far that only so much will weep'),
    new OA\Property(property: 'preparation', type: 'string', maxLength: 120, description: 'With step: what is done, in words.'),
    new OA\Property(property: 'weepGrams', type: 'number', minimum: 0, maximum: 50000, description: 'With weep.'),
])]
final class PrepareRequest extends FormRequest
{
    use ReadsDesign;

    public const TO = ['step', 'weep'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'design' => ['required', 'array'],
            'layer' => ['required', 'string', 'max:40'],
            'to' => ['required', Rule::in(self::TO)],
            'preparation' => ['nullable', 'string', 'max:120'],
            'weepGrams' => ['required_if:to,weep', 'numeric', 'min:0', 'max:50000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'design.*' => 'Send the whole design.',
            'layer.*' => 'Point at a solid of the pie by its id.',
            'to.*' => 'Say what is wanted: step or weep.',
            'preparation.*' => 'Say what is done in at most 120 letters.',
            'weepGrams.*' => 'Say how many grams may weep, 0 to 50000.',
        ];
    }

    /** @throws Refused */
    public function prepared(): Pie
    {
        $pie = $this->designAt('design');
        $layer = $this->string('layer')->toString();

        return $this->string('to')->toString() === 'step'
            ? Preparing::step($pie, $layer, $this->string('preparation')->toString())
            : Preparing::toWeep($pie, $layer, $this->float('weepGrams'));
    }
}
