<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Document\Whole;

#[Schema('TraceWish')]
final readonly class TraceWish
{
    /**
     * @param  string  $csv  the file (docs/formats/probe.md)
     * @param  int  $zoneMinutes  of the kitchen's clock, east of Greenwich
     */
    public function __construct(#[Text(1, 240_000)] public string $csv, #[Whole(-900, 900)] public int $zoneMinutes)
    {
    }
}
