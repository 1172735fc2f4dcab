<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use App\Record\AcceptedSalt;
use Hojaldre\Core\Advice\OnHand\OnHand;
use Hojaldre\Core\Advice\OnHand\PieOnHand;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class FindOnHand
{
    #[OA\Post(path: '/kitchens/{kitchen}/on-hand', operationId: 'findOnHand', summary: 'Kinds and fillings that can be made of what is there, with their readings; nothing is stored.', tags: ['Advice'], requestBody: new Body(OnHandWish::class), responses: [
        new Answer(200, 'The best first', OnHandList::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Not a food known here'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $wish = Body::read($request, OnHandWish::class);
        $here = InKitchen::of($request);
        $have = $wish->foods($here);
        $words = $user->words();

        return Json::response(new OnHandList(array_map(static fn (PieOnHand $one): OnHandAnswer => OnHandAnswer::of($one, $words), OnHand::pies($have, $user->eggs, $wish->tin, AcceptedSalt::in($here)))));
    }
}
