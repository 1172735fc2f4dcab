<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Schema;

/** What a member may do: a guest looks and tries out, a cook also saves; an owner is the cook a kitchen was opened for. */
#[Schema('MemberRole')]
enum Role: string
{
    case Owner = 'owner';
    case Cook = 'cook';
    case Guest = 'guest';

    public function mayWrite(): bool
    {
        return $this !== self::Guest;
    }
}
