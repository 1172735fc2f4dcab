<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Schema;

#[Schema('SessionUser')]
final readonly class SessionUser
{
    /** The hottest that the words go to. */
    private const HOTTEST_CELSIUS = 350;

    /**
     * @param  list<string>  $ovenWords  an oven of so many °C, from 0 on, as this cook likes it told
     * @param  list<PlaceAnswer>  $places
     */
    private function __construct(public string $name, public string $email, public Units $units, public array $ovenWords, public array $places)
    {
    }

    public static function of(User $user): self
    {
        return new self($user->name, $user->email, new Units($user->volumes, $user->temperatures, $user->eggs), array_map($user->words()->oven(...), range(0, self::HOTTEST_CELSIUS)), PlaceAnswer::all($user->words()));
    }
}
