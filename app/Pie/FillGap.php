<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use Hojaldre\Core\Custard\CustardStyle;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NamedGrams', required: ['name', 'grams'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'grams', type: 'number'),
])]
#[OA\Schema(schema: 'CustardAnswer', required: ['eggs', 'yolks', 'dairies', 'gramsPerEgg', 'verdict', 'fatPercent', 'leftOver', 'changes'], properties: [
    new OA\Property(property: 'eggs', type: 'integer'),
    new OA\Property(property: 'yolks', type: 'integer'),
    new OA\Property(property: 'dairies', type: 'array', items: new OA\Items(ref: '#/components/schemas/NamedGrams')),
    new OA\Property(property: 'gramsPerEgg', type: 'number', description: 'dairy plus weep, g to an egg'),
    new OA\Property(property: 'verdict', type: 'string', enum: ['firm', 'holds', 'loose'], description: 'for the style of the design'),
    new OA\Property(property: 'fatPercent', type: 'number', description: 'of the custard by weight'),
    new OA\Property(property: 'leftOver', type: 'array', items: new OA\Items(ref: '#/components/schemas/NamedGrams')),
    new OA\Property(property: 'changes', type: 'array', items: new OA\Items(ref: '#/components/schemas/Change')),
])]
#[OA\Schema(schema: 'CustardAnswers', required: ['gapMl', 'aim', 'schools', 'answers'], properties: [
    new OA\Property(property: 'schools', type: 'array', description: 'where the styles lie', items: new OA\Items(
        type: 'object', required: ['style', 'gramsPerEgg'],
        properties: [new OA\Property(property: 'style', type: 'string'), new OA\Property(property: 'gramsPerEgg', type: 'number')],
    )),
    new OA\Property(property: 'gapMl', type: 'number', description: 'room the solids leave'),
    new OA\Property(property: 'aim', type: 'object', required: ['gramsPerEgg', 'fatPercent'], properties: [
        new OA\Property(property: 'gramsPerEgg', type: 'number'),
        new OA\Property(property: 'fatPercent', type: 'number'),
    ]),
    new OA\Property(property: 'answers', type: 'array', maxItems: 3, items: new OA\Items(ref: '#/components/schemas/CustardAnswer')),
])]
final class FillGap
{
    #[OA\Post(path: '/kitchens/{kitchen}/custards', operationId: 'fillGap', summary: 'The three best custards for the gap of a design, from what is in the fridge.', tags: ['Pie'], requestBody: new Body('FillGap'), responses: [
        new Answer(200, 'The answers, the best first', 'CustardAnswers'),
        new Answer(401, 'Not signed in', 'Problem'),
        new Answer(404, 'Not your kitchen', 'Problem'),
        new Answer(422, 'The design or the fridge is refused, or there is no room', 'Problem'),
    ])]
    #[InPath]
    public function __invoke(FillGapRequest $request): JsonResponse
    {
        $filler = $request->filler();

        return new JsonResponse([
            'gapMl' => round($filler->gapMl, 1),
            'aim' => ['gramsPerEgg' => $filler->gramsPerEgg, 'fatPercent' => $filler->fatPercent],
            'schools' => array_map(static fn (CustardStyle $style): array => ['style' => $style->value, 'gramsPerEgg' => $style->aimGrams()], CustardStyle::cases()),
            'answers' => $filler->answers($request->integer('eggs'), $request->integer('yolks'), $request->dairies()),
        ]);
    }
}
