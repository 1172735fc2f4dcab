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

final class WorkOutLessons
{
    #[OA\Post(path: '/kitchens/{kitchen}/lessons', operationId: 'workOutLessons', summary: 'Works out what a few of the newest bakes say, keeps it, and tells what the kitchen has learned. Ask again while some are left.', tags: ['Record'], responses: [
        new Answer(200, 'The lessons', LessonList::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        return Json::response(Lessons::of(InKitchen::of($request), $user, worksOut: true));
    }
}
