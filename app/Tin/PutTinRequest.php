<?php

declare(strict_types=1);

namespace App\Tin;

use Hojaldre\Core\Refusal\Fields;
use Hojaldre\Core\Refusal\Refusals;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Tin\TinParser;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'TinToStore', required: ['name', 'tin'], properties: [
    new OA\Property(property: 'name', type: 'string', minLength: 1, maxLength: 60),
    new OA\Property(property: 'tin', ref: '#/components/schemas/Tin'),
])]
final class PutTinRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'min:1', 'max:60'], 'tin' => ['required', 'array']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.*' => 'Give the tin a name of 1 to 60 letters.', 'tin.*' => 'Say what shape it has, with its inside measures.'];
    }

    /**
     * @return array<string, string>
     *
     * @throws Refused
     */
    public function values(): array
    {
        $refusals = new Refusals;
        $tin = TinParser::read(new Fields((array) $this->input('tin'), '/tin', $refusals));
        $refusals->throwIfAny();

        return ['name' => $this->string('name')->toString(), 'tin' => json_encode($tin->toArray(), JSON_THROW_ON_ERROR)];
    }
}
