<?php

declare(strict_types=1);

namespace Tests\Kitchen;

use App\Kitchen\SameDoor;
use Tests\TestCase;

/** What a person may change about themselves. */
final class YouTest extends TestCase
{
    private const NOW = 'golden crust';

    private const WANTED = 'a much longer one';

    public function test_a_new_password_opens_the_door_and_the_old_one_does_not(): void
    {
        $this->actingAs($this->member($this->kitchen()));
        $this->putJson('/api/session/password', ['now' => self::NOW, 'wanted' => self::WANTED])->assertOk();
        $this->deleteJson('/api/session');
        $this->postJson('/api/session', ['email' => 'ada@lockhouse.example', 'password' => self::NOW])->assertStatus(422);
        $this->postJson('/api/session', ['email' => 'ada@lockhouse.example', 'password' => self::WANTED])->assertOk();
    }

    public function test_a_password_is_changed_only_by_who_knows_the_old_one(): void
    {
        $this->actingAs($this->member($this->kitchen()));
        $this->putJson('/api/session/password', ['now' => 'pale crust', 'wanted' => self::WANTED])->assertStatus(422)->assertJsonPath('at', '/now');
        $this->putJson('/api/session/password', ['now' => self::NOW, 'wanted' => 'too short'])->assertStatus(422)->assertJsonPath('at', '/wanted');
        $this->deleteJson('/api/session');
        $this->postJson('/api/session', ['email' => 'ada@lockhouse.example', 'password' => self::NOW])->assertOk();
    }

    public function test_the_old_password_cannot_be_guessed_at_a_tablet_left_open(): void
    {
        $this->actingAs($this->member($this->kitchen()));
        for ($i = 0; $i < 6; $i++) {
            $this->putJson('/api/session/password', ['now' => "guess $i", 'wanted' => self::WANTED])->assertStatus(422);
        }
        $this->putJson('/api/session/password', ['now' => self::NOW, 'wanted' => self::WANTED])->assertStatus(429)->assertHeader('Retry-After');
    }

    public function test_signing_out_everywhere_ends_the_other_sessions_and_not_this_one(): void
    {
        $ada = $this->member($this->kitchen());
        $this->actingAs($ada)->withSession([SameDoor::class => $ada->door]);
        $this->deleteJson('/api/sessions')->assertOk()->assertJsonPath('user.name', 'Ada');
        $this->getJson('/api/session')->assertJsonPath('user.name', 'Ada');

        // a tablet that came in by the door before
        $this->actingAs($ada->refresh())->withSession([SameDoor::class => $ada->door - 1]);
        $this->getJson('/api/session')->assertOk()->assertJsonPath('user', null);
    }

    public function test_a_new_password_ends_the_other_sessions(): void
    {
        $ada = $this->member($this->kitchen());
        $this->actingAs($ada)->withSession([SameDoor::class => $ada->door]);
        $this->putJson('/api/session/password', ['now' => self::NOW, 'wanted' => self::WANTED])->assertOk()->assertJsonPath('user.name', 'Ada');
        $kitchen = $ada->kitchens()->firstOrFail();
        $this->actingAs($ada->refresh())->withSession([SameDoor::class => 1]);
        $this->getJson("/api/kitchens/$kitchen->id/pies")->assertStatus(401);
    }

    public function test_a_cook_says_how_they_are_called(): void
    {
        $ada = $this->member($this->kitchen());
        $this->actingAs($ada)->putJson('/api/session/name', ['name' => 'Ada Quill'])->assertOk()->assertJsonPath('user.name', 'Ada Quill');
        $this->putJson('/api/session/name', ['name' => ''])->assertStatus(422)->assertJsonPath('at', '/name');
        self::assertSame('Ada Quill', $ada->refresh()->name);
    }
}
