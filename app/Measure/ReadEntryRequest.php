<?php

declare(strict_types=1);

namespace App\Measure;

use App\Kitchen\User;
use Hojaldre\Core\Faults;
use Hojaldre\Core\Fields;
use Hojaldre\Core\Food\AmountReader;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Measure\Entry;
use Hojaldre\Core\Measure\KitchenUnits;
use Hojaldre\Core\Measure\PlainReader;
use Hojaldre\Core\Refused;
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
            'volume' => PlainReader::volume($words, $this->units()),
            'length' => PlainReader::length($words),
            'temperature' => PlainReader::temperature($words),
            'time' => PlainReader::minutes($words),
            default => (new AmountReader($this->units()))->read($words, $this->food()),
        };
    }

    private function units(): KitchenUnits
    {
        $user = $this->user();

        return KitchenUnits::named($user instanceof User ? $user->volumes : 'metric');
    }

    private function food(): Food
    {
        $faults = new Faults;
        $food = Food::read(new Fields((array) $this->input('food'), '/food', $faults));
        $faults->throwIfAny();

        return $food;
    }
}
