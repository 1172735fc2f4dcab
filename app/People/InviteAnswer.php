<?php

declare(strict_types=1);

namespace App\People;

use App\Contract\Schema;
use App\Kitchen\Role;

/** An invitation that is still open. */
#[Schema('Invite')]
final readonly class InviteAnswer
{
    /**
     * @param  string  $id  uuid
     * @param  string  $runsOutAt  date and time, ISO 8601
     */
    private function __construct(public string $id, public string $forWhom, public Role $role, public string $invitedBy, public string $runsOutAt)
    {
    }

    public static function of(KitchenInvite $invite): self
    {
        return new self($invite->id, $invite->for_whom, $invite->role, $invite->invited_by, $invite->runs_out_at->toIso8601String());
    }
}
