<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use Hojaldre\Core\Advice\ShellAdvice;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\PieFile\PieFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ShellAdvice', required: ['choice', 'why', 'options', 'without', 'weights'], properties: [
    new OA\Property(property: 'choice', type: 'string', enum: ['no', 'par-bake', 'bake through']),
    new OA\Property(property: 'why', type: 'string'),
    new OA\Property(property: 'options', type: 'array', items: new OA\Items(type: 'object', required: ['name', 'minutes', 'basePercent', 'verdict', 'rim', 'stages'], properties: [
        new OA\Property(property: 'name', type: 'string', enum: ['no', 'par-bake', 'bake through']),
        new OA\Property(property: 'minutes', type: 'number'),
        new OA\Property(property: 'basePercent', type: 'number', description: 'wet basis, 20 min out of the oven'),
        new OA\Property(property: 'verdict', type: 'string'),
        new OA\Property(property: 'rim', type: 'string'),
        new OA\Property(property: 'stages', type: 'array', items: new OA\Items(type: 'object', required: ['how', 'minutes', 'ovenCelsius', 'look'], properties: [
            new OA\Property(property: 'how', type: 'string', enum: ShellStage::HOWS),
            new OA\Property(property: 'minutes', type: 'number'),
            new OA\Property(property: 'ovenCelsius', type: 'number'),
            new OA\Property(property: 'look', type: 'string'),
        ])),
    ])),
    new OA\Property(property: 'without', type: 'string', description: 'the best for a cook who never bakes a shell blind'),
    new OA\Property(property: 'weights', type: 'object', required: ['millilitres', 'grams'], properties: [
        new OA\Property(property: 'millilitres', type: 'number'),
        new OA\Property(property: 'grams', type: 'array', items: new OA\Items(ref: '#/components/schemas/NamedGrams')),
    ]),
])]
#[OA\Schema(schema: 'ShellAnswer', required: ['shell'], properties: [
    new OA\Property(property: 'shell', nullable: true, description: 'null where there is no shell to bake blind', oneOf: [new OA\Schema(ref: '#/components/schemas/ShellAdvice')]),
])]
final class AdviseShell
{
    #[OA\Post(path: '/kitchens/{kitchen}/shell', operationId: 'adviseShell', summary: 'Par-bake or not, with the minutes, the looks and the weights.', tags: ['Pie'], requestBody: new Body('PieDesign'), responses: [
        new Answer(200, 'The advice', 'ShellAnswer'),
        new Answer(401, 'Not signed in', 'Problem'),
        new Answer(404, 'Not your kitchen', 'Problem'),
        new Answer(422, 'The design is refused, every fault with its mend', 'Problem'),
    ])]
    #[InPath]
    public function __invoke(Request $request): JsonResponse
    {
        return new JsonResponse(['shell' => ShellAdvice::of(PieFile::read($request->getContent()))]);
    }
}
