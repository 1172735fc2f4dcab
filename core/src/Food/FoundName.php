<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/** A food named in a row of words: which, and where its name stands. */
final readonly class FoundName
{
    /**
     * @param  int  $from  place of its first word
     * @param  int  $count  of words
     * @param  bool  $isCorrected  a typing error was taken for it
     */
    public function __construct(public Food $food, public string $key, public int $from, public int $count, public bool $isCorrected = false)
    {
    }
}
