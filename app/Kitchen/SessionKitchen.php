<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Schema;

#[Schema('SessionKitchen')]
final readonly class SessionKitchen
{
    /** @param  string  $id  uuid */
    private function __construct(public string $id, public string $name, public Role $role)
    {
    }

    public static function of(Kitchen $kitchen): self
    {
        return new self($kitchen->id, $kitchen->name, $kitchen->roleOfMember());
    }
}
