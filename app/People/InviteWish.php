<?php

declare(strict_types=1);

namespace App\People;

use App\Contract\Schema;
use App\Kitchen\Role;
use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Refusal\Refusal;

/** Whom an owner asks in. */
#[Schema('InviteWish')]
final readonly class InviteWish implements Judged
{
    /**
     * @param  string  $forWhom  so that the list says whose link it is
     * @param  Role  $role  cook or guest; a kitchen is handed over, not shared
     */
    public function __construct(#[Text(1, 80)] public string $forWhom, public Role $role)
    {
    }

    public function refusals(): array
    {
        return $this->role === Role::Owner ? [new Refusal('owner-is-handed-over', '/role')] : [];
    }
}
