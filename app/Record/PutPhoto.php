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

final class PutPhoto
{
    #[OA\Post(path: '/kitchens/{kitchen}/bakes/{bake}/photos', operationId: 'putPhoto', summary: 'A photo of a bake: JPEG, at most 2 MB. What it says of place, device and person is left out.', tags: ['Record'], requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'image/jpeg', schema: new OA\Schema(type: 'string', format: 'binary'))), responses: [
        new Answer(200, 'The bake', BakeAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not in your kitchen'),
        new Answer(422, 'It is no photo, or the bake has enough of them'),
    ])]
    #[InPath]
    #[InPath('bake')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $bake): JsonResponse
    {
        $stored = StoredBake::inKitchen(InKitchen::of($request), $bake);
        BakePhoto::put($stored, JpegFile::of($request->getContent()), $user->name);

        return Json::response(BakeAnswer::of(RecordedBake::of($stored), $user->words()));
    }
}
