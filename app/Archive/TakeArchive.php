<?php

declare(strict_types=1);

namespace App\Archive;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Kitchen\InKitchen;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final class TakeArchive
{
    /** A large kitchen takes a while. */
    private const MOST_SECONDS = 300;

    #[OA\Get(path: '/kitchens/{kitchen}/archive', operationId: 'takeArchive', summary: 'Everything of the kitchen in one file (docs/formats/archive.md).', tags: ['Archive'], responses: [
        new OA\Response(response: 200, description: 'The archive', content: new OA\MediaType(mediaType: 'application/zip', schema: new OA\Schema(type: 'string'))),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Only the owner may'),
        new Answer(404, 'Not your kitchen'),
    ])]
    #[InPath]
    public function __invoke(Request $request): BinaryFileResponse
    {
        set_time_limit(self::MOST_SECONDS);
        $kitchen = InKitchen::of($request);
        $response = new BinaryFileResponse(ArchiveOut::write($kitchen), 200, ['Content-Type' => 'application/zip', 'Content-Disposition' => 'attachment; filename="kitchen.zip"'], public: false);

        return $response->deleteFileAfterSend();
    }
}
