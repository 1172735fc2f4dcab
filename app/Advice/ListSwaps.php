<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\User;
use Hojaldre\Core\Advice\Swap;
use Hojaldre\Core\Advice\Swaps;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ListSwaps
{
    #[OA\Post(path: '/kitchens/{kitchen}/swaps', operationId: 'listSwaps', summary: 'What can stand in for one food of a design, and what that moves.', tags: ['Advice'], requestBody: new Body(SwapWish::class), responses: [
        new Answer(200, 'The nearest first', SwapList::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'The design or the place is refused'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $wish = Body::read($request, SwapWish::class);
        $words = $user->words();

        return Json::response(new SwapList(array_map(static fn (Swap $one): SwapAnswer => SwapAnswer::of($one, $words), Swaps::of($wish->design, $wish->at))));
    }
}
