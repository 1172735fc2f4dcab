<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Wording\Words;
use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\TemperatureScale;
use Hojaldre\Core\Measure\VolumeSystem;
use Hojaldre\Core\Oven\ColourWish;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Http\Request;

/**
 * Someone who can sign in. What they may do is said by their membership of a kitchen.
 *
 * @property int $id
 * @property string $name
 * @property string $email lower case
 * @property string $password hashed
 * @property VolumeSystem $volumes which cup and spoons they mean
 * @property TemperatureScale $temperatures how they like an oven told
 * @property EggSizing $eggs whose egg sizes they mean
 * @property int $door goes up when all their sessions are to end
 * @property-read Membership|null $pivot where they were asked for as a member of a kitchen
 * @property ColourWish $colour how brown they want a pie, as last chosen
 */
final class User extends Authenticatable
{
    protected $fillable = ['name', 'email', 'password', 'volumes', 'temperatures', 'eggs', 'colour'];

    protected $attributes = ['volumes' => 'metric', 'temperatures' => 'celsius', 'eggs' => 'us', 'colour' => 'gold', 'door' => 1];

    protected $hidden = ['password', 'remember_token'];

    protected $casts = ['password' => 'hashed', 'door' => 'integer', 'volumes' => VolumeSystem::class, 'temperatures' => TemperatureScale::class, 'eggs' => EggSizing::class, 'colour' => ColourWish::class];

    /** What is said to this person, in their own scale. */
    public function words(): Words
    {
        return new Words($this->temperatures);
    }

    /** The same for whoever asks, signed in or not. */
    public static function wordsOf(Request $request): Words
    {
        $user = $request->hasSession() ? $request->user() : null;

        return $user instanceof self ? $user->words() : new Words;
    }

    public function cookUnits(): CookUnits
    {
        return CookUnits::of($this->volumes);
    }

    /** What they may do in the kitchen they were asked for in. */
    public function roleHere(): Role
    {
        return $this->pivot->role ?? Role::Guest;
    }

    /** @return BelongsToMany<Kitchen, $this, Membership> */
    public function kitchens(): BelongsToMany
    {
        return $this->belongsToMany(Kitchen::class, 'memberships')->using(Membership::class)->withPivot('role')->orderBy('name');
    }
}
