<?php

declare(strict_types=1);

namespace App\Kitchen;

use Illuminate\Support\Facades\DB;

/** Opens a kitchen with its first owner. */
final class OpenKitchen
{
    public function __invoke(string $kitchenName, string $ownerName, string $email, string $password): Kitchen
    {
        return DB::transaction(static function () use ($kitchenName, $ownerName, $email, $password): Kitchen {
            $owner = User::query()->create(['name' => $ownerName, 'email' => mb_strtolower($email), 'password' => $password]);
            $kitchen = Kitchen::query()->create(['name' => $kitchenName]);
            $kitchen->members()->attach($owner->id, ['role' => Role::Owner->value]);

            return $kitchen;
        });
    }
}
