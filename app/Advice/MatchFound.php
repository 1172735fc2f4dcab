<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;

#[Schema('MatchFound')]
final readonly class MatchFound
{
    /** @param  MatchAnswer|null  $match  null while there is nothing to bake */
    public function __construct(public ?MatchAnswer $match)
    {
    }
}
