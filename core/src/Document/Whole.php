<?php

declare(strict_types=1);

namespace Hojaldre\Core\Document;

use Attribute;

/** A whole number of a document: its range, ends included. */
#[Attribute(Attribute::TARGET_PARAMETER | Attribute::TARGET_PROPERTY)]
final readonly class Whole
{
    public function __construct(public int $least, public int $most)
    {
    }
}
