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

final class ShowBookFigures
{
    #[OA\Get(path: '/kitchens/{kitchen}/book-figures', operationId: 'showBookFigures', summary: 'How good the forecasts were, and what fails most.', tags: ['Record'], responses: [
        new Answer(200, 'The figures of the book', BookFigures::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        return Json::response(BookFigures::of(InKitchen::of($request), $user->words()));
    }
}
