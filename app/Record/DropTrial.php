<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class DropTrial
{
    #[OA\Delete(path: '/kitchens/{kitchen}/trials/{trial}', operationId: 'dropTrial', summary: 'Throw a trial away, with what its tasters said. Its bakes stay in the book.', tags: ['Record'], responses: [
        new Answer(200, 'The trials that are left', TrialList::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not in your kitchen'),
    ])]
    #[InPath]
    #[InPath('trial')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $trial): JsonResponse
    {
        $here = InKitchen::of($request);
        StoredTrial::inKitchen($here, $trial)->delete();

        return Json::response(TrialList::of($here, $user->words()));
    }
}
