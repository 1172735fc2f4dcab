<?php

declare(strict_types=1);

namespace App\People;

use App\Contract\Json;
use App\Contract\Schema;
use App\Kitchen\Role;
use Illuminate\Http\JsonResponse;

/** What an invitation says to whoever opens it. */
#[Schema('Invitation')]
final readonly class InvitationAnswer
{
    /** @param  string  $runsOutAt  date and time, ISO 8601 */
    private function __construct(public string $kitchen, public string $forWhom, public Role $role, public string $invitedBy, public string $runsOutAt)
    {
    }

    public static function of(KitchenInvite $invite): JsonResponse
    {
        return Json::response(new self($invite->kitchen()->name, $invite->for_whom, $invite->role, $invite->invited_by, $invite->runs_out_at->toIso8601String()));
    }
}
