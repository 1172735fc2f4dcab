<?php

declare(strict_types=1);

namespace App\Oven;

use App\Contract\Schema;
use Hojaldre\Core\Oven\OvenMode;

/** An oven of the kitchen. */
#[Schema('StoredOven')]
final readonly class StoredOven
{
    /**
     * @param  string  $id  uuid
     * @param  float  $runsByKelvins  measured inside less what the dial says; negative where it runs cold
     */
    public function __construct(public string $id, public string $name, public OvenMode $mode, public float $runsByKelvins, public string $notes)
    {
    }
}
