<?php

declare(strict_types=1);

namespace App\Kitchen;

use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * Someone who can sign in. What they may do is said by their membership of a kitchen.
 *
 * @property int $id
 * @property string $name
 * @property string $email lower case
 * @property string $password hashed
 * @property string $volumes which cup and spoons they mean, of KitchenUnits::NAMES
 * @property string $temperatures how they like an oven told, of ChooseUnitsRequest::TEMPERATURES
 * @property string $eggs whose egg sizes they mean, of EggSizes::NAMES
 */
final class User extends Authenticatable
{
    protected $fillable = ['name', 'email', 'password', 'volumes', 'temperatures', 'eggs'];

    protected $attributes = ['volumes' => 'metric', 'temperatures' => 'celsius', 'eggs' => 'us'];

    protected $hidden = ['password', 'remember_token'];

    protected $casts = ['password' => 'hashed'];

    /** @return BelongsToMany<Kitchen, $this, Membership> */
    public function kitchens(): BelongsToMany
    {
        return $this->belongsToMany(Kitchen::class, 'memberships')->using(Membership::class)->withPivot('role')->orderBy('name');
    }
}
