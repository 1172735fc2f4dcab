<?php

declare(strict_types=1);

namespace App\Pie;

use Hojaldre\Core\Advice\Scaling;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Refusal\Fields;
use Hojaldre\Core\Refusal\Refusals;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Tin\TinParser;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Scale', required: ['design', 'to'], properties: [
    new OA\Property(property: 'design', ref: '#/components/schemas/PieDesign'),
    new OA\Property(property: 'to', type: 'string', enum: self::WAYS, description: 'factor: every amount; portions and tin: from other portions or another tin to those of the design'),
    new OA\Property(property: 'factor', type: 'number', description: 'with factor, 0.05 to 60'),
    new OA\Property(property: 'were', type: 'integer', description: 'with portions: the number the amounts were right for, 1 to 500'),
    new OA\Property(property: 'was', description: 'with tin: the tin the amounts were right for', ref: '#/components/schemas/Tin'),
])]
final class ScaleRequest extends FormRequest
{
    use ReadsDesign;

    public const WAYS = ['factor', 'portions', 'tin'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'design' => ['required', 'array'],
            'to' => ['required', Rule::in(self::WAYS)],
            'factor' => ['required_if:to,factor', 'numeric'],
            'were' => ['required_if:to,portions', 'integer', 'min:1', 'max:500'],
            'was' => ['required_if:to,tin', 'array'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'design.*' => 'Send the whole design.',
            'to.*' => 'Say what to scale to: factor, portions or tin.',
            'factor.*' => 'Scale by 0.05 to 60.',
            'were.*' => 'Say how many portions the amounts were right for, 1 to 500.',
            'was.*' => 'Say which tin the amounts were right for.',
        ];
    }

    /** @throws Refused */
    public function scaled(): Pie
    {
        $pie = $this->designAt('design');

        return match ($this->string('to')->toString()) {
            'factor' => Scaling::by($pie, $this->float('factor')),
            'portions' => Scaling::fromPortions($pie, $this->integer('were')),
            default => $this->fromTin($pie),
        };
    }

    private function fromTin(Pie $pie): Pie
    {
        $refusals = new Refusals;
        $was = TinParser::read(new Fields((array) $this->input('was'), '/was', $refusals));
        $refusals->throwIfAny();

        return Scaling::fromTin($pie, $was);
    }
}
