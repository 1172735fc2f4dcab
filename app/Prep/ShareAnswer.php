<?php

declare(strict_types=1);

namespace App\Prep;

use App\Contract\Schema;

/** What of it goes into one pie of the batch. */
#[Schema('PieShare')]
final readonly class ShareAnswer
{
    /** @param  int  $number  of the pie in the batch */
    public function __construct(public int $number, public float $grams)
    {
    }
}
