<?php

declare(strict_types=1);

namespace Hojaldre\Core\Document;

use BackedEnum;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Refusal\Refusals;
use Hojaldre\Core\Refusal\Refused;
use stdClass;

/**
 * Makes an object of a decoded document by the shape that its class declares. Every fault is named by its JSON pointer; reading
 * goes on with a harmless value, so that all faults are told at once. Nothing read is used while there is any.
 */
final readonly class DocumentReader
{
    private function __construct(private Refusals $refusals)
    {
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @param  string  $at  JSON pointer to it in what was sent
     * @return T
     *
     * @throws Refused with every fault found
     */
    public static function read(string $class, mixed $data, string $at = ''): object
    {
        $refusals = new Refusals;
        $read = (new self($refusals))->object($class, $data, $at, '');
        $refusals->throwIfAny();
        assert($read instanceof $class);

        return $read;
    }

    /**
     * @param  class-string  $class
     * @param  string  $name  of the field, for a refusal
     */
    private function object(string $class, mixed $data, string $at, string $name): ?object
    {
        if (! is_array($data) || ($data !== [] && array_is_list($data))) {
            $this->refuse($data === null ? 'missing-object' : 'not-an-object', $at, ['field' => $name]);

            return null;
        }
        $kinds = Shapes::kinds($class);
        if ($kinds === null) {
            return $this->fields($class, $data, $at, []);
        }
        $word = $data[$kinds->key] ?? null;
        if (! is_string($word) || ! isset($kinds->classes[$word])) {
            $this->refuse($word === null ? 'missing-word' : 'not-one-of', $at.'/'.$kinds->key, ['field' => $kinds->key, 'allowed' => array_keys($kinds->classes)]);

            return null;
        }

        return $this->fields($kinds->classes[$word], $data, $at, [$kinds->key => true]);
    }

    /**
     * @param  class-string  $class
     * @param  array<array-key, mixed>  $data
     * @param  array<string, true>  $known
     */
    private function fields(string $class, array $data, string $at, array $known): ?object
    {
        $before = $this->refusals->count();
        foreach (Shapes::fixed($class) as $key => $value) {
            $known[$key] = true;
            if (($data[$key] ?? null) !== $value) {
                $this->refuse(isset($data[$key]) ? 'not-one-of' : 'missing-word', $at.'/'.$key, ['field' => $key, 'allowed' => [$value]]);
            }
        }
        $values = [];
        foreach (Shapes::fields($class) as $field) {
            $known[$field->name] = true;
            if ($field->mayBeMissing && ! array_key_exists($field->name, $data)) {
                $values[] = $field->default;

                continue;
            }
            $values[] = $this->field($field, array_key_exists($field->name, $data), $data[$field->name] ?? null, $at.'/'.$field->name);
        }
        foreach (array_keys(array_diff_key($data, $known)) as $key) {
            $this->refuse('unknown-field', $at.'/'.self::escape((string) $key), ['field' => mb_substr(mb_scrub((string) $key), 0, 40), 'known' => array_keys($known)]);
        }
        if ($this->refusals->count() > $before) {
            return null;
        }
        $object = new $class(...$values);
        if ($object instanceof Judged) {
            $this->pass($object->refusals(), $at);
        }

        return $object;
    }

    private function field(Field $field, bool $isThere, mixed $value, string $at): mixed
    {
        if ($value === null && $isThere && $field->isNullable) {
            return null;
        }
        $before = $this->refusals->count();
        $holds = $field->holds;
        $read = match (true) {
            $holds instanceof Number => $this->number($field->name, $value, $at, $holds->least, $holds->most, $holds->unit),
            $holds instanceof Whole => $this->whole($field->name, $value, $at, $holds),
            $holds instanceof Text => $this->text($field->name, $value, $at, $holds),
            $holds instanceof ListOf => $this->items($field->name, $value, $at, $holds),
            $holds instanceof NamedNumbers => $this->named($field->name, $value, $at, $holds),
            $holds === 'bool' => $this->flag($field->name, $value, $at),
            Shapes::isEnum($holds) => $this->word($field->name, $value, $at, $holds),
            default => $this->object($holds, $value, $at, $field->name),
        };
        if ($this->refusals->count() === $before) {
            foreach ($field->rules as $rule) {
                $this->pass($rule->refusals($read), $at);
            }
        }

        return $read;
    }

    private function number(string $name, mixed $value, string $at, float $least, float $most, string $unit): float
    {
        if ((is_int($value) || is_float($value)) && is_finite((float) $value)) {
            if ($value >= $least && $value <= $most) {
                return (float) $value;
            }
            $this->refuse('out-of-range', $at, ['field' => $name, 'value' => (float) $value, 'least' => $least, 'most' => $most, 'unit' => $unit]);
        } else {
            $this->refuse($value === null ? 'missing-number' : 'not-a-number', $at, ['field' => $name, 'least' => $least, 'most' => $most, 'unit' => $unit]);
        }

        return $least;
    }

    private function whole(string $name, mixed $value, string $at, Whole $holds): int
    {
        $number = $this->number($name, $value, $at, $holds->least, $holds->most, '');
        if ($number !== floor($number)) {
            $this->refuse('not-whole', $at, ['field' => $name]);
        }

        return (int) $number;
    }

    private function text(string $name, mixed $value, string $at, Text $holds): string
    {
        $length = is_string($value) && mb_check_encoding($value, 'UTF-8') ? mb_strlen($value) : -1;
        if (! is_string($value) || $length < $holds->least || $length > $holds->most) {
            $this->refuse($value === null ? 'missing-text' : 'not-a-text', $at, ['field' => $name, 'least' => $holds->least, 'most' => $holds->most]);

            return '';
        }
        if ($holds->pattern !== null && preg_match('~'.$holds->pattern.'~Du', $value) !== 1) {
            $this->refuse('name-not-plain', $at, ['field' => $name]);
        }

        return $value;
    }

    private function flag(string $name, mixed $value, string $at): bool
    {
        if (! is_bool($value)) {
            $this->refuse($value === null ? 'missing-flag' : 'not-a-flag', $at, ['field' => $name]);
        }

        return $value === true;
    }

    /** @param  class-string  $enum */
    private function word(string $name, mixed $value, string $at, string $enum): ?BackedEnum
    {
        assert(is_subclass_of($enum, BackedEnum::class));
        $word = is_string($value) ? $enum::tryFrom($value) : null;
        if ($word === null) {
            $this->refuse($value === null ? 'missing-word' : 'not-one-of', $at, ['field' => $name, 'allowed' => array_column($enum::cases(), 'value')]);
        }

        return $word;
    }

    /** @return list<object> */
    private function items(string $name, mixed $value, string $at, ListOf $holds): array
    {
        if (! is_array($value) || ! array_is_list($value)) {
            $this->refuse($value === null ? 'missing-list' : 'not-a-list', $at, ['field' => $name]);

            return [];
        }
        if (count($value) > $holds->most) {
            $this->refuse('too-many', $at, ['field' => $name, 'most' => $holds->most]);

            return [];
        }
        if (count($value) < $holds->least) {
            $this->refuse('too-few', $at, ['field' => $name, 'least' => $holds->least]);
        }
        $items = [];
        foreach ($value as $index => $one) {
            $read = Shapes::isEnum($holds->class) ? $this->wordOnce($name, $one, "$at/$index", $holds->class, $items) : $this->object($holds->class, $one, "$at/$index", $name);
            if ($read !== null) {
                $items[] = $read;
            }
        }

        return $items;
    }

    /**
     * @param  class-string  $enum
     * @param  list<object>  $before
     */
    private function wordOnce(string $name, mixed $value, string $at, string $enum, array $before): ?BackedEnum
    {
        $word = $this->word($name, $value ?? '', $at, $enum);
        if ($word !== null && in_array($word, $before, true)) {
            $this->refuse('twice', $at, ['field' => $name]);
        }

        return $word;
    }

    /** @return array<string, float> */
    private function named(string $name, mixed $value, string $at, NamedNumbers $holds): array
    {
        // as the writer leaves it where there is nothing in it
        $value = $value instanceof stdClass ? (array) $value : $value;
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            $this->refuse($value === null ? 'missing-object' : 'not-an-object', $at, ['field' => $name]);

            return [];
        }
        if (count($value) > $holds->entries) {
            $this->refuse('too-many', $at, ['field' => $name, 'most' => $holds->entries]);

            return [];
        }
        $named = [];
        foreach ($value as $key => $number) {
            $key = (string) $key;
            if (preg_match('~'.NamedNumbers::NAME.'~D', $key) !== 1) {
                $this->refuse('name-not-plain', $at.'/'.self::escape($key), ['field' => $name]);
            }
            $named[$key] = $this->number($key, $number, $at.'/'.self::escape($key), $holds->least, $holds->most, $holds->unit);
        }

        return $named;
    }

    /** @param  list<Refusal>  $refusals */
    private function pass(array $refusals, string $at): void
    {
        foreach ($refusals as $one) {
            $this->refusals->add($one->under($at));
        }
    }

    /** @param  array<string, float|int|string|list<int|string>>  $with */
    private function refuse(string $code, string $at, array $with): void
    {
        $this->refusals->add(new Refusal($code, $at, $with));
    }

    private static function escape(string $key): string
    {
        return strtr(mb_substr(mb_scrub($key), 0, 60), ['~' => '~0', '/' => '~1']);
    }
}
