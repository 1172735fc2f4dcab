<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ShowRevision
{
    #[OA\Get(path: '/kitchens/{kitchen}/pies/{pie}/revisions/{number}', operationId: 'showRevision', summary: 'A pie as it was at one revision.', tags: ['Pie'], responses: [
        new Answer(200, 'The pie as it was', PieAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not in your kitchen, or no such revision'),
    ])]
    #[InPath]
    #[InPath('pie')]
    #[InPath('number', 'integer', null)]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $pie, int $number): JsonResponse
    {
        $stored = StoredPie::inKitchen(InKitchen::of($request), $pie);

        return PieAnswer::of($stored, $stored->revisionNumbered($number), $user->words());
    }
}
