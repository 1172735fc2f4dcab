<?php

declare(strict_types=1);

namespace Hojaldre\Core\Document;

use BackedEnum;
use stdClass;

/** An object of a document as arrays, in the one order that files are written in. */
final readonly class DocumentWriter
{
    /** @return array<string, mixed> */
    public static function write(object $object): array
    {
        $kinds = Shapes::kinds($object::class);
        $written = Shapes::fixed($object::class) + ($kinds === null ? [] : [$kinds->key => $kinds->wordOf($object::class)]);
        foreach (Shapes::fields($object::class) as $field) {
            $written[$field->name] = self::value($field, $object->{$field->name});
        }

        return $written;
    }

    private static function value(Field $field, mixed $value): mixed
    {
        return match (true) {
            $value instanceof BackedEnum => $value->value,
            $field->holds instanceof NamedNumbers && is_array($value) => self::inOrder($value),
            is_array($value) => array_map(static fn (mixed $one): mixed => $one instanceof BackedEnum ? $one->value : (is_object($one) ? self::write($one) : $one), $value),
            is_object($value) => self::write($value),
            default => $value,
        };
    }

    /**
     * By name, since a store may hand an object's fields back in any order; an empty object must stay an object in the file.
     *
     * @param  array<array-key, mixed>  $named
     * @return array<array-key, mixed>|stdClass
     */
    private static function inOrder(array $named): array|stdClass
    {
        ksort($named);

        return $named === [] ? new stdClass : $named;
    }
}
