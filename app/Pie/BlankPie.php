<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\User;
use Hojaldre\Core\Pie\Pie;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class BlankPie
{
    #[OA\Get(path: '/kitchens/{kitchen}/pies/blank', operationId: 'blankPie', summary: 'A design to begin from: a lined tin with nothing in it.', tags: ['Pie'], responses: [
        new Answer(200, 'The design', Pie::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    public function __invoke(#[CurrentUser] User $user): JsonResponse
    {
        $blank = Pie::blank();

        return Json::response($blank->withBake($blank->bake->withColour($user->colour)));
    }
}
