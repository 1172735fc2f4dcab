<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\People\Deed;
use App\People\KitchenAct;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

/** Lets somebody into a kitchen, or changes what they may do there. For whoever runs the server and for the first days of a kitchen; owners invite people in the room Kitchen. */
final class AddMemberCommand extends Command
{
    protected $signature = 'kitchen:member {email} {role : owner, cook or guest} {--name= : for somebody new} {--kitchen= : where there are several} {--new-password}';

    protected $description = 'Let somebody into a kitchen, change their role, or give them a new password.';

    public function handle(): int
    {
        $role = Role::tryFrom($this->text('role'));
        $email = mb_strtolower($this->text('email'));
        $kitchen = $this->kitchen();
        if ($role === null || filter_var($email, FILTER_VALIDATE_EMAIL) === false || $kitchen === null) {
            $this->error(match (true) {
                $role === null => 'The role is one of: owner, cook, guest.',
                $kitchen === null => 'Name one of the kitchens with --kitchen: '.Kitchen::query()->orderBy('name')->pluck('name')->implode(', ').'.',
                default => 'Write an e-mail address, such as ada@lockhouse.example.',
            });

            return self::INVALID;
        }
        $user = User::query()->firstOrNew(['email' => $email]);
        $password = $user->exists && $this->option('new-password') !== true ? null : Str::password(14, symbols: false);
        $user->fill(array_filter(['name' => $this->text('name') ?: ($user->exists ? null : Str::before($email, '@')), 'password' => $password]))->save();
        $kitchen->members()->syncWithoutDetaching([$user->id => ['role' => $role->value]]);
        KitchenAct::note($kitchen, 'Whoever runs the server', Deed::RoleChanged, $user->name, $role->value);
        $this->line("$email is $role->value in $kitchen->name.".($password === null ? '' : "  Password: $password"));

        return self::SUCCESS;
    }

    private function kitchen(): ?Kitchen
    {
        $named = $this->text('kitchen');
        $kitchens = Kitchen::query()->when($named !== '', static fn ($query) => $query->where('name', $named))->limit(2)->get();

        return $kitchens->count() === 1 ? $kitchens->first() : null;
    }

    private function text(string $key): string
    {
        $value = $this->hasArgument($key) ? $this->argument($key) : $this->option($key);

        return is_string($value) ? trim($value) : '';
    }
}
