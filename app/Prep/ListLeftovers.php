<?php

declare(strict_types=1);

namespace App\Prep;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ListLeftovers
{
    #[OA\Get(path: '/kitchens/{kitchen}/leftovers', operationId: 'listLeftovers', summary: 'What is left over in the fridge and frozen, with its use-by.', tags: ['Prep'], responses: [
        new Answer(200, 'What is there', LeftoverList::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    public function __invoke(Request $request): JsonResponse
    {
        $words = User::wordsOf($request);

        return Json::response(new LeftoverList(array_map(static fn (KitchenLeftover $one): LeftoverAnswer => LeftoverAnswer::of($one, $words), KitchenLeftover::of(InKitchen::of($request)))));
    }
}
