<?php

declare(strict_types=1);

namespace App\People;

use App\Contract\Schema;
use App\Kitchen\Role;
use App\Kitchen\User;

/** Somebody who cooks here. */
#[Schema('Member')]
final readonly class MemberAnswer
{
    /** @param  bool  $you  whether it is whoever asks */
    private function __construct(public int $id, public string $name, public string $email, public Role $role, public bool $you)
    {
    }

    public static function of(User $user, User $asks): self
    {
        return new self($user->id, $user->name, $user->email, $user->roleHere(), $user->is($asks));
    }
}
