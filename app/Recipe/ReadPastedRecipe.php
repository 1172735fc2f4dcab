<?php

declare(strict_types=1);

namespace App\Recipe;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Food\KitchenFood;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Hojaldre\Core\Food\Names;
use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Recipe\RecipeReader;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ReadPastedRecipe
{
    #[OA\Post(path: '/kitchens/{kitchen}/recipes', operationId: 'readRecipe', summary: 'Read a pasted recipe: a pie with what the recipe leaves unsaid; nothing is stored.', tags: ['Recipe'], requestBody: new Body(RecipeWish::class), responses: [
        new Answer(200, 'What was read', RecipeAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Nothing pasted, or too much'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $wish = Body::read($request, RecipeWish::class);
        $read = RecipeReader::read($wish->text, Names::with(KitchenFood::ownOf(InKitchen::of($request))), $wish->volumes === null ? null : CookUnits::of($wish->volumes), $user->eggs, $wish->kind);

        return Json::response(RecipeAnswer::of($read, $user->words()));
    }
}
