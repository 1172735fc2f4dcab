<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;
use Hojaldre\Core\Document\ListOf;

#[Schema('ProbeReadingsWish')]
final readonly class ReadingsWish
{
    /** A limit of ours: more is sent in several goes (definition). */
    private const MOST = 1000;

    /** @param  list<ReadingWish>  $readings */
    public function __construct(#[ListOf(ReadingWish::class, self::MOST, 1)] public array $readings)
    {
    }
}
