<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Pie\StoredPie;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A kitchen: every other row belongs to one.
 *
 * @property string $id
 * @property string $name
 * @property float|null $margin_percent of a selling price
 * @property float|null $other_cost of a portion, beside its food
 * @property-read Membership|null $pivot
 */
final class Kitchen extends Model
{
    use HasUuids;

    protected $fillable = ['name', 'margin_percent', 'other_cost'];

    protected $casts = ['margin_percent' => 'float', 'other_cost' => 'float'];

    /** @return BelongsToMany<User, $this, Membership> */
    public function members(): BelongsToMany
    {
        return $this->belongsToMany(User::class, 'memberships')->using(Membership::class)->withPivot('role');
    }

    /** @return HasMany<StoredPie, $this> */
    public function pies(): HasMany
    {
        return $this->hasMany(StoredPie::class);
    }

    /** The same kitchen with what this person may do in it now. */
    public function asSeenBy(User $user): self
    {
        return $user->kitchens()->findOrFail($this->id);
    }

    public function roleOfMember(): Role
    {
        return $this->pivot->role ?? Role::Guest;
    }
}
