<?php

declare(strict_types=1);

namespace Tools;

use App\Contract\Schema;
use Hojaldre\Core\Document\Field;
use Hojaldre\Core\Document\ListOf;
use Hojaldre\Core\Document\NamedNumbers;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Shapes;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Document\Whole;
use LogicException;
use ReflectionClass;

/** JSON Schemas (2020-12) of documents, from what their classes declare: the same that the reader of a file goes by. */
final class DocumentSchemas
{
    /** @var array<string, class-string> */
    private array $classes = [];

    /** @var array<string, array<string, mixed>> by name, of all classes met */
    public array $schemas = [];

    public function __construct(private readonly string $prefix)
    {
    }

    /** @param  class-string  $class */
    public static function nameOf(string $class): string
    {
        return Schema::nameOf($class);
    }

    /**
     * A reference to the schema of a class, which is written when it is met for the first time.
     *
     * @param  class-string  $class
     * @return array<string, mixed>
     */
    public function reference(string $class): array
    {
        $name = self::nameOf($class);
        if (($this->classes[$name] ??= $class) !== $class) {
            throw new LogicException("{$this->classes[$name]} and $class are both called $name in the contract.");
        }
        if (! isset($this->schemas[$name])) {
            $this->schemas[$name] = [];
            $this->schemas[$name] = $this->schema($class);
        }

        return ['$ref' => $this->prefix.$name];
    }

    /**
     * @param  class-string  $class
     * @return array<string, mixed>
     */
    private function schema(string $class): array
    {
        $said = Docblock::of(new ReflectionClass($class))->text;
        $about = $said === '' ? [] : ['description' => $said];
        if (is_subclass_of($class, \BackedEnum::class)) {
            return ['type' => 'string', ...$about, 'enum' => array_column($class::cases(), 'value')];
        }
        $kinds = Shapes::kinds($class);
        if (interface_exists($class)) {
            return [...$about, 'oneOf' => array_map($this->reference(...), array_values($kinds->classes ?? []))];
        }
        $properties = array_map(static fn (int|string $value): array => ['type' => is_int($value) ? 'integer' : 'string', 'const' => $value], Shapes::fixed($class));
        if ($kinds !== null) {
            $properties[$kinds->key] = ['type' => 'string', 'const' => $kinds->wordOf($class)];
        }
        $docs = Docblock::ofConstructor(new ReflectionClass($class));
        foreach (Shapes::fields($class) as $field) {
            $properties[$field->name] = $this->field($field, $docs->fields[$field->name]['text'] ?? '');
        }

        $missing = array_map(static fn (Field $one): string => $one->name, array_filter(Shapes::fields($class), static fn (Field $one): bool => $one->mayBeMissing));

        return ['type' => 'object', ...$about, 'additionalProperties' => false, 'required' => array_values(array_diff(array_keys($properties), $missing)), 'properties' => $properties];
    }

    /** @return array<string, mixed> */
    private function field(Field $field, string $said): array
    {
        $holds = $field->holds;
        $unit = $holds instanceof Number || $holds instanceof NamedNumbers ? $holds->unit : '';
        $said = implode('; ', array_filter([$unit, $said], static fn (string $one): bool => $one !== ''));
        $about = $said === '' ? [] : ['description' => $said];
        $schema = match (true) {
            $holds instanceof Number => ['type' => 'number', ...$about, 'minimum' => $holds->least, 'maximum' => $holds->most],
            $holds instanceof Whole => ['type' => 'integer', ...$about, 'minimum' => $holds->least, 'maximum' => $holds->most],
            $holds instanceof Text => ['type' => 'string', ...$about, 'minLength' => $holds->least, 'maxLength' => $holds->most, ...($holds->pattern === null ? [] : ['pattern' => $holds->pattern])],
            $holds instanceof ListOf => ['type' => 'array', ...$about, 'minItems' => $holds->least, 'maxItems' => $holds->most, ...(Shapes::isEnum($holds->class) ? ['uniqueItems' => true] : []), 'items' => $this->reference($holds->class)],
            $holds instanceof NamedNumbers => ['type' => 'object', ...$about, 'maxProperties' => $holds->entries, 'propertyNames' => ['pattern' => NamedNumbers::NAME], 'additionalProperties' => ['type' => 'number', 'minimum' => $holds->least, 'maximum' => $holds->most]],
            $holds === 'bool' => ['type' => 'boolean', ...$about],
            default => [...$this->reference($holds), ...$about],
        };

        return $field->isNullable ? ['anyOf' => [$schema, ['type' => 'null']]] : $schema;
    }
}
