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

final class DropPhoto
{
    #[OA\Delete(path: '/kitchens/{kitchen}/bakes/{bake}/photos/{photo}', operationId: 'dropPhoto', summary: 'Throw a photo away.', tags: ['Record'], responses: [
        new Answer(200, 'The bake', BakeAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not in your kitchen'),
    ])]
    #[InPath]
    #[InPath('bake')]
    #[InPath('photo')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $bake, string $photo): JsonResponse
    {
        $stored = StoredBake::inKitchen(InKitchen::of($request), $bake);
        BakePhoto::ofBake($stored, $photo)->drop();

        return Json::response(BakeAnswer::of(RecordedBake::of($stored), $user->words()));
    }
}
