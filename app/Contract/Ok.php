<?php

declare(strict_types=1);

namespace App\Contract;

/** Nothing more to say. */
#[Schema('Ok')]
final readonly class Ok
{
    public function __construct(public bool $ok = true)
    {
    }
}
