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

final class ShowAtOven
{
    #[OA\Get(path: '/kitchens/{kitchen}/at-oven', operationId: 'showAtOven', summary: 'The pies that wait for the oven, are in it, or rest: what does not change while they bake.', tags: ['AtOven'], responses: [
        new Answer(200, 'The pies', AtOvenAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $here = InKitchen::of($request);
        $words = $user->words();

        return Json::response(new AtOvenAnswer(array_map(static fn (StoredBake $bake): BakeAtOvenAnswer => BakeAtOvenAnswer::of($bake, StoredBake::nextTimeOf($here->id, $bake->pie_id), $words), StoredBake::atOven($here))));
    }
}
