<?php

declare(strict_types=1);

namespace Hojaldre\Core\Document;

use Attribute;

/** Keys of an object that always hold the same: what it is, and in which version. */
#[Attribute(Attribute::TARGET_CLASS)]
final readonly class Fixed
{
    /** @param  non-empty-array<string, int|string>  $values */
    public function __construct(public array $values)
    {
    }
}
