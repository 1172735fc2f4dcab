<?php

declare(strict_types=1);

namespace Tests\Kitchen;

use App\Kitchen\Kitchen;
use App\Kitchen\User;
use Database\Seeders\DemoKitchenSeeder;
use Illuminate\Support\Facades\Artisan;
use Tests\TestCase;

final class FirstKitchenTest extends TestCase
{
    public function test_the_demo_kitchen_is_opened_where_nobody_can_sign_in_yet(): void
    {
        Artisan::call('kitchen:open-first', ['--demo' => true]);
        self::assertStringContainsString('golden crust', Artisan::output());
        self::assertSame(['The Lock House'], Kitchen::query()->pluck('name')->all());
        self::assertSame(7, Kitchen::query()->firstOrFail()->pies()->count());
    }

    public function test_published_passwords_never_come_to_people_who_are_there_already(): void
    {
        $this->kitchen('Own kitchen', 'own@kitchen.example');
        Artisan::call('kitchen:open-first', ['--demo' => true]);
        self::assertSame('', trim(Artisan::output()));
        $this->seed(DemoKitchenSeeder::class);
        self::assertSame(['own@kitchen.example'], User::query()->pluck('email')->all());
    }

    public function test_an_empty_kitchen_gets_one_owner_with_a_password_of_its_own(): void
    {
        Artisan::call('kitchen:open-first', ['--empty' => true]);
        self::assertMatchesRegularExpression('/^First owner: owner@kitchen\.example  \S{14}$/', trim(Artisan::output()));
        self::assertSame(0, Kitchen::query()->firstOrFail()->pies()->count());
    }
}
