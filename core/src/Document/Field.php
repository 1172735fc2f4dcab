<?php

declare(strict_types=1);

namespace Hojaldre\Core\Document;

/** One field of a document's object, as its class declares it. */
final readonly class Field
{
    /**
     * @param  Number|Whole|Text|ListOf|NamedNumbers|class-string|'bool'  $holds  a class: an object of it, of its kinds, or a word of that enum
     * @param  list<Rule>  $rules
     * @param  mixed  $default  what it has where it may be missing and is
     */
    public function __construct(
        public string $name,
        public Number|Whole|Text|ListOf|NamedNumbers|string $holds,
        public bool $isNullable,
        public array $rules,
        public bool $mayBeMissing = false,
        public mixed $default = null,
    ) {
    }
}
