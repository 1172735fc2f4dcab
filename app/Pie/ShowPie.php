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

final class ShowPie
{
    #[OA\Get(path: '/kitchens/{kitchen}/pies/{pie}', operationId: 'showPie', summary: 'A pie at its newest revision, with its forecast.', tags: ['Pie'], responses: [
        new Answer(200, 'The pie', PieAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not in your kitchen'),
    ])]
    #[InPath]
    #[InPath('pie')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $pie): JsonResponse
    {
        $stored = StoredPie::inKitchen(InKitchen::of($request), $pie);

        return PieAnswer::of($stored, $stored->newest(), $user->words());
    }
}
