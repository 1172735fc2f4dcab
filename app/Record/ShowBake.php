<?php

declare(strict_types=1);

namespace App\Record;

use App\AtOven\StoredBake;
use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ShowBake
{
    #[OA\Get(path: '/kitchens/{kitchen}/bakes/{bake}', operationId: 'showBake', summary: 'One bake: designed, done, measured, judged.', tags: ['Record'], responses: [
        new Answer(200, 'The bake', BakeAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not in your kitchen'),
    ])]
    #[InPath]
    #[InPath('bake')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $bake): JsonResponse
    {
        return Json::response(BakeAnswer::of(RecordedBake::of(StoredBake::inKitchen(InKitchen::of($request), $bake)), $user->words()));
    }
}
