<?php

declare(strict_types=1);

namespace App\Kitchen;

use Illuminate\Database\Eloquent\Relations\Pivot;

/**
 * A user's place in a kitchen.
 *
 * @property Role $role
 */
final class Membership extends Pivot
{
    protected $table = 'memberships';

    protected $casts = ['role' => Role::class];
}
