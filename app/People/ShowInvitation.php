<?php

declare(strict_types=1);

namespace App\People;

use App\Contract\Answer;
use App\Contract\InPath;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ShowInvitation
{
    #[OA\Get(path: '/invitations/{token}', operationId: 'showInvitation', summary: 'Who asks whom into which kitchen.', tags: ['People'], responses: [
        new Answer(200, 'The invitation', InvitationAnswer::class),
        new Answer(404, 'Used, withdrawn, run out or never made'),
    ])]
    #[InPath('token', format: null)]
    public function __invoke(string $token): JsonResponse
    {
        return InvitationAnswer::of(KitchenInvite::open($token));
    }
}
