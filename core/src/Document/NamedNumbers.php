<?php

declare(strict_types=1);

namespace Hojaldre\Core\Document;

use Attribute;

/** An object of a document whose keys are names, such as the weight of a piece by its size. */
#[Attribute(Attribute::TARGET_PARAMETER | Attribute::TARGET_PROPERTY)]
final readonly class NamedNumbers
{
    public const NAME = '^[a-z][a-z ]{0,23}$';

    public function __construct(public int $entries, public float $least, public float $most, public string $unit)
    {
    }
}
