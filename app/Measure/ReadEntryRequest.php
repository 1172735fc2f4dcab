<?php

declare(strict_types=1);

namespace App\Measure;

use App\Kitchen\User;
use Hojaldre\Core\Food\AmountParser;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\Entry;
use Hojaldre\Core\Measure\QuantityParser;
use Hojaldre\Core\Refusal\Fields;
use Hojaldre\Core\Refusal\Refusals;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'EntryWords', required: ['kind', 'words'], properties: [
    new OA\Property(property: 'kind', type: 'string', enum: self::KINDS),
    new OA\Property(property: 'words', type: 'string', maxLength: 200, description: '"3 medium", "1/2 cup", "24 cm", "350 °F", "1 h 10"'),
    new OA\Property(property: 'food', description: 'With mass: the food that is measured.', ref: '#/components/schemas/Food'),
])]
final class ReadEntryRequest extends FormRequest
{
    public const KINDS = ['mass', 'volume', 'length', 'temperature', 'time'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::in(self::KINDS)],
            'words' => ['present', 'string', 'max:200'],
            'food' => ['required_if:kind,mass', 'array'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind.*' => 'Say what is measured: mass, volume, length, temperature or time.',
            'words.*' => 'Write the amount in at most 200 letters, such as "315 g" or "3 medium".',
            'food.*' => 'Say which food is measured.',
        ];
    }

    /** @throws Refused */
    public function entry(): Entry
    {
        $words = $this->string('words')->toString();

        return match ($this->string('kind')->toString()) {
            'volume' => QuantityParser::volume($words, $this->units()),
            'length' => QuantityParser::length($words),
            'temperature' => QuantityParser::temperature($words),
            'time' => QuantityParser::minutes($words),
            default => (new AmountParser($this->units()))->read($words, $this->food()),
        };
    }

    private function units(): CookUnits
    {
        $user = $this->user();

        return CookUnits::named($user instanceof User ? $user->volumes : 'metric');
    }

    private function food(): Food
    {
        $refusals = new Refusals;
        $food = Food::read(new Fields((array) $this->input('food'), '/food', $refusals));
        $refusals->throwIfAny();

        return $food;
    }
}
