<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ListLessons
{
    #[OA\Get(path: '/kitchens/{kitchen}/lessons', operationId: 'listLessons', summary: 'What the kitchen has learned, and what of it is in use, by the bakes that were worked out.', tags: ['Record'], responses: [
        new Answer(200, 'The lessons', LessonList::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        return Json::response(Lessons::of(InKitchen::of($request), $user));
    }
}
