<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use Hojaldre\Core\Pie\Forecast;
use Hojaldre\Core\Pie\PieFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ForecastDesign
{
    #[OA\Post(path: '/kitchens/{kitchen}/forecast', operationId: 'forecastDesign', summary: 'What a design would do; nothing is stored.', tags: ['Pie'], requestBody: new Body('PieDesign'), responses: [
        new Answer(200, 'The forecast', 'Forecast'),
        new Answer(401, 'Not signed in', 'Problem'),
        new Answer(404, 'Not your kitchen', 'Problem'),
        new Answer(422, 'The design is refused, every fault with its mend', 'Problem'),
    ])]
    #[InPath]
    public function __invoke(Request $request): JsonResponse
    {
        return ForecastResource::of(Forecast::of(PieFile::read($request->getContent())));
    }
}
