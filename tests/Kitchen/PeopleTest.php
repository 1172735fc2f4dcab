<?php

declare(strict_types=1);

namespace Tests\Kitchen;

use App\Kitchen\Kitchen;
use App\Kitchen\Role;
use App\People\Deed;
use App\People\KitchenAct;
use App\People\KitchenInvite;
use App\Wording\Words;
use Hojaldre\Core\Statement\Statement;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Who cooks in a kitchen, how they come in and go, and that it is written down. */
final class PeopleTest extends TestCase
{
    public function test_an_invitation_lets_a_newcomer_in_once_and_signs_them_in(): void
    {
        $kitchen = $this->kitchen();
        $link = $this->invited($kitchen, 'cook');
        $this->deleteJson('/api/session');

        $this->getJson("/api/invitations/$link")->assertOk()->assertJson(['kitchen' => 'The Lock House', 'forWhom' => 'Dov', 'role' => 'cook', 'invitedBy' => 'Ada']);
        $this->postJson("/api/invitations/$link", self::DOV)->assertStatus(201)->assertJson(['user' => ['name' => 'Dov'], 'kitchens' => [['id' => $kitchen->id, 'role' => 'cook']]]);
        $this->assertAuthenticated();
        $this->postJson("/api/kitchens/$kitchen->id/pies", $this->design())->assertStatus(201);

        $this->getJson("/api/invitations/$link")->assertStatus(404);
        $this->postJson("/api/invitations/$link", [...self::DOV, 'email' => 'eve@lockhouse.example'])->assertStatus(404);
    }

    public function test_an_invitation_runs_out_after_seven_days(): void
    {
        $kitchen = $this->kitchen();
        $link = $this->invited($kitchen, 'cook');
        $this->travel(7 * 24 * 60 - 1)->minutes();
        $this->getJson("/api/invitations/$link")->assertOk();
        $this->travel(2)->minutes();
        $this->getJson("/api/invitations/$link")->assertStatus(404);
        $this->postJson("/api/invitations/$link", self::DOV)->assertStatus(404);
        self::assertSame(1, $kitchen->members()->count());
    }

    public function test_a_withdrawn_invitation_is_worth_nothing(): void
    {
        $kitchen = $this->kitchen();
        $link = $this->invited($kitchen, 'guest');
        $open = $this->getJson("/api/kitchens/$kitchen->id/people")->assertOk()->json('invites.0.id');
        $this->deleteJson("/api/kitchens/$kitchen->id/invites/$open")->assertOk()->assertJsonPath('invites', []);
        $this->getJson("/api/invitations/$link")->assertStatus(404);
    }

    public function test_the_word_of_a_link_is_shown_once_and_not_kept(): void
    {
        $kitchen = $this->kitchen();
        $link = $this->invited($kitchen, 'cook');
        self::assertStringNotContainsString($link, (string) json_encode(DB::table('kitchen_invites')->get()));
        $this->getJson("/api/kitchens/$kitchen->id/people")->assertJsonPath('newLink', null)->assertJsonCount(1, 'invites');
    }

    public function test_two_who_open_one_link_at_once_are_not_both_let_in(): void
    {
        $kitchen = $this->kitchen();
        [$first] = KitchenInvite::write($kitchen, 'Ada', 'Dov', Role::Cook);
        $again = KitchenInvite::query()->where('kitchen_id', $kitchen->id)->firstOrFail();
        $first->use();
        $this->expectExceptionMessage('This invitation was used meanwhile');
        $again->use();
    }

    public function test_who_has_an_account_signs_in_and_joins_by_the_link(): void
    {
        $kitchen = $this->kitchen();
        $other = $this->kitchen('The Other Hatch', 'bea@hatch.example');
        $bea = $this->member($other);
        $link = $this->invited($kitchen, 'guest');
        $this->deleteJson('/api/session');
        $this->postJson("/api/invitations/$link", [...self::DOV, 'email' => 'Bea@hatch.example'])->assertStatus(422)->assertJsonPath('at', '/email')->assertJsonPath('code', 'email-is-taken');
        $this->actingAs($bea)->putJson("/api/invitations/$link")->assertOk()->assertJsonCount(2, 'kitchens');
        self::assertSame(Role::Guest, $kitchen->asSeenBy($bea)->roleOfMember());
    }

    public function test_an_owner_who_tries_a_link_neither_uses_it_up_nor_becomes_a_guest(): void
    {
        $kitchen = $this->kitchen();
        $link = $this->invited($kitchen, 'guest');
        $this->putJson("/api/invitations/$link")->assertStatus(422)->assertJsonPath('code', 'member-already');
        self::assertSame(Role::Owner, $kitchen->asSeenBy($this->member($kitchen))->roleOfMember());
        $this->getJson("/api/invitations/$link")->assertOk();
    }

    /** @param  array<string, string>  $wrong */
    #[TestWith([['password' => 'nine long'], '/password'])]
    #[TestWith([['name' => ''], '/name'])]
    #[TestWith([['email' => 'dov at home'], '/email'])]
    public function test_what_a_newcomer_fills_in_wrong_is_named(array $wrong, string $at): void
    {
        $link = $this->invited($this->kitchen(), 'cook');
        $this->deleteJson('/api/session');
        $this->postJson("/api/invitations/$link", [...self::DOV, ...$wrong])->assertStatus(422)->assertJsonPath('at', $at);
        $this->getJson("/api/invitations/$link")->assertOk();
    }

    public function test_nobody_is_invited_as_an_owner_or_made_one_beside_the_owner(): void
    {
        $kitchen = $this->kitchen();
        $cook = $this->member($kitchen, Role::Cook);
        $this->actingAs($this->member($kitchen));
        $this->postJson("/api/kitchens/$kitchen->id/invites", ['forWhom' => 'Dov', 'role' => 'owner'])->assertStatus(422)->assertJsonPath('at', '/role');
        $this->putJson("/api/kitchens/$kitchen->id/members/$cook->id/role", ['role' => 'owner'])->assertStatus(422)->assertJsonPath('at', '/role');
    }

    public function test_a_cook_and_a_guest_see_who_is_here_and_change_nothing_of_it(): void
    {
        $kitchen = $this->kitchen();
        $owner = $this->member($kitchen);
        foreach ([Role::Cook, Role::Guest] as $role) {
            $this->actingAs($this->member($kitchen, $role));
            $this->getJson("/api/kitchens/$kitchen->id/people")->assertOk()->assertJsonPath('members.0.name', 'Ada')->assertJsonPath('invites', []);
            $this->postJson("/api/kitchens/$kitchen->id/invites", ['forWhom' => 'Dov', 'role' => 'cook'])->assertStatus(403);
            $this->putJson("/api/kitchens/$kitchen->id/members/$owner->id/role", ['role' => 'guest'])->assertStatus(403);
            $this->deleteJson("/api/kitchens/$kitchen->id/members/$owner->id")->assertStatus(403);
            $this->putJson("/api/kitchens/$kitchen->id/owner", ['member' => $owner->id])->assertStatus(403);
            $this->putJson("/api/kitchens/$kitchen->id/name", ['name' => 'Mine'])->assertStatus(403);
        }
        self::assertSame('The Lock House', $kitchen->fresh()?->name);
    }

    public function test_a_cook_who_becomes_a_guest_saves_no_more(): void
    {
        $kitchen = $this->kitchen();
        $cook = $this->member($kitchen, Role::Cook);
        $this->actingAs($this->member($kitchen))->putJson("/api/kitchens/$kitchen->id/members/$cook->id/role", ['role' => 'guest'])->assertOk();
        $this->actingAs($cook)->postJson("/api/kitchens/$kitchen->id/pies", $this->design())->assertStatus(403);
    }

    public function test_who_is_removed_sees_the_kitchen_no_more_and_what_they_did_stays(): void
    {
        $kitchen = $this->kitchen();
        $cook = $this->member($kitchen, Role::Cook);
        $this->actingAs($cook)->postJson("/api/kitchens/$kitchen->id/pies", $this->design())->assertStatus(201);
        $this->actingAs($this->member($kitchen))->deleteJson("/api/kitchens/$kitchen->id/members/$cook->id")->assertOk()->assertJsonCount(1, 'members');
        $this->actingAs($cook)->getJson("/api/kitchens/$kitchen->id/pies")->assertStatus(404);
        $said = $this->actingAs($this->member($kitchen))->getJson("/api/kitchens/$kitchen->id/acts")->assertOk()->json('acts.*.words');
        self::assertSame(['Ada removed Cook.', 'Cook put down Smoked trout and leek quiche.'], $said);
    }

    public function test_somebody_of_another_kitchen_is_nobody_here(): void
    {
        $kitchen = $this->kitchen();
        $bea = $this->member($this->kitchen('The Other Hatch', 'bea@hatch.example'));
        $this->actingAs($this->member($kitchen));
        $this->deleteJson("/api/kitchens/$kitchen->id/members/$bea->id")->assertStatus(404);
        $this->putJson("/api/kitchens/$kitchen->id/owner", ['member' => $bea->id])->assertStatus(404);
    }

    public function test_the_only_owner_neither_leaves_nor_is_lowered_nor_removed(): void
    {
        $kitchen = $this->kitchen();
        $ada = $this->member($kitchen);
        $this->actingAs($ada);
        $this->deleteJson("/api/kitchens/$kitchen->id/membership")->assertStatus(422)->assertJsonPath('code', 'only-owner');
        $this->deleteJson("/api/kitchens/$kitchen->id/members/$ada->id")->assertStatus(422)->assertJsonPath('code', 'only-owner');
        $this->putJson("/api/kitchens/$kitchen->id/members/$ada->id/role", ['role' => 'cook'])->assertStatus(422)->assertJsonPath('code', 'only-owner');
        self::assertSame(Role::Owner, $kitchen->asSeenBy($ada)->roleOfMember());
    }

    public function test_a_kitchen_handed_over_has_its_old_owner_for_a_cook_who_may_leave(): void
    {
        $kitchen = $this->kitchen();
        $ada = $this->member($kitchen);
        $cook = $this->member($kitchen, Role::Cook);
        $this->actingAs($ada)->putJson("/api/kitchens/$kitchen->id/owner", ['member' => $cook->id])->assertOk()->assertJsonPath('members.0.email', $cook->email);
        self::assertSame([Role::Owner, Role::Cook], [$kitchen->asSeenBy($cook)->roleOfMember(), $kitchen->asSeenBy($ada)->roleOfMember()]);
        $this->putJson("/api/kitchens/$kitchen->id/owner", ['member' => $ada->id])->assertStatus(403);
        $this->deleteJson("/api/kitchens/$kitchen->id/membership")->assertOk()->assertJsonPath('kitchens', []);
        $this->getJson("/api/kitchens/$kitchen->id/people")->assertStatus(404);
    }

    public function test_a_kitchen_is_not_handed_to_who_has_it(): void
    {
        $kitchen = $this->kitchen();
        $ada = $this->member($kitchen);
        $this->actingAs($ada)->putJson("/api/kitchens/$kitchen->id/owner", ['member' => $ada->id])->assertStatus(422)->assertJsonPath('code', 'owner-already');
    }

    public function test_a_guest_may_leave(): void
    {
        $kitchen = $this->kitchen();
        $guest = $this->member($kitchen, Role::Guest);
        $this->actingAs($guest)->deleteJson("/api/kitchens/$kitchen->id/membership")->assertOk();
        self::assertSame(1, $kitchen->members()->count());
        self::assertSame(['member-left'], KitchenAct::query()->pluck('deed')->map(static fn (Deed $one): string => $one->value)->all());
    }

    public function test_all_that_is_written_in_a_kitchen_is_written_down_with_who_did_it(): void
    {
        $kitchen = $this->kitchen();
        $this->actingAs($this->member($kitchen));
        $at = "/api/kitchens/$kitchen->id";
        $pie = $this->postJson("$at/pies", $this->design())->json('id');
        $id = '0198a1f0-0000-7000-8000-000000000001';
        $this->postJson("$at/pies/$pie/revisions", ['basedOn' => 1, 'design' => $this->design()])->assertOk();
        $this->postJson("$at/pies/$pie/duplicate")->assertStatus(201);
        $this->putJson("$at/pies/$pie/archived", ['archived' => true])->assertOk();
        $this->putJson("$at/pies/$pie/archived", ['archived' => false])->assertOk();
        $this->putJson("$at/tins/$id", ['name' => '24 cm tin', 'tin' => ['shape' => 'round-straight', 'diameterMm' => 240, 'depthMm' => 35]])->assertOk();
        $this->deleteJson("$at/tins/$id")->assertOk();
        $this->putJson("$at/ovens/$id", ['name' => 'Old oven', 'mode' => 'static', 'runsByKelvins' => -10, 'notes' => ''])->assertOk();
        $this->deleteJson("$at/ovens/$id")->assertOk();
        $this->putJson("$at/foods/leeks/price", ['pricePerKg' => 3.5])->assertOk();
        $this->putJson("$at/foods/leeks/price", ['pricePerKg' => null])->assertOk();
        $this->putJson("$at/name", ['name' => 'The Weir House'])->assertOk();
        self::assertSame([
            'Ada named the kitchen The Weir House. Before, it was The Lock House.',
            'Ada took the price off Leeks.',
            'Ada wrote that Leeks costs 3.50 a kilo.',
            'Ada took the oven Old oven out of the stores.',
            'Ada wrote down the oven Old oven.',
            'Ada took the tin 24 cm tin out of the stores.',
            'Ada wrote down the tin 24 cm tin.',
            'Ada took Smoked trout and leek quiche out again.',
            'Ada put Smoked trout and leek quiche away.',
            'Ada made Smoked trout and leek quiche, copy.',
            'Ada saved Smoked trout and leek quiche, revision 2.',
            'Ada put down Smoked trout and leek quiche.',
        ], $this->getJson("$at/acts")->json('acts.*.words'));
    }

    public function test_what_is_refused_or_was_never_there_is_not_written_down(): void
    {
        $kitchen = $this->kitchen();
        $this->actingAs($this->member($kitchen));
        $this->postJson("/api/kitchens/$kitchen->id/pies", ['name' => 'half a pie'])->assertStatus(422);
        $this->deleteJson("/api/kitchens/$kitchen->id/tins/0198a1f0-0000-7000-8000-000000000009")->assertOk();
        $pie = $this->stored($kitchen)->id;
        $this->postJson("/api/kitchens/$kitchen->id/pies/$pie/revisions", ['basedOn' => 7, 'design' => $this->design()])->assertStatus(409);
        $this->getJson("/api/kitchens/$kitchen->id/acts")->assertJsonPath('acts', []);
    }

    public function test_every_deed_has_its_sentence(): void
    {
        foreach (Deed::cases() as $deed) {
            self::assertStringStartsWith('Ada ', (new Words)->say(new Statement("done.$deed->value", ['who' => 'Ada', 'what' => 'it', 'more' => '2'])));
        }
    }

    public function test_older_acts_come_fifty_at_a_time_and_none_twice(): void
    {
        $kitchen = $this->kitchen();
        foreach (range(1, 120) as $number) {
            KitchenAct::note($kitchen, 'Ada', Deed::PieSaved, 'Quiche', (string) $number);
        }
        $this->actingAs($this->member($kitchen));
        [$seen, $before] = [[], null];
        do {
            $page = $this->getJson("/api/kitchens/$kitchen->id/acts".($before === null ? '' : "?before=$before"))->assertOk();
            $seen = [...$seen, ...(array) $page->json('acts.*.words')];
            $before = $page->json('before');
        } while ($before !== null);
        self::assertCount(120, array_unique($seen));
        self::assertSame(['Ada saved Quiche, revision 120.', 'Ada saved Quiche, revision 1.'], [$seen[0], $seen[119]]);
    }

    #[TestWith(["update kitchen_acts set done_by = 'nobody'"])]
    #[TestWith(['delete from kitchen_acts'])]
    public function test_the_database_refuses_to_change_what_was_done(string $sql): void
    {
        KitchenAct::note($this->kitchen(), 'Ada', Deed::PieSaved, 'Quiche', '2');
        $this->expectExceptionMessage('written once');
        DB::statement($sql);
    }

    public function test_the_command_of_the_server_is_written_down_too(): void
    {
        $this->kitchen();
        Artisan::call('kitchen:member', ['email' => 'dov@lockhouse.example', 'role' => 'guest', '--name' => 'Dov']);
        self::assertSame(['Whoever runs the server', 'Dov', 'guest'], [KitchenAct::query()->value('done_by'), KitchenAct::query()->value('what'), KitchenAct::query()->value('more')]);
    }

    private const DOV = ['name' => 'Dov', 'email' => 'dov@lockhouse.example', 'password' => 'ten letters'];

    private function invited(Kitchen $kitchen, string $role): string
    {
        $this->actingAs($this->member($kitchen));
        $link = $this->postJson("/api/kitchens/$kitchen->id/invites", ['forWhom' => 'Dov', 'role' => $role])->assertStatus(201)->json('newLink');
        self::assertIsString($link);

        return $link;
    }
}
