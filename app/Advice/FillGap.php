<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\User;
use Hojaldre\Core\Advice\GapFiller;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class FillGap
{
    #[OA\Post(path: '/kitchens/{kitchen}/custards', operationId: 'fillGap', summary: 'The three best custards for the gap of a design, from what is in the fridge.', tags: ['Advice'], requestBody: new Body(GapWish::class), responses: [
        new Answer(200, 'The answers, the best first', GapAnswers::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'The design or the fridge is refused, or there is no room'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $wish = Body::read($request, GapWish::class);
        $filler = new GapFiller($wish->design, $wish->fatPercent, $user->eggs);

        return Json::response(GapAnswers::of($filler, $filler->answers($wish->eggs, $wish->yolks, $wish->dairies)));
    }
}
