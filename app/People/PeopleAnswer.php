<?php

declare(strict_types=1);

namespace App\People;

use App\Contract\Json;
use App\Contract\Schema;
use App\Kitchen\Kitchen;
use App\Kitchen\Role;
use App\Kitchen\User;
use Illuminate\Http\JsonResponse;

/** Who cooks in a kitchen, and who is asked in. */
#[Schema('People')]
final readonly class PeopleAnswer
{
    /**
     * @param  list<MemberAnswer>  $members  the owner first
     * @param  list<InviteAnswer>  $invites  those still open; only the owner sees them
     * @param  string|null  $newLink  the word of a link just made; it is shown this once
     */
    private function __construct(public array $members, public array $invites, public ?string $newLink)
    {
    }

    public static function of(Kitchen $kitchen, User $asks, ?string $newLink = null): JsonResponse
    {
        $members = $kitchen->members()->orderByRaw("case role when 'owner' then 0 when 'cook' then 1 else 2 end")->orderBy('name')->get();
        $owns = $kitchen->roleOfMember() === Role::Owner;
        $open = KitchenInvite::query()->where('kitchen_id', $kitchen->id)->whereNull('used_at')->where('runs_out_at', '>', now())->orderBy('runs_out_at')->orderBy('id');

        return Json::response(new self(
            array_values($members->map(static fn (User $one): MemberAnswer => MemberAnswer::of($one, $asks))->all()),
            $owns ? array_values($open->get()->map(InviteAnswer::of(...))->all()) : [],
            $newLink,
        ));
    }
}
