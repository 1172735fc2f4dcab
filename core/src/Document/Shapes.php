<?php

declare(strict_types=1);

namespace Hojaldre\Core\Document;

use BackedEnum;
use LogicException;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;

/**
 * What the classes of a document declare of themselves: the parameters of their constructors are its fields, in the order of the
 * file. Reading, writing and the published schema all follow from this one place.
 */
final class Shapes
{
    private const ATTRIBUTES = [Number::class, Whole::class, Text::class, ListOf::class, NamedNumbers::class];

    /** @var array<class-string, list<Field>> */
    private static array $fields = [];

    /** @var array<class-string, array<string, int|string>> */
    private static array $fixed = [];

    /** @var array<class-string, Kinds|null> */
    private static array $kinds = [];

    /**
     * @param  class-string  $class
     * @return list<Field>
     */
    public static function fields(string $class): array
    {
        return self::$fields[$class] ??= array_map(self::field(...), (new ReflectionClass($class))->getConstructor()?->getParameters() ?? []);
    }

    /**
     * The kinds of an interface, or those that a class is one of.
     *
     * @param  class-string  $class
     */
    public static function kinds(string $class): ?Kinds
    {
        if (! array_key_exists($class, self::$kinds)) {
            $found = null;
            foreach ([$class, ...array_values(class_implements($class) ?: [])] as $one) {
                $found ??= (new ReflectionClass($one))->getAttributes(Kinds::class)[0] ?? null;
            }
            self::$kinds[$class] = $found?->newInstance();
        }

        return self::$kinds[$class];
    }

    /**
     * @param  class-string  $class
     * @return array<string, int|string>
     */
    public static function fixed(string $class): array
    {
        return self::$fixed[$class] ??= ((new ReflectionClass($class))->getAttributes(Fixed::class)[0] ?? null)?->newInstance()->values ?? [];
    }

    /** @param  class-string  $class */
    public static function isEnum(string $class): bool
    {
        return is_subclass_of($class, BackedEnum::class);
    }

    private static function field(ReflectionParameter $parameter): Field
    {
        $holds = null;
        $rules = [];
        $mayBeMissing = $parameter->getAttributes(MayBeMissing::class) !== [];
        foreach ($parameter->getAttributes() as $attribute) {
            $one = $attribute->newInstance();
            if ($one instanceof Rule) {
                $rules[] = $one;
            } elseif (in_array($one::class, self::ATTRIBUTES, true)) {
                /** @var Number|Whole|Text|ListOf|NamedNumbers $one */
                $holds = $one;
            }
        }
        $type = $parameter->getType();
        assert($type instanceof ReflectionNamedType);
        $holds ??= self::byType($type->getName(), $parameter->getName());

        return new Field($parameter->getName(), $holds, $type->allowsNull(), $rules, $mayBeMissing, $mayBeMissing ? $parameter->getDefaultValue() : null);
    }

    /** @return class-string|'bool' */
    private static function byType(string $type, string $name): string
    {
        if ($type === 'bool' || class_exists($type) || interface_exists($type)) {
            return $type;
        }
        throw new LogicException("The field \"$name\" of a document says nothing of its range: give it an attribute.");
    }
}
