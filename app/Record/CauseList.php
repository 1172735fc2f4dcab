<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Schema;

#[Schema('Causes')]
final readonly class CauseList
{
    /**
     * @param  list<string>  $troubles  what went wrong, in words
     * @param  list<CauseAnswer>  $causes  the likeliest first; none where nothing went wrong
     * @param  list<string>  $ruledOut
     * @param  float  $none  how likely it was none of these, 0 to 1
     */
    public function __construct(public array $troubles, public array $causes, public array $ruledOut, public float $none)
    {
    }
}
