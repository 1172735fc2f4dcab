<?php

declare(strict_types=1);

namespace App\Record;

use App\AtOven\StoredBake;
use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Hojaldre\Core\Record\FaultFinder;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class FindCauses
{
    #[OA\Get(path: '/kitchens/{kitchen}/bakes/{bake}/causes', operationId: 'findCauses', summary: 'Why a bake went wrong: causes by likelihood, with what speaks for and against each. Found by baking it again.', tags: ['Record'], responses: [
        new Answer(200, 'The causes', CauseList::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not in your kitchen'),
    ])]
    #[InPath]
    #[InPath('bake')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $bake): JsonResponse
    {
        $words = $user->words();
        $done = RecordedBake::of(StoredBake::inKitchen(InKitchen::of($request), $bake))->doneBake();

        return Json::response(new CauseList(array_map(static fn (FaultFinder $found): FindingAnswer => FindingAnswer::of($found, $done, $words), FaultFinder::all($done))));
    }
}
