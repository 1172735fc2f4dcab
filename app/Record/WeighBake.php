<?php

declare(strict_types=1);

namespace App\Record;

use App\AtOven\StoredBake;
use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class WeighBake
{
    #[OA\Put(path: '/kitchens/{kitchen}/bakes/{bake}/weighed', operationId: 'weighBake', summary: 'What the layers of a bake really weighed when they went in.', tags: ['Record'], requestBody: new Body(WeighedWish::class), responses: [
        new Answer(200, 'The bake', BakeAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not in your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    #[InPath('bake')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $bake): JsonResponse
    {
        $stored = StoredBake::inKitchen(InKitchen::of($request), $bake);
        $ids = array_map(static fn (Layer $layer): string => $layer->id(), $stored->pie()->layers);
        $layers = Body::read($request, WeighedWish::class)->layers;
        foreach ($layers as $index => $one) {
            if (! in_array($one->layer, $ids, true)) {
                throw Refused::because('no-such-layer', "/layers/$index/layer");
            }
        }
        $stored->fill(['weighed' => $layers === [] ? null : array_map(static fn (WeighedLayer $one): array => ['layer' => $one->layer, 'grams' => $one->grams], $layers)])->save();

        return Json::response(BakeAnswer::of(RecordedBake::of($stored), $user->words()));
    }
}
