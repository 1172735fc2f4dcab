<?php

declare(strict_types=1);

namespace App\People;

use App\Contract\Schema;
use App\Kitchen\Role;
use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Refusal\Refusal;

/** What a member may do from now on. */
#[Schema('RoleWish')]
final readonly class RoleWish implements Judged
{
    /** @param  Role  $role  cook or guest; a kitchen is handed over, not shared */
    public function __construct(public Role $role)
    {
    }

    public function refusals(): array
    {
        return $this->role === Role::Owner ? [new Refusal('owner-is-handed-over', '/role')] : [];
    }
}
