<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Answer;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ShowSession
{
    #[OA\Get(path: '/session', operationId: 'showSession', summary: 'Who is signed in; also hands out the token for writes.', tags: ['Kitchen'], responses: [
        new Answer(200, 'The session', SessionAnswer::class),
    ])]
    public function __invoke(Request $request): JsonResponse
    {
        return SessionAnswer::of($request);
    }
}
