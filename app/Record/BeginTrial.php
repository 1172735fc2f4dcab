<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class BeginTrial
{
    #[OA\Post(path: '/kitchens/{kitchen}/trials', operationId: 'beginTrial', summary: 'Begin a trial of one change: two to four pies.', tags: ['Record'], requestBody: new Body(TrialWish::class), responses: [
        new Answer(201, 'The trial', TrialAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $here = InKitchen::of($request);

        return Json::response(TrialAnswer::of($here, StoredTrial::begin($here, Body::read($request, TrialWish::class), $user->name), $user->words()), 201);
    }
}
