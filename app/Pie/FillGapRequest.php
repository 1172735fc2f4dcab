<?php

declare(strict_types=1);

namespace App\Pie;

use App\Kitchen\User;
use Hojaldre\Core\Advice\GapFiller;
use Hojaldre\Core\Custard\Solver\CustardSolver;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Refusal\Fields;
use Hojaldre\Core\Refusal\Refusals;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'FillGap', required: ['design', 'eggs', 'yolks', 'dairies', 'fatPercent'], properties: [
    new OA\Property(property: 'design', ref: '#/components/schemas/PieDesign'),
    new OA\Property(property: 'eggs', type: 'integer', minimum: 0, maximum: CustardSolver::MOST_EGGS, description: 'whole eggs in the fridge'),
    new OA\Property(property: 'yolks', type: 'integer', minimum: 0, maximum: CustardSolver::MOST_YOLKS, description: 'spare yolks'),
    new OA\Property(property: 'dairies', type: 'array', maxItems: CustardSolver::MOST_DAIRIES, items: new OA\Items(
        type: 'object', required: ['food', 'mostGrams'],
        properties: [
            new OA\Property(property: 'food', ref: '#/components/schemas/Food'),
            new OA\Property(property: 'mostGrams', type: 'number', nullable: true, description: 'how much there is, g; null where more can be bought'),
        ],
    )),
    new OA\Property(property: 'fatPercent', type: 'number', nullable: true, minimum: 0, maximum: 60, description: 'richness to aim at; null: as the custard is now'),
])]
final class FillGapRequest extends FormRequest
{
    use ReadsDesign;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'design' => ['required', 'array'],
            'eggs' => ['required', 'integer', 'min:0', 'max:'.CustardSolver::MOST_EGGS],
            'yolks' => ['required', 'integer', 'min:0', 'max:'.CustardSolver::MOST_YOLKS],
            'dairies' => ['present', 'array', 'max:'.CustardSolver::MOST_DAIRIES],
            'fatPercent' => ['present', 'nullable', 'numeric', 'min:0', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'design.*' => 'Send the whole design.',
            'eggs.*' => 'Say how many whole eggs there are, 0 to '.CustardSolver::MOST_EGGS.'.',
            'yolks.*' => 'Say how many spare yolks there are, 0 to '.CustardSolver::MOST_YOLKS.'.',
            'dairies.*' => 'Choose at most '.CustardSolver::MOST_DAIRIES.' dairies.',
            'fatPercent.*' => 'Write a richness from 0 to 60 % fat.',
        ];
    }

    public function filler(): GapFiller
    {
        $user = $this->user();

        return new GapFiller($this->designAt('design'), $this->input('fatPercent') === null ? null : $this->float('fatPercent'), $user instanceof User ? $user->eggs : 'us');
    }

    /**
     * @return list<array{food: Food, mostGrams: float|null}>
     *
     * @throws Refused
     */
    public function dairies(): array
    {
        $refusals = new Refusals;
        $dairies = array_map(static fn (Fields $one): array => [
            'food' => Food::read($one->object('food')),
            'mostGrams' => $one->numberOrNull('mostGrams', 0, 50000, 'g'),
        ], (new Fields(['dairies' => $this->input('dairies')], '', $refusals))->objects('dairies', CustardSolver::MOST_DAIRIES));
        $refusals->throwIfAny();

        return $dairies;
    }
}
