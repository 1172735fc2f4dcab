<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch\Prep;

/** What of an act goes into one pie of the batch, all of them together. */
final readonly class PieShare
{
    /** @param  int  $number  of the pie in the batch */
    public function __construct(public int $number, public float $grams)
    {
    }
}
