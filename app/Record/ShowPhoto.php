<?php

declare(strict_types=1);

namespace App\Record;

use App\AtOven\StoredBake;
use App\Contract\Answer;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final class ShowPhoto
{
    #[OA\Get(path: '/kitchens/{kitchen}/bakes/{bake}/photos/{photo}', operationId: 'showPhoto', summary: 'A photo of a bake.', tags: ['Record'], responses: [
        new OA\Response(response: 200, description: 'The picture', content: new OA\MediaType(mediaType: 'image/jpeg', schema: new OA\Schema(type: 'string'))),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not in your kitchen'),
    ])]
    #[InPath]
    #[InPath('bake')]
    #[InPath('photo')]
    public function __invoke(Request $request, string $kitchen, string $bake, string $photo): BinaryFileResponse
    {
        $found = BakePhoto::ofBake(StoredBake::inKitchen(InKitchen::of($request), $bake), $photo);

        return new BinaryFileResponse($found->path(), 200, ['Content-Type' => 'image/jpeg'], public: false);
    }
}
