<?php

declare(strict_types=1);

namespace App\Tin;

use App\Contract\Schema;
use Hojaldre\Core\Tin\Tin;

/** A tin of the kitchen. */
#[Schema('StoredTin')]
final readonly class StoredTin
{
    /**
     * @param  string  $id  uuid
     * @param  float  $holdsMl  to the rim, unlined
     */
    public function __construct(public string $id, public string $name, public Tin $tin, public string $label, public float $holdsMl)
    {
    }
}
