<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use App\People\Deed;
use App\People\KitchenAct;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ArchivePie
{
    #[OA\Put(path: '/kitchens/{kitchen}/pies/{pie}/archived', operationId: 'archivePie', summary: 'Put a pie away, or take it out again; nothing is deleted.', tags: ['Pie'], requestBody: new Body(ArchiveWish::class), responses: [
        new Answer(200, 'The pie', PieAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not in your kitchen'),
        new Answer(422, 'Not filled in'),
    ])]
    #[InPath]
    #[InPath('pie')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $pie): JsonResponse
    {
        $stored = StoredPie::inKitchen(InKitchen::of($request), $pie);
        $stored->update(['archived_at' => Body::read($request, ArchiveWish::class)->archived ? ($stored->archived_at ?? now()) : null]);

        KitchenAct::note(InKitchen::of($request), $user->name, $stored->archived_at === null ? Deed::PieTakenOut : Deed::PiePutAway, $stored->name);

        return PieAnswer::of($stored, $stored->newest(), $user->words());
    }
}
