<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ShowLive
{
    #[OA\Get(path: '/kitchens/{kitchen}/at-oven/live', operationId: 'showLive', summary: 'What was pressed and measured of the pies at the oven, and what follows of it. Screens ask every two seconds.', tags: ['AtOven'], parameters: [
        new OA\QueryParameter(name: 'at', required: true, schema: new OA\Schema(type: 'integer'), description: 'Now, by the clock of the device, ms since 1970'),
    ], responses: [
        new Answer(200, 'The pies', LiveAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $here = InKitchen::of($request);
        $at = $request->integer('at') / 1000;
        $words = $user->words();
        $bakes = StoredBake::atOven($here);
        $events = StoredEvent::of($here->id, array_map(static fn (StoredBake $one): string => $one->id, $bakes));

        return Json::response(new LiveAnswer(array_map(static fn (StoredBake $bake): LiveBakeAnswer => LiveBakeAnswer::of($bake, $events[$bake->id], $at, $words), $bakes)));
    }
}
