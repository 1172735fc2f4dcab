<?php

declare(strict_types=1);

namespace App\Recipe;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use App\Pie\StoredPie;
use App\Problem\Problem;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;

final class ExportRecipe
{
    private const MOST = 200;

    #[OA\Get(path: '/kitchens/{kitchen}/pies/{pie}/recipe', operationId: 'exportRecipe', summary: 'A pie written out for a friend: plain text, and a Recipe of the vocabulary of schema.org.', tags: ['Recipe'], responses: [
        new Answer(200, 'Both', WrittenRecipe::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not in your kitchen'),
        new Answer(422, 'Not a count'),
    ])]
    #[InPath]
    #[InPath('pie')]
    #[OA\QueryParameter(name: 'count', description: 'how many such pies are weighed out at once; 1 where it is left out', schema: new OA\Schema(type: 'integer', minimum: 1, maximum: self::MOST))]
    public function __invoke(Request $request, string $kitchen, string $pie, #[CurrentUser] User $user): JsonResponse
    {
        $design = StoredPie::inKitchen(InKitchen::of($request), $pie)->newest()->pie();
        $recipe = RecipeText::of($design, $user->words(), self::count($request));

        return Json::response(new WrittenRecipe(
            Str::slug($design->name) ?: 'pie', $recipe->plain(), json_encode($recipe->linked(), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n", $recipe->ingredients, $recipe->method,
        ));
    }

    private static function count(Request $request): int
    {
        $asked = $request->query('count', '1');
        if (! is_string($asked) || ! ctype_digit($asked) || (int) $asked < 1 || (int) $asked > self::MOST) {
            throw Problem::refused('not-a-count', '/count');
        }

        return (int) $asked;
    }
}
