<?php

declare(strict_types=1);

namespace App\Kitchen;

/** What a member may do: a guest looks and tries out, a cook also saves; an owner is the cook a kitchen was opened for. */
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
