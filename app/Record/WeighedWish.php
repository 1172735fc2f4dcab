<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Schema;
use Hojaldre\Core\Document\ListOf;

#[Schema('WeighedWish')]
final readonly class WeighedWish
{
    /** @param  list<WeighedLayer>  $layers  that were weighed; the rest went in as designed, as far as is known */
    public function __construct(#[ListOf(WeighedLayer::class, 30)] public array $layers)
    {
    }
}
