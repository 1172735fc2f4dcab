<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Schema;

/** How often something went wrong, and with which pie most. */
#[Schema('TroubleCount')]
final readonly class TroubleCount
{
    public function __construct(public string $name, public int $bakes, public string $mostOf, public int $mostBakes)
    {
    }
}
