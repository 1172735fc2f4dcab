<?php

declare(strict_types=1);

namespace App\Recipe;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use App\Pie\StoredPie;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;

final class ExportRecipe
{
    #[OA\Get(path: '/kitchens/{kitchen}/pies/{pie}/recipe', operationId: 'exportRecipe', summary: 'A pie written out for a friend: plain text, and a Recipe of the vocabulary of schema.org.', tags: ['Recipe'], responses: [
        new Answer(200, 'Both', WrittenRecipe::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not in your kitchen'),
    ])]
    #[InPath]
    #[InPath('pie')]
    public function __invoke(Request $request, string $kitchen, string $pie, #[CurrentUser] User $user): JsonResponse
    {
        $design = StoredPie::inKitchen(InKitchen::of($request), $pie)->newest()->pie();
        $recipe = RecipeText::of($design, $user->words());

        return Json::response(new WrittenRecipe(
            Str::slug($design->name) ?: 'pie', $recipe->plain(), json_encode($recipe->linked(), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n",
        ));
    }
}
