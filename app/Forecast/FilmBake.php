<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\PieFile\PieFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class FilmBake
{
    #[OA\Post(path: '/kitchens/{kitchen}/bake', operationId: 'filmBake', summary: 'The film of a bake: heat, water, set and colour over time; nothing is stored.', tags: ['Forecast'], requestBody: new Body(Pie::class), responses: [
        new Answer(200, 'The film', FilmedBake::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'The design is refused, every fault with its mend'),
    ])]
    #[InPath]
    public function __invoke(Request $request): JsonResponse
    {
        $bake = SimulatedBake::filmed(Weights::of(PieFile::read($request->getContent())));

        return Json::response(new FilmedBake($bake === null ? null : FilmAnswer::of($bake)));
    }
}
