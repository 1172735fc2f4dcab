<?php

declare(strict_types=1);

namespace App\Archive;

use App\Contract\Answer;
use App\Contract\InPath;
use App\Contract\Ok;
use App\Kitchen\InKitchen;
use App\Kitchen\User;
use App\People\Deed;
use App\People\KitchenAct;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class BringArchive
{
    /** A large kitchen takes a while. */
    private const MOST_SECONDS = 300;

    /** The web server takes no more either. */
    public const MOST_BYTES = 200_000_000;

    #[OA\Put(path: '/kitchens/{kitchen}/archive', operationId: 'bringArchive', summary: 'An archive into an empty kitchen: all of it, or nothing.', tags: ['Archive'], requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'application/zip', schema: new OA\Schema(type: 'string', format: 'binary'))), responses: [
        new Answer(200, 'It is in', Ok::class),
        new Answer(401, 'Not signed in'),
        new Answer(403, 'Only the owner may'),
        new Answer(404, 'Not your kitchen'),
        new Answer(422, 'The archive is broken, or the kitchen is not empty; nothing was changed'),
    ])]
    #[InPath]
    public function __invoke(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        set_time_limit(self::MOST_SECONDS);
        $kitchen = InKitchen::of($request);
        $path = (string) tempnam(sys_get_temp_dir(), 'hojaldre-in-');
        try {
            $sent = $request->getContent(true);
            $to = fopen($path, 'wb');
            $bytes = $to === false ? 0 : (int) stream_copy_to_stream($sent, $to, self::MOST_BYTES + 1);
            if ($bytes > self::MOST_BYTES) {
                throw Refused::because('archive-too-large', '', ['mostMegabytes' => intdiv(self::MOST_BYTES, 1_000_000)]);
            }
            ArchiveIn::read($kitchen, $path);
            KitchenAct::note($kitchen, $user->name, Deed::ArchiveBroughtIn, $kitchen->name, '');
        } finally {
            unlink($path);
        }

        return new JsonResponse(new Ok);
    }
}
