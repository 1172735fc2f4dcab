<?php

declare(strict_types=1);

namespace App\People;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ListActs
{
    private const A_PAGE = 50;

    #[OA\Get(path: '/kitchens/{kitchen}/acts', operationId: 'listActs', summary: 'What was done in the kitchen by whom, the newest first, fifty at a time.', tags: ['People'], responses: [
        new Answer(200, 'What was done', ActList::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    #[OA\QueryParameter(name: 'before', description: 'only those before this one', schema: new OA\Schema(type: 'integer', minimum: 1))]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $before = $request->query('before');
        $acts = KitchenAct::query()->where('kitchen_id', InKitchen::of($request)->id)
            ->when(is_string($before) && ctype_digit($before), static fn ($query) => $query->where('id', '<', $before))
            ->orderByDesc('id')->limit(self::A_PAGE + 1)->get();
        $page = $acts->take(self::A_PAGE);
        $last = $page->last();

        return Json::response(new ActList(
            array_values($page->map(static fn (KitchenAct $one): ActAnswer => ActAnswer::of($one, $user->words()))->all()),
            $acts->count() > self::A_PAGE && $last !== null ? $last->id : null,
        ));
    }
}
