<?php

declare(strict_types=1);

namespace App\Kitchen;

use Database\Seeders\DemoKitchenSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

/** At the first start somebody must be able to sign in. Does nothing where anybody can. */
final class OpenKitchenCommand extends Command
{
    protected $signature = 'kitchen:open-first {--demo : with the made-up kitchen and its published passwords} {--empty : with one owner and nothing else} {--name=My kitchen} {--email=owner@kitchen.example}';

    protected $description = 'Open the first kitchen of an empty database and print its sign-in.';

    public function handle(OpenKitchen $open): int
    {
        if (User::query()->exists()) {
            return self::SUCCESS;
        }
        if ($this->option('demo') === true) {
            $this->callSilently('db:seed', ['--class' => DemoKitchenSeeder::class, '--force' => true]);
            $this->line('Demo kitchen: ada@lockhouse.example, password: '.DemoKitchenSeeder::PASSWORD);

            return self::SUCCESS;
        }
        [$name, $email] = [$this->option('name'), $this->option('email')];
        if (! is_string($name) || ! is_string($email)) {
            return self::INVALID;
        }
        $password = Str::password(14, symbols: false);
        $open($name, 'Owner', $email, $password);
        $this->line("First owner: $email  $password");

        return self::SUCCESS;
    }
}
