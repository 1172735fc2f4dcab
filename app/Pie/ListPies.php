<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Json;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ListPies
{
    private const MOST = 500;

    #[OA\Get(path: '/kitchens/{kitchen}/pies', operationId: 'listPies', summary: 'The pies of a kitchen, last saved first.', tags: ['Pie'], parameters: [
        new OA\QueryParameter(name: 'archived', required: false, description: '1 for those put away', schema: new OA\Schema(type: 'string', enum: ['0', '1'])),
    ], responses: [
        new Answer(200, 'The pies', PieList::class),
        new Answer(401, 'Not signed in'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    public function __invoke(Request $request): JsonResponse
    {
        $pies = InKitchen::of($request)->pies()
            ->whereNull('archived_at', not: $request->query('archived') === '1')
            ->orderByDesc('updated_at')->orderBy('name')->limit(self::MOST)->get();
        $revisions = PieRevision::newestOf($pies);

        $words = User::wordsOf($request);

        return Json::response(new PieList(array_values($pies->map(static fn (StoredPie $pie): PieSummary => PieSummary::of($pie, $revisions[$pie->id], $words))->all())));
    }
}
