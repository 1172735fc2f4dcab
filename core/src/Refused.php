<?php

declare(strict_types=1);

namespace Hojaldre\Core;

use RuntimeException;

/** Carries one or more refusals up to whoever can show them. */
final class Refused extends RuntimeException
{
    /** @param  non-empty-list<Refusal>  $refusals */
    private function __construct(public readonly array $refusals)
    {
        parent::__construct($refusals[0]->mend);
    }

    public static function because(string $code, string $at, string $mend): self
    {
        return new self([new Refusal($code, $at, $mend)]);
    }

    /** @param  non-empty-list<Refusal>  $refusals */
    public static function with(array $refusals): self
    {
        return new self($refusals);
    }
}
