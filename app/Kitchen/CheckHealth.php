<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Answer;
use App\Contract\Ok;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

final class CheckHealth
{
    #[OA\Get(path: '/health', operationId: 'checkHealth', summary: 'Whether the app reaches its database.', tags: ['Kitchen'], responses: [
        new Answer(200, 'Well', Ok::class),
        new Answer(500, 'Not well'),
    ])]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(new Ok(DB::scalar('select 1') === 1));
    }
}
