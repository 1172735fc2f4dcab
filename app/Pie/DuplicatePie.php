<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use App\People\Deed;
use App\People\KitchenAct;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class DuplicatePie
{
    #[OA\Post(path: '/kitchens/{kitchen}/pies/{pie}/duplicate', operationId: 'duplicatePie', summary: 'Put down a copy of a pie at its newest revision.', tags: ['Pie'], responses: [
        new Answer(201, 'The copy', PieAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not in your kitchen'),
    ])]
    #[InPath]
    #[InPath('pie')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $pie): JsonResponse
    {
        $inKitchen = InKitchen::of($request);
        $design = StoredPie::inKitchen($inKitchen, $pie)->newest()->pie();
        $copy = $design->withName(mb_substr($design->name, 0, 114).', copy');

        $stored = StoredPie::putDown($inKitchen, $user, $copy);

        KitchenAct::note($inKitchen, $user->name, Deed::PieCopied, $stored->name);

        return PieAnswer::of($stored, $stored->newest(), $user->words(), 201);
    }
}
