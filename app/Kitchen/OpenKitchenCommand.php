<?php

declare(strict_types=1);

namespace App\Kitchen;

use Illuminate\Console\Command;
use Illuminate\Support\Str;

/** For a start without demo data: someone must be able to sign in. Does nothing where there is anyone already. */
final class OpenKitchenCommand extends Command
{
    protected $signature = 'kitchen:open-first {name=My kitchen} {email=owner@kitchen.example}';

    protected $description = 'Open the first kitchen of an empty database and print its sign-in.';

    public function handle(OpenKitchen $open): int
    {
        if (User::query()->exists()) {
            return self::SUCCESS;
        }
        [$name, $email] = [$this->argument('name'), $this->argument('email')];
        if (! is_string($name) || ! is_string($email)) {
            return self::INVALID;
        }
        $password = Str::password(14, symbols: false);
        $open($name, 'Owner', $email, $password);
        $this->line("$email  $password");

        return self::SUCCESS;
    }
}
