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
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\PieFile\PieFile;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** Takes a design document as it stands in a pie file: a new pie and an import are one and the same. */
final class CreatePie
{
    #[OA\Post(path: '/kitchens/{kitchen}/pies', operationId: 'createPie', summary: 'Put down a new pie, or open a pie file.', tags: ['Pie'], requestBody: new Body(Pie::class), responses: [
        new Answer(201, 'The pie, revision 1', PieAnswer::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'The file is refused, every fault with its mend'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $pie = StoredPie::putDown(InKitchen::of($request), $user, PieFile::read($request->getContent()));

        KitchenAct::note(InKitchen::of($request), $user->name, Deed::PiePutDown, $pie->name);

        return PieAnswer::of($pie, $pie->newest(), $user->words(), 201);
    }
}
