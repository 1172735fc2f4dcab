<?php

declare(strict_types=1);

namespace App\Label;

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

final class ShowLabel
{
    #[OA\Post(path: '/kitchens/{kitchen}/labels', operationId: 'showLabel', summary: 'The label of one piece of a pie.', tags: ['Label'], requestBody: new Body(LabelWish::class), responses: [
        new Answer(200, 'The label', LabelAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'It cannot be sold so'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        return Json::response(KitchenLabel::of(InKitchen::of($request), Body::read($request, LabelWish::class), $user->words()));
    }
}
