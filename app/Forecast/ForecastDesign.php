<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\User;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\PieFile\PieFile;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ForecastDesign
{
    #[OA\Post(path: '/kitchens/{kitchen}/forecast', operationId: 'forecastDesign', summary: 'What a design would do; nothing is stored.', tags: ['Forecast'], requestBody: new Body(Pie::class), responses: [
        new Answer(200, 'The forecast', ForecastAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'The design is refused, every fault with its mend'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $kept = KeptAnswers::to($user->temperatures->value.$request->getContent());
        $answer = $kept->answer();
        if ($answer !== null) {
            return JsonResponse::fromJsonString($answer);
        }
        $response = Json::response(ForecastAnswer::of(Forecast::of(PieFile::read($request->getContent())), $user->words()));
        $kept->keep((string) $response->getContent());

        return $response;
    }
}
