<?php

declare(strict_types=1);

namespace Hojaldre\Core;

/**
 * Reads the fields of one object of a decoded file, names every fault by its JSON pointer, and goes on
 * with a harmless value so that all faults are told at once. Nothing read is used until `Faults` is empty.
 */
final class Fields
{
    /** @var array<string, true> */
    private array $known = [];

    /** @param  array<array-key, mixed>  $data */
    public function __construct(
        private readonly array $data,
        private readonly string $at,
        private readonly Faults $faults,
    ) {
    }

    public function number(string $key, float $min, float $max, string $unit): float
    {
        $value = $this->take($key);
        if ((is_int($value) || is_float($value)) && is_finite((float) $value)) {
            if ($value >= $min && $value <= $max) {
                return (float) $value;
            }
            $this->fault($key, 'out-of-range', sprintf('"%s" is %s; it must lie between %s and %s %s.', $key, self::show($value), self::show($min), self::show($max), $unit));

            return $min;
        }
        $this->fault($key, $value === null ? 'missing' : 'not-a-number', sprintf('"%s" must be a number between %s and %s %s.', $key, self::show($min), self::show($max), $unit));

        return $min;
    }

    public function numberOrNull(string $key, float $min, float $max, string $unit): ?float
    {
        if (array_key_exists($key, $this->data) && $this->data[$key] === null) {
            $this->known[$key] = true;

            return null;
        }

        return $this->number($key, $min, $max, $unit);
    }

    public function whole(string $key, int $min, int $max): int
    {
        $value = $this->number($key, $min, $max, 'as a whole number');
        if ($value !== floor($value)) {
            $this->fault($key, 'not-whole', sprintf('"%s" must be a whole number.', $key));
        }

        return (int) $value;
    }

    public function flag(string $key): bool
    {
        $value = $this->take($key);
        if (! is_bool($value)) {
            $this->fault($key, $value === null ? 'missing' : 'not-one-of', sprintf('"%s" must be true or false.', $key));
        }

        return $value === true;
    }

    public function text(string $key, int $min, int $max): string
    {
        $value = $this->take($key);
        $good = is_string($value) && mb_check_encoding($value, 'UTF-8');
        $length = $good ? mb_strlen($value) : -1;
        if ($length >= $min && $length <= $max) {
            return (string) (is_string($value) ? $value : '');
        }
        $this->fault($key, $value === null ? 'missing' : 'not-a-text', sprintf('"%s" must be a text of %d to %d letters.', $key, $min, $max));

        return '';
    }

    /** @param  non-empty-list<string>  $allowed */
    public function oneOf(string $key, array $allowed): string
    {
        $value = $this->take($key);
        if (is_string($value) && in_array($value, $allowed, true)) {
            return $value;
        }
        $this->fault($key, $value === null ? 'missing' : 'not-one-of', sprintf('"%s" must be one of: %s.', $key, implode(', ', $allowed)));

        return $allowed[0];
    }

    public function object(string $key): self
    {
        $value = $this->take($key);
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            $this->fault($key, $value === null ? 'missing' : 'not-an-object', sprintf('"%s" must be an object, written { … }.', $key));

            return new self([], $this->at.'/'.$key, new Faults);
        }

        return new self($value, $this->at.'/'.$key, $this->faults);
    }

    public function objectOrNull(string $key): ?self
    {
        if (array_key_exists($key, $this->data) && $this->data[$key] === null) {
            $this->known[$key] = true;

            return null;
        }

        return $this->object($key);
    }

    /** @return list<self> */
    public function objects(string $key, int $most): array
    {
        $objects = [];
        foreach ($this->items($key, $most) as $index => $item) {
            $at = $this->at.'/'.$key.'/'.$index;
            if (is_array($item) && ($item === [] || ! array_is_list($item))) {
                $objects[] = new self($item, $at, $this->faults);
            } else {
                $this->faults->add(new Refusal('not-an-object', $at, sprintf('Each of "%s" must be an object, written { … }.', $key)));
            }
        }

        return $objects;
    }

    /**
     * @param  non-empty-list<string>  $allowed
     * @return list<string> each at most once, in the order given
     */
    public function wordsOf(string $key, array $allowed): array
    {
        $words = [];
        foreach ($this->items($key, count($allowed)) as $index => $item) {
            if (is_string($item) && in_array($item, $allowed, true) && ! in_array($item, $words, true)) {
                $words[] = $item;
            } else {
                $this->faults->add(new Refusal('not-one-of', $this->at.'/'.$key.'/'.$index, sprintf('Each of "%s" must be one of, and once: %s.', $key, implode(', ', $allowed))));
            }
        }

        return $words;
    }

    /** @return array<string, float> named numbers, such as the weight of a piece */
    public function namedNumbers(string $key, int $most, float $min, float $max, string $unit): array
    {
        $inner = $this->object($key);
        if (count($inner->data) > $most) {
            $this->fault($key, 'too-many', sprintf('"%s" holds at most %d entries.', $key, $most));
        }
        $named = [];
        foreach (array_slice(array_keys($inner->data), 0, $most) as $name) {
            $name = (string) $name;
            if (preg_match('/^[a-z][a-z ]{0,23}$/D', $name) !== 1) {
                $inner->fault(self::escape($name), 'name-not-plain', sprintf('A name in "%s" is 1 to 24 small letters a to z.', $key));
            }
            $named[$name] = $inner->number($name, $min, $max, $unit);
        }

        return $named;
    }

    /** @param  string  $key a field of this object, or a path below it ("food/role") */
    public function fault(string $key, string $code, string $mend): void
    {
        $this->faults->add(new Refusal($code, $this->at.($key === '' ? '' : '/'.$key), $mend));
    }

    /** To be called last: names the fields that nothing asked for, so that a slip of spelling is not lost in silence. */
    public function nothingElse(): void
    {
        foreach (array_keys($this->data) as $key) {
            if (! isset($this->known[(string) $key])) {
                $this->fault(self::escape((string) $key), 'unknown-field', sprintf('"%s" is not known here. Leave it out, or mend its spelling; known: %s.', mb_substr(mb_scrub((string) $key), 0, 40), implode(', ', array_keys($this->known))));
            }
        }
    }

    /** @return array<int, mixed> */
    private function items(string $key, int $most): array
    {
        $value = $this->take($key);
        if (! is_array($value) || ! array_is_list($value)) {
            $this->fault($key, $value === null ? 'missing' : 'not-a-list', sprintf('"%s" must be a list, written [ … ].', $key));

            return [];
        }
        if (count($value) > $most) {
            $this->fault($key, 'too-many', sprintf('"%s" holds at most %d entries.', $key, $most));

            return [];
        }

        return $value;
    }

    private function take(string $key): mixed
    {
        $this->known[$key] = true;

        return $this->data[$key] ?? null;
    }

    private static function escape(string $key): string
    {
        return strtr(mb_substr(mb_scrub($key), 0, 60), ['~' => '~0', '/' => '~1']);
    }

    private static function show(int|float $value): string
    {
        return (string) json_encode($value);
    }
}
