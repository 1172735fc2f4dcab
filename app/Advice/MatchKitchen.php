<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\User;
use Hojaldre\Core\Advice\KitchenMatch;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class MatchKitchen
{
    #[OA\Post(path: '/kitchens/{kitchen}/matches', operationId: 'matchKitchen', summary: 'The oven, the heat from below and the weep that explain best how a bake came out.', tags: ['Advice'], requestBody: new Body(MatchWish::class), responses: [
        new Answer(200, 'What explains it, and what the forecast says with it', MatchFound::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'The design or what was told is refused'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $wish = Body::read($request, MatchWish::class);
        $match = KitchenMatch::of($wish->design, $wish->told);

        return Json::response(new MatchFound($match === null ? null : MatchAnswer::of($match, $user->words())));
    }
}
