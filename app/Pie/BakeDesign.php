<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use Hojaldre\Core\Forecast\BakeFilm;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\PieFile\PieFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class BakeDesign
{
    #[OA\Post(path: '/kitchens/{kitchen}/bake', operationId: 'bakeDesign', summary: 'The film of a bake: heat, water, set and colour over time; nothing is stored.', tags: ['Pie'], requestBody: new Body('PieDesign'), responses: [
        new Answer(200, 'The film', 'FilmedBake'),
        new Answer(401, 'Not signed in', 'Problem'),
        new Answer(404, 'Not your kitchen', 'Problem'),
        new Answer(422, 'The design is refused, every fault with its mend', 'Problem'),
    ])]
    #[InPath]
    public function __invoke(Request $request): JsonResponse
    {
        $baked = SimulatedBake::filmed(PieFile::read($request->getContent()));

        return new JsonResponse(['film' => $baked === null ? null : BakeFilm::of($baked)]);
    }
}
