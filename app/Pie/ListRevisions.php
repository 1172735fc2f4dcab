<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'RevisionList', required: ['revisions'], properties: [
    new OA\Property(property: 'revisions', type: 'array', items: new OA\Items(ref: '#/components/schemas/Revision')),
])]
final class ListRevisions
{
    private const MOST = 100;

    #[OA\Get(path: '/kitchens/{kitchen}/pies/{pie}/revisions', operationId: 'listRevisions', summary: 'The last hundred revisions, newest first.', tags: ['Pie'], responses: [
        new Answer(200, 'The revisions', 'RevisionList'),
        new Answer(401, 'Not signed in', 'Problem'),
        new Answer(404, 'Not in your kitchen', 'Problem'),
    ])]
    #[InPath]
    #[InPath('pie')]
    public function __invoke(Request $request, string $kitchen, string $pie): JsonResponse
    {
        $revisions = StoredPie::inKitchen(InKitchen::of($request), $pie)->revisions()->orderByDesc('number')->limit(self::MOST)->get();

        return new JsonResponse(['revisions' => $revisions->map(RevisionResource::of(...))->all()]);
    }
}
