<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;
use Hojaldre\Core\AtOven\CoolingWatch;
use Hojaldre\Core\Safety\CoolingVerdict;

/** Is it cold in time? Minutes since it came out. */
#[Schema('LiveCooling')]
final readonly class LiveCoolingAnswer
{
    /** @param  bool  $isMeasured  by the probe; else by the forecast */
    private function __construct(public bool $isMeasured, public ?float $hotMinute, public ?float $warmMinute, public ?float $coldMinute, public float $warmByMinute, public float $coldByMinute, public ?CoolingVerdict $verdict)
    {
    }

    public static function of(CoolingWatch $watch): self
    {
        return new self($watch->isMeasured, $watch->hotMinute, $watch->warmMinute, $watch->coldMinute, $watch->warmByMinute, $watch->coldByMinute, $watch->verdict);
    }
}
