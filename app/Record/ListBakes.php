<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ListBakes
{
    #[OA\Get(path: '/kitchens/{kitchen}/bakes', operationId: 'listBakes', summary: 'The bake book: 25 bakes a page, the newest first.', tags: ['Record'], parameters: [
        new OA\QueryParameter(name: 'find', schema: new OA\Schema(type: 'string'), description: 'Words, each of which is in it: pie, food, oven, fault'),
        new OA\QueryParameter(name: 'which', schema: new OA\Schema(type: 'string'), description: 'all, to-judge, wrong, pie:NAME, oven:NAME'),
        new OA\QueryParameter(name: 'page', schema: new OA\Schema(type: 'integer'), description: 'From 0'),
    ], responses: [
        new Answer(200, 'A page of the book', BookAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        return Json::response(Book::page(InKitchen::of($request), $request->string('find')->toString(), $request->string('which', 'all')->toString(), max(0, $request->integer('page')), $user->words()));
    }
}
