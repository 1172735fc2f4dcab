<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Whole;

#[Schema('ProbeReadingWish')]
final readonly class ReadingWish
{
    /**
     * @param  int  $at  ms since 1970
     * @param  float  $celsius  of the probe; what no food can have is stored too and left out of the trace
     */
    public function __construct(#[Whole(946_684_800_000, 4_102_444_800_000)] public int $at, #[Number(-1000, 10000, '°C')] public float $celsius)
    {
    }
}
