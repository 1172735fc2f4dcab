<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\PieFile\PieFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ForecastDesign
{
    #[OA\Post(path: '/kitchens/{kitchen}/forecast', operationId: 'forecastDesign', summary: 'What a design would do; nothing is stored.', tags: ['Pie'], parameters: [
        new OA\QueryParameter(name: 'rough', required: false, description: '1 for a first answer from one coarse bake, without the report of the bake', schema: new OA\Schema(type: 'string', enum: ['0', '1'])),
    ], requestBody: new Body('PieDesign'), responses: [
        new Answer(200, 'The forecast', 'Forecast'),
        new Answer(401, 'Not signed in', 'Problem'),
        new Answer(404, 'Not your kitchen', 'Problem'),
        new Answer(422, 'The design is refused, every fault with its mend', 'Problem'),
    ])]
    #[InPath]
    public function __invoke(Request $request): JsonResponse
    {
        $pie = PieFile::read($request->getContent());

        return ForecastResource::of($request->query('rough') === '1' ? Forecast::roughly($pie) : Forecast::of($pie));
    }
}
