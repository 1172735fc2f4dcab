<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Schema;

/** A layer as designed and as done. */
#[Schema('BakeWeight')]
final readonly class WeightRow
{
    /**
     * @param  string  $layer  its id in the design
     * @param  float|null  $doneGrams  null where nobody weighed it
     */
    public function __construct(public string $layer, public string $name, public float $designedGrams, public ?float $doneGrams)
    {
    }
}
