<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class PutTasting
{
    #[OA\Post(path: '/kitchens/{kitchen}/trials/{trial}/tastings', operationId: 'putTasting', summary: 'How one taster puts the pies of a trial in order.', tags: ['Record'], requestBody: new Body(TastingWish::class), responses: [
        new Answer(200, 'The trial', TrialAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not in your kitchen'),
        new Answer(422, 'Not every pie is in it once'),
    ])]
    #[InPath]
    #[InPath('trial')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $trial): JsonResponse
    {
        $here = InKitchen::of($request);
        $stored = StoredTrial::inKitchen($here, $trial);
        StoredTasting::put($stored, Body::read($request, TastingWish::class));

        return Json::response(TrialAnswer::of($here, $stored, $user->words()));
    }
}
