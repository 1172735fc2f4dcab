<?php

declare(strict_types=1);

namespace App\People;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ListPeople
{
    #[OA\Get(path: '/kitchens/{kitchen}/people', operationId: 'listPeople', summary: 'Who cooks in the kitchen, and who is asked in.', tags: ['People'], responses: [
        new Answer(200, 'The people', PeopleAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        return PeopleAnswer::of(InKitchen::of($request), $user);
    }
}
