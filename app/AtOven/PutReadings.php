<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class PutReadings
{
    #[OA\Post(path: '/kitchens/{kitchen}/bakes/{bake}/readings', operationId: 'putBakeReadings', summary: 'What the probe in a bake measured. A time that is there already is not stored again.', tags: ['AtOven'], requestBody: new Body(ReadingsWish::class), responses: [
        new Answer(200, 'How many were new', EventsTaken::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not in your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    #[InPath('bake')]
    public function __invoke(Request $request, string $kitchen, string $bake): JsonResponse
    {
        return Json::response(new EventsTaken(StoredReading::put(StoredBake::inKitchen(InKitchen::of($request), $bake), Body::read($request, ReadingsWish::class)->readings)));
    }
}
