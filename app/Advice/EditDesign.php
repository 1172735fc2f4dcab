<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Forecast\ForecastAnswer;
use App\Kitchen\User;
use App\Measure\EntryAnswer;
use Hojaldre\Core\Forecast\Forecast;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class EditDesign
{
    #[OA\Post(path: '/kitchens/{kitchen}/edits', operationId: 'editDesign', summary: 'Words typed into a design: what they come to, what they change, and a first forecast; nothing is stored.', tags: ['Advice'], requestBody: new Body(EditWish::class), responses: [
        new Answer(200, 'What came of it', EditAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Not understood, or no design any more, with what to write instead'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $wish = Body::read($request, EditWish::class);
        $entry = $wish->read($user);
        $words = $user->words();
        if ($entry === null) {
            return Json::response(new EditAnswer(null, [], ForecastAnswer::of(Forecast::roughly($wish->design), $words)));
        }
        $typed = $wish->typedIn($entry, $user);

        return Json::response(new EditAnswer(EntryAnswer::of($entry, $words), array_map(ChangeAnswer::of(...), $typed->changes), ForecastAnswer::of(Forecast::roughly($typed->pie), $words)));
    }
}
