<?php

declare(strict_types=1);

namespace Hojaldre\Core\Document;

use Attribute;

/** An object that is of one of several kinds, and the key that says which. */
#[Attribute(Attribute::TARGET_CLASS)]
final readonly class Kinds
{
    /** @param  non-empty-array<string, class-string>  $classes  by the word that stands at the key */
    public function __construct(public string $key, public array $classes)
    {
    }

    /** @param  class-string  $class */
    public function wordOf(string $class): string
    {
        return (string) array_search($class, $this->classes, true);
    }
}
