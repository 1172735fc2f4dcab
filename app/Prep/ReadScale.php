<?php

declare(strict_types=1);

namespace App\Prep;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ReadScale
{
    #[OA\Get(path: '/kitchens/{kitchen}/scale-reading', operationId: 'readScale', summary: 'What the scale of the kitchen reads now; it never waits for one that is gone.', tags: ['Prep'], responses: [
        new Answer(200, 'The reading, or that there is none', ScaleAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    public function __invoke(): JsonResponse
    {
        $address = config('app.scale');

        return Json::response(ScaleAnswer::from(is_string($address) ? $address : ''));
    }
}
