<?php

declare(strict_types=1);

namespace App\Recipe;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Contract\Json;
use App\Food\KitchenFood;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Hojaldre\Core\Food\Names;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Recipe\Additions;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class AddToDesign
{
    #[OA\Post(path: '/kitchens/{kitchen}/additions', operationId: 'addToDesign', summary: 'Put what a cook says into a design, where it belongs; nothing is stored.', tags: ['Recipe'], requestBody: new Body(AdditionWish::class), responses: [
        new Answer(200, 'The design with it', Pie::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'Not understood, or no design any more'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $wish = Body::read($request, AdditionWish::class);
        $names = Names::with(KitchenFood::ownOf(InKitchen::of($request)));

        return Json::response(Additions::to($wish->design, $wish->text, $names, $user->cookUnits(), $user->eggs));
    }
}
