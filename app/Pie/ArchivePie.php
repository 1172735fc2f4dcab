<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ArchivePie
{
    #[OA\Put(path: '/kitchens/{kitchen}/pies/{pie}/archived', operationId: 'archivePie', summary: 'Put a pie away, or take it out again; nothing is deleted.', tags: ['Pie'], requestBody: new Body('ArchivePie'), responses: [
        new Answer(200, 'The pie', 'Pie'),
        new Answer(401, 'Not signed in', 'Problem'),
        new Answer(403, 'Guests may not', 'Problem'),
        new Answer(404, 'Not in your kitchen', 'Problem'),
        new Answer(422, 'Not filled in', 'Problem'),
    ])]
    #[InPath]
    #[InPath('pie')]
    public function __invoke(ArchivePieRequest $request, string $kitchen, string $pie): JsonResponse
    {
        $stored = StoredPie::inKitchen(InKitchen::of($request), $pie);
        $stored->update(['archived_at' => $request->boolean('archived') ? ($stored->archived_at ?? now()) : null]);

        return PieResource::of($stored);
    }
}
