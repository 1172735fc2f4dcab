<?php

declare(strict_types=1);

namespace Tests\Kitchen;

use App\Kitchen\Kitchen;
use App\Kitchen\Role;
use App\Kitchen\User;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Food\Pantry;
use Illuminate\Support\Facades\Artisan;
use Tests\TestCase;

final class SessionTest extends TestCase
{
    public function test_a_stranger_is_told_that_nobody_is_signed_in(): void
    {
        $this->getJson('/api/session')->assertOk()->assertJson(['user' => null, 'kitchens' => []]);
    }

    public function test_a_cook_signs_in_whatever_the_case_of_the_address_and_sees_the_kitchens_and_roles(): void
    {
        $kitchen = $this->kitchen();
        $this->postJson('/api/session', ['email' => 'ADA@lockhouse.example', 'password' => 'golden crust'])
            ->assertOk()
            ->assertJson(['user' => ['email' => 'ada@lockhouse.example'], 'kitchens' => [['id' => $kitchen->id, 'role' => 'owner']]]);
        $this->assertAuthenticated();
        $this->deleteJson('/api/session')->assertOk()->assertJson(['user' => null]);
        $this->assertGuest();
    }

    public function test_a_wrong_password_is_refused_at_its_field_without_saying_which_of_the_two_was_wrong(): void
    {
        $this->kitchen();
        $wrong = $this->postJson('/api/session', ['email' => 'ada@lockhouse.example', 'password' => 'pale crust'])->assertStatus(422);
        $unknown = $this->postJson('/api/session', ['email' => 'nobody@lockhouse.example', 'password' => 'pale crust'])->assertStatus(422);
        self::assertSame($wrong->json('mend'), $unknown->json('mend'));
        self::assertSame('/password', $wrong->json('at'));
    }

    public function test_fields_left_empty_are_named(): void
    {
        $this->postJson('/api/session', [])->assertStatus(422)->assertJsonPath('refusals.0.at', '/email')->assertJsonPath('refusals.1.at', '/password');
    }

    public function test_the_seventh_wrong_try_in_a_minute_has_to_wait(): void
    {
        $this->kitchen();
        for ($i = 0; $i < 6; $i++) {
            $this->postJson('/api/session', ['email' => 'ada@lockhouse.example', 'password' => "guess $i"])->assertStatus(422);
        }
        $this->postJson('/api/session', ['email' => 'ada@lockhouse.example', 'password' => 'golden crust'])
            ->assertStatus(429)->assertHeader('Retry-After')->assertJsonPath('code', 'too-many-tries');
        $this->travel(61)->seconds();
        $this->postJson('/api/session', ['email' => 'ada@lockhouse.example', 'password' => 'golden crust'])->assertOk();
    }

    public function test_signing_out_without_being_in_is_a_problem_not_a_fault(): void
    {
        $this->deleteJson('/api/session')->assertStatus(401)->assertJsonPath('code', 'not-signed-in');
    }

    public function test_units_are_remembered_with_the_person_and_change_what_a_cup_is(): void
    {
        $kitchen = $this->kitchen();
        $this->putJson('/api/session/units', ['volumes' => 'us', 'temperatures' => 'fahrenheit'])->assertStatus(401);
        $this->actingAs($this->member($kitchen));
        $cup = fn (): float => (float) $this->postJson("/api/kitchens/$kitchen->id/entries", ['kind' => 'mass', 'words' => '1 cup', 'food' => DocumentWriter::write(Pantry::food('whole-milk')), 'boughtGrams' => null, 'preparation' => ''])->assertOk()->json('value');
        self::assertSame(257.5, $cup());
        $this->putJson('/api/session/units', ['volumes' => 'us', 'temperatures' => 'fahrenheit', 'eggs' => 'eu'])->assertOk()->assertJsonPath('user.units', ['volumes' => 'us', 'temperatures' => 'fahrenheit', 'eggs' => 'eu']);
        self::assertSame(243.686, $cup());
        $this->putJson('/api/session/units', ['volumes' => 'roman'])->assertStatus(422)->assertJsonPath('refusals.*.at', ['/volumes', '/temperatures', '/eggs']);
    }

    public function test_an_unknown_address_answers_with_a_problem(): void
    {
        $this->getJson('/api/cakes')->assertStatus(404)->assertHeader('Content-Type', 'application/problem+json')->assertJsonPath('code', 'not-found');
        $this->putJson('/api/session')->assertStatus(405)->assertJsonPath('code', 'wrong-method');
    }

    public function test_somebody_is_let_in_given_another_role_and_a_new_password(): void
    {
        $kitchen = $this->kitchen();
        self::assertSame(0, Artisan::call('kitchen:member', ['email' => 'Ben@lockhouse.example', 'role' => 'cook', '--name' => 'Ben Sluys']));
        self::assertSame(1, preg_match('/^ben@lockhouse.example is cook in The Lock House\.  Password: (\S{14})$/m', Artisan::output(), $m));
        $this->postJson('/api/session', ['email' => 'ben@lockhouse.example', 'password' => $m[1]])->assertOk()->assertJsonPath('kitchens.0.role', 'cook')->assertJsonPath('user.name', 'Ben Sluys');
        Artisan::call('kitchen:member', ['email' => 'ben@lockhouse.example', 'role' => 'guest']);
        self::assertSame('ben@lockhouse.example is guest in The Lock House.', trim(Artisan::output()));
        Artisan::call('kitchen:member', ['email' => 'ben@lockhouse.example', 'role' => 'cook', '--new-password' => true]);
        self::assertStringNotContainsString($m[1], Artisan::output());
        $this->postJson('/api/session', ['email' => 'ben@lockhouse.example', 'password' => $m[1]])->assertStatus(422);
        self::assertSame(2, $kitchen->members()->count());
    }

    public function test_letting_somebody_in_says_what_is_wrong(): void
    {
        $this->kitchen();
        $said = static function (array $arguments): string {
            self::assertSame(2, Artisan::call('kitchen:member', $arguments));

            return trim(Artisan::output());
        };
        self::assertSame('The role is one of: owner, cook, guest.', $said(['email' => 'ben@lockhouse.example', 'role' => 'baker']));
        self::assertStringStartsWith('Write an e-mail address', $said(['email' => 'ben', 'role' => 'cook']));
        $this->kitchen('The Other Hatch', 'bea@hatch.example');
        self::assertSame('Name one of the kitchens with --kitchen: The Lock House, The Other Hatch.', $said(['email' => 'ben@lockhouse.example', 'role' => 'cook']));
    }

    public function test_the_demo_kitchen_can_be_put_in_twice_and_keeps_what_was_changed_meanwhile(): void
    {
        Artisan::call('db:seed', ['--class' => 'Database\\Seeders\\DemoKitchenSeeder', '--force' => true]);
        $kitchen = Kitchen::query()->firstOrFail();
        $pie = $kitchen->pies()->where('name', 'Smoked trout and leek quiche')->firstOrFail();
        $pie->update(['archived_at' => now()]);
        Artisan::call('db:seed', ['--class' => 'Database\\Seeders\\DemoKitchenSeeder', '--force' => true]);
        self::assertSame([1, 3, 7], [Kitchen::query()->count(), User::query()->count(), $kitchen->pies()->count()]);
        self::assertNotNull($pie->fresh()?->archived_at);
        self::assertSame(['cook', 'guest', 'owner'], $kitchen->members->map(static fn (User $user): string => $user->getRelation('pivot')->role->value)->sort()->values()->all());
    }

    public function test_health_is_asked_of_the_database(): void
    {
        $this->getJson('/api/health')->assertOk()->assertExactJson(['ok' => true]);
        $this->getJson('/api/ping')->assertOk();
        self::assertFalse(Role::Guest->mayWrite());
    }
}
