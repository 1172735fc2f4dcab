<?php

declare(strict_types=1);

namespace Hojaldre\Core\Refusal;

use RuntimeException;

/** Carries one or more refusals up to whoever can show them. */
final class Refused extends RuntimeException
{
    /** @param  non-empty-list<Refusal>  $refusals */
    private function __construct(public readonly array $refusals)
    {
        parent::__construct($refusals[0]->code.' at "'.$refusals[0]->at.'"');
    }

    /** @param  array<string, float|int|string|list<int|string>>  $with */
    public static function because(string $code, string $at = '', array $with = []): self
    {
        return new self([new Refusal($code, $at, $with)]);
    }

    /** @param  non-empty-list<Refusal>  $refusals */
    public static function with(array $refusals): self
    {
        return new self($refusals);
    }
}
