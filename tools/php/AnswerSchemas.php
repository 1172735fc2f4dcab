<?php

declare(strict_types=1);

namespace Tools;

use App\Contract\Schema;
use BackedEnum;
use LogicException;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionProperty;

/** Schemas of the contract's answers, from the public fields of their classes. What a field holds is read where it is declared. */
final class AnswerSchemas
{
    private const PREFIX = '#/components/schemas/';

    /** @var array<string, array<string, mixed>> */
    public array $schemas = [];

    public readonly DocumentSchemas $documents;

    public function __construct()
    {
        $this->documents = new DocumentSchemas(self::PREFIX);
    }

    /**
     * A class that was met as a question before stays what it declares as one.
     *
     * @param  class-string  $class
     * @return array<string, mixed>
     */
    public function reference(string $class): array
    {
        if (! str_starts_with($class, 'App\\') || is_subclass_of($class, BackedEnum::class) || isset($this->documents->schemas[Schema::nameOf($class)])) {
            return $this->documents->reference($class);
        }
        $name = Schema::nameOf($class);
        if (! isset($this->schemas[$name])) {
            $this->schemas[$name] = [];
            $this->schemas[$name] = $this->schema(new ReflectionClass($class));
        }

        return ['$ref' => self::PREFIX.$name];
    }

    /**
     * @param  ReflectionClass<object>  $class
     * @return array<string, mixed>
     */
    private function schema(ReflectionClass $class): array
    {
        $said = Docblock::of($class)->text;
        $docs = Docblock::ofConstructor($class)->fields;
        $properties = [];
        foreach ($class->getProperties(ReflectionProperty::IS_PUBLIC) as $property) {
            $doc = $docs[$property->getName()] ?? ['type' => '', 'text' => ''];
            $properties[$property->getName()] = $this->field($property, $doc['type'], $doc['text']);
        }

        return ['type' => 'object', ...($said === '' ? [] : ['description' => $said]), 'required' => array_keys($properties), 'properties' => $properties];
    }

    /** @return array<string, mixed> */
    private function field(ReflectionProperty $property, string $docType, string $said): array
    {
        $type = $property->getType();
        if (! $type instanceof ReflectionNamedType) {
            throw new LogicException("{$property->class}::{$property->name} has no single type.");
        }
        $about = $said === '' ? [] : ['description' => $said];
        $schema = match (true) {
            $type->getName() === 'array' || str_contains($docType, "'") => $this->written((string) preg_replace('~\|null$~', '', $docType), $property),
            $type->getName() === 'mixed' => [],
            default => $this->named($type->getName(), $property),
        };
        // "uuid", "date and time" are said in words and known to the schema
        $schema = match (true) {
            str_starts_with($said, 'uuid') => [...$schema, 'format' => 'uuid'],
            str_starts_with($said, 'date and time') => [...$schema, 'format' => 'date-time'],
            default => $schema,
        };

        return $type->allowsNull() && $schema !== [] ? ['anyOf' => [$schema, ['type' => 'null']], ...$about] : [...$schema, ...$about];
    }

    /** @return array<string, mixed> */
    private function written(string $type, ReflectionProperty $property): array
    {
        if (preg_match('~^list<(.+)>$~', $type, $found) === 1) {
            return ['type' => 'array', 'items' => $this->written($found[1], $property)];
        }
        if (preg_match("~^'[^']+'(\|'[^']+')*$~", $type) === 1) {
            return ['type' => 'string', 'enum' => explode('|', str_replace("'", '', $type))];
        }

        return $this->named($type, $property);
    }

    /** @return array<string, mixed> */
    private function named(string $type, ReflectionProperty $property): array
    {
        return match ($type) {
            'string' => ['type' => 'string'],
            'int' => ['type' => 'integer'],
            'float' => ['type' => 'number'],
            'bool' => ['type' => 'boolean'],
            default => $this->reference(self::resolve($type, $property->getDeclaringClass())),
        };
    }

    /**
     * @param  ReflectionClass<object>  $in
     * @return class-string
     */
    private static function resolve(string $name, ReflectionClass $in): string
    {
        $file = (string) file_get_contents((string) $in->getFileName());
        $candidates = [$name, $in->getNamespaceName().'\\'.$name];
        if (preg_match('~^use (\S+\\\\'.preg_quote($name, '~').');~m', $file, $found) === 1) {
            array_unshift($candidates, $found[1]);
        }
        foreach ($candidates as $one) {
            if (class_exists($one) || interface_exists($one)) {
                return $one;
            }
        }
        throw new LogicException("{$in->getName()} names $name, which is no class.");
    }
}
