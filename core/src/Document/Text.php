<?php

declare(strict_types=1);

namespace Hojaldre\Core\Document;

use Attribute;

/** A text of a document: how many letters it has, and what it must look like. */
#[Attribute(Attribute::TARGET_PARAMETER | Attribute::TARGET_PROPERTY)]
final readonly class Text
{
    /** @param  string|null  $pattern  a regular expression, without delimiters, that JSON Schema knows too */
    public function __construct(public int $least, public int $most, public ?string $pattern = null)
    {
    }
}
