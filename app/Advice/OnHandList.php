<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;

#[Schema('OnHandList')]
final readonly class OnHandList
{
    /** @param  list<OnHandAnswer>  $pies  at most six, the best readings first */
    public function __construct(public array $pies)
    {
    }
}
