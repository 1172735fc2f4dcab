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

final class DropTasting
{
    #[OA\Delete(path: '/kitchens/{kitchen}/trials/{trial}/tastings/{tasting}', operationId: 'dropTasting', summary: 'Take back what one taster said.', tags: ['Record'], responses: [
        new Answer(200, 'The trial', TrialAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not in your kitchen'),
    ])]
    #[InPath]
    #[InPath('trial')]
    #[InPath('tasting')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $trial, string $tasting): JsonResponse
    {
        $here = InKitchen::of($request);
        $stored = StoredTrial::inKitchen($here, $trial);
        StoredTasting::drop($stored, $tasting);

        return Json::response(TrialAnswer::of($here, $stored, $user->words()));
    }
}
