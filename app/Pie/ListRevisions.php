<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ListRevisions
{
    private const MOST = 100;

    #[OA\Get(path: '/kitchens/{kitchen}/pies/{pie}/revisions', operationId: 'listRevisions', summary: 'The last hundred revisions, newest first.', tags: ['Pie'], responses: [
        new Answer(200, 'The revisions', RevisionList::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not in your kitchen'),
    ])]
    #[InPath]
    #[InPath('pie')]
    public function __invoke(Request $request, string $kitchen, string $pie): JsonResponse
    {
        $revisions = StoredPie::inKitchen(InKitchen::of($request), $pie)->revisions()->orderByDesc('number')->limit(self::MOST)->get();

        return Json::response(new RevisionList(array_values($revisions->map(RevisionAnswer::of(...))->all())));
    }
}
