<?php

declare(strict_types=1);

namespace Hojaldre\Core\Document;

use Attribute;

/** A field that documents of before do not have: where it is missing it has the default of its parameter. It is always written. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class MayBeMissing
{
}
