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

final class SavePie
{
    #[OA\Post(path: '/kitchens/{kitchen}/pies/{pie}/revisions', operationId: 'savePie', summary: 'Add a revision on top of the one it was based on.', tags: ['Pie'], requestBody: new Body(PieToSave::class), responses: [
        new Answer(200, 'The pie at its new revision', PieAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not in your kitchen'),
        new Answer(409, 'Another revision was saved meanwhile; nothing was overwritten'),
        new Answer(422, 'The design is refused, every fault with its mend'),
    ])]
    #[InPath]
    #[InPath('pie')]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $pie): JsonResponse
    {
        $stored = StoredPie::inKitchen(InKitchen::of($request), $pie);

        $put = Body::read($request, PieToSave::class);
        $saved = $stored->saveOn($user, $put->design, $put->basedOn);

        KitchenAct::note(InKitchen::of($request), $user->name, Deed::PieSaved, $saved->name, (string) $saved->revision);

        return PieAnswer::of($saved, $saved->newest(), $user->words());
    }
}
