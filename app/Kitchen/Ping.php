<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Answer;
use App\Contract\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** The empty answer: what any request of this app costs at least. */
final class Ping
{
    #[OA\Get(path: '/ping', operationId: 'ping', summary: 'An empty answer.', tags: ['Kitchen'], responses: [new Answer(200, 'Here', Ok::class)])]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(new Ok);
    }
}
