<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Schema;

#[Schema('SessionUser')]
final readonly class SessionUser
{
    private function __construct(public string $name, public string $email, public Units $units)
    {
    }

    public static function of(User $user): self
    {
        return new self($user->name, $user->email, new Units($user->volumes, $user->temperatures, $user->eggs));
    }
}
