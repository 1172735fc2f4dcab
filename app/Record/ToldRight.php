<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Schema;

/** How often a word that was told was the word that was judged. */
#[Schema('ToldRight')]
final readonly class ToldRight
{
    /**
     * @param  int  $judged  bakes
     * @param  int  $right  told the same word
     * @param  int  $falseAlarms  told as trouble, and were none
     * @param  int  $missed  were trouble, and not told
     */
    public function __construct(public string $tap, public string $name, public int $judged, public int $right, public int $falseAlarms, public int $missed)
    {
    }
}
