<?php

declare(strict_types=1);

namespace Hojaldre\Core\Document;

use Attribute;

/** A number of a document: its range, ends included, and its unit. */
#[Attribute(Attribute::TARGET_PARAMETER | Attribute::TARGET_PROPERTY)]
final readonly class Number
{
    public function __construct(public float $least, public float $most, public string $unit)
    {
    }
}
