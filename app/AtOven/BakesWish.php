<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;
use Hojaldre\Core\Document\ListOf;

#[Schema('BakesWish')]
final readonly class BakesWish
{
    /** A limit of ours: a day has no more loads (definition). */
    private const MOST = 60;

    /** @param  list<BakeWish>  $bakes */
    public function __construct(#[ListOf(BakeWish::class, self::MOST, 1)] public array $bakes)
    {
    }
}
