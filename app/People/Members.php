<?php

declare(strict_types=1);

namespace App\People;

use App\Kitchen\Kitchen;
use App\Kitchen\Role;
use App\Kitchen\User;
use App\Problem\Problem;
use Illuminate\Support\Facades\DB;

/** The members of a kitchen, changed one change after another: it is never without an owner. */
final readonly class Members
{
    private function __construct(private Kitchen $kitchen)
    {
    }

    public static function of(Kitchen $kitchen): self
    {
        return new self($kitchen);
    }

    /** @throws Problem where it is nobody of this kitchen, or its only owner */
    public function give(int $id, Role $role): User
    {
        return $this->inTurn(function () use ($id, $role): User {
            $one = $this->member($id);
            $this->keepAnOwner($one);
            $this->kitchen->members()->updateExistingPivot($one->id, ['role' => $role->value]);

            return $one;
        });
    }

    /** @throws Problem where it is nobody of this kitchen, or its only owner */
    public function letGo(int $id): User
    {
        return $this->inTurn(function () use ($id): User {
            $one = $this->member($id);
            $this->keepAnOwner($one);
            $this->kitchen->members()->detach($one->id);

            return $one;
        });
    }

    /** @throws Problem where it is nobody of this kitchen, or the owner already */
    public function handOver(User $from, int $to): User
    {
        return $this->inTurn(function () use ($from, $to): User {
            $one = $this->member($to);
            if ($one->roleHere() === Role::Owner) {
                throw Problem::refused('owner-already', '/member');
            }
            $this->kitchen->members()->updateExistingPivot($one->id, ['role' => Role::Owner->value]);
            $this->kitchen->members()->updateExistingPivot($from->id, ['role' => Role::Cook->value]);

            return $one;
        });
    }

    /**
     * Lets somebody in by an invitation, which is used up by it. Who is in already keeps what they may do.
     *
     * @throws Problem where it was used meanwhile
     */
    public function take(User $user, KitchenInvite $invite): void
    {
        $this->inTurn(function () use ($user, $invite): User {
            if ($this->kitchen->members()->find($user->id) !== null) {
                throw Problem::refused('member-already', '');
            }
            $invite->use();
            $this->kitchen->members()->attach($user->id, ['role' => $invite->role->value]);
            KitchenAct::note($this->kitchen, $user->name, Deed::Joined, $invite->invited_by, $invite->role->value);

            return $user;
        });
    }

    /** @param  \Closure(): User  $change */
    private function inTurn(\Closure $change): User
    {
        return DB::transaction(function () use ($change): User {
            Kitchen::query()->lockForUpdate()->findOrFail($this->kitchen->id);

            return $change();
        });
    }

    private function member(int $id): User
    {
        return $this->kitchen->members()->find($id) ?? throw Problem::notFound('There is nobody like that in this kitchen any more. Look at the list again.');
    }

    private function keepAnOwner(User $one): void
    {
        if ($one->roleHere() === Role::Owner && $this->kitchen->members()->wherePivot('role', Role::Owner->value)->count() === 1) {
            throw Problem::refused('only-owner', '');
        }
    }
}
