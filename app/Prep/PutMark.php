<?php

declare(strict_types=1);

namespace App\Prep;

use App\Batch\StoredBatch;
use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Hojaldre\Core\Batch\Prep\ActKind;
use Hojaldre\Core\Batch\Prep\PrepAct;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class PutMark
{
    #[OA\Put(path: '/kitchens/{kitchen}/batches/{batch}/marks', operationId: 'putMark', summary: 'Say how far an act of a batch is. What was weighed at the end is kept as evidence of its yield.', tags: ['Prep'], requestBody: new Body(MarkWish::class), responses: [
        new Answer(200, 'All marks of the batch', MarkList::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not in your kitchen'),
        new Answer(422, 'Something in it is refused'),
    ])]
    #[InPath]
    #[InPath('batch')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $batch): JsonResponse
    {
        $here = InKitchen::of($request);
        $stored = StoredBatch::inKitchen($here, $batch);
        $mark = Body::read($request, MarkWish::class);
        PrepMark::put($stored, $mark, $user->name);
        $act = $mark->tareGrams === null || $mark->readsGrams === null ? null : self::act($request, $stored, $mark->act);
        if ($act?->kind === ActKind::Cook && $mark->isDone) {
            KitchenYield::put($stored, $act, $mark, $user->name);
        } else {
            KitchenYield::drop($stored, $mark->act);
        }

        return Json::response(new MarkList(array_map(MarkAnswer::of(...), PrepMark::of($stored))));
    }

    private static function act(Request $request, StoredBatch $stored, string $id): ?PrepAct
    {
        foreach (BatchPrep::of(InKitchen::of($request), $stored->document())->prep->acts as $act) {
            if ($act->id === $id) {
                return $act;
            }
        }

        return null;
    }
}
