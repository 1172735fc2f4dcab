<?php

declare(strict_types=1);

namespace Hojaldre\Core\Document;

use Attribute;

/** A list of a document: objects of a class, of one of several kinds, or words of an enum, each word once. */
#[Attribute(Attribute::TARGET_PARAMETER | Attribute::TARGET_PROPERTY)]
final readonly class ListOf
{
    /** @param  class-string  $class */
    public function __construct(public string $class, public int $most, public int $least = 0)
    {
    }
}
