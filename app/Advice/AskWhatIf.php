<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\User;
use Hojaldre\Core\Advice\WhatIf;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class AskWhatIf
{
    #[OA\Post(path: '/kitchens/{kitchen}/what-if', operationId: 'askWhatIf', summary: 'One thing changed by steps: what becomes of every reading, baked at each.', tags: ['Advice'], requestBody: new Body(WhatIfWish::class), responses: [
        new Answer(200, 'The points, in order', WhatIfAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'The design or the lever is refused'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $wish = Body::read($request, WhatIfWish::class);

        return Json::response(WhatIfAnswer::of(WhatIf::of($wish->design, $wish->lever), $user->words()));
    }
}
