<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Batch\BatchPies;
use App\Batch\StoredBatch;
use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Ok;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use App\People\Deed;
use App\People\KitchenAct;
use App\Pie\StoredPie;
use App\Problem\Problem;
use Hojaldre\Core\Pastry\Dough\DoughFood;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class DoughIntoPies
{
    #[OA\Post(path: '/kitchens/{kitchen}/batches/{batch}/doughs/{dough}/into-pies', operationId: 'doughIntoPies', summary: "Save the pies of a batch anew with what the kitchen's formula makes, so that they bake as it does.", tags: ['Pastry'], responses: [
        new Answer(200, 'Saved', Ok::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Guests may not'),
        new Answer(404, 'Not in your kitchen'),
    ])]
    #[InPath]
    #[InPath('batch')]
    #[InPath('dough', format: null)]
    public function __invoke(Request $request, #[CurrentUser] User $user, string $kitchen, string $batch, string $dough): JsonResponse
    {
        $here = InKitchen::of($request);
        $formula = KitchenDough::formulasOf($here)[$dough] ?? throw Problem::notFound('There is no formula of this dough. Write one first.');
        foreach (BatchPies::of($here, StoredBatch::inKitchen($here, $batch)->document()) as $one) {
            $stored = StoredPie::inKitchen($here, $one->line->pie);
            $design = $stored->newest()->pie();
            if ($design->crust->dough->id === $dough) {
                $stored->saveOn($user, $design->withCrust($design->crust->withDough(DoughFood::of($formula))), $stored->revision);
                KitchenAct::note($here, $user->name, Deed::DoughIntoPies, $formula->name, $design->name);
            }
        }

        return new JsonResponse(new Ok);
    }
}
