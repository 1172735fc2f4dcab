<?php

declare(strict_types=1);

namespace App\Measure;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ReadEntry
{
    #[OA\Post(path: '/kitchens/{kitchen}/entries', operationId: 'readEntry', summary: "Turn a cook's words for an amount into a number.", tags: ['Measure'], requestBody: new Body(EntryWords::class), responses: [
        new Answer(200, 'What it comes to', EntryAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Not understood, with what to write instead'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        return Json::response(EntryAnswer::of(Body::read($request, EntryWords::class)->read($user->cookUnits(), $user->temperatures), $user->words()));
    }
}
