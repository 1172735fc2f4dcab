<?php

declare(strict_types=1);

namespace App\People;

use App\Contract\Schema;
use Hojaldre\Core\Document\Whole;

#[Schema('NewOwner')]
final readonly class NewOwner
{
    /** @param  int  $member  who is to own the kitchen */
    public function __construct(#[Whole(1, 1000000000)] public int $member)
    {
    }
}
