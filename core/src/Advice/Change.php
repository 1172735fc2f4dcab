<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Pie\Pie;

/** A place in the design document and what stands there afterwards. */
final readonly class Change
{
    /** @param  string  $at JSON pointer into the design */
    public function __construct(public string $at, public mixed $to)
    {
    }

    /** @return list<self> */
    public static function ofPies(Pie $before, Pie $after): array
    {
        return self::between(DocumentWriter::write($before), DocumentWriter::write($after));
    }

    /**
     * The smallest set of places in which two documents differ; a list whose length differs is replaced whole.
     *
     * @param  array<array-key, mixed>  $before
     * @param  array<array-key, mixed>  $after
     * @return list<self>
     */
    public static function between(array $before, array $after, string $at = ''): array
    {
        $changes = [];
        foreach ($after as $key => $to) {
            $from = $before[$key] ?? null;
            if ($from === $to) {
                continue;
            }
            $here = $at.'/'.$key;
            $changes = is_array($from) && is_array($to) && array_keys($from) === array_keys($to) && $to !== []
                ? [...$changes, ...self::between($from, $to, $here)]
                : ($from == $to && $from instanceof \stdClass ? $changes : [...$changes, new self($here, $to)]);
        }

        return $changes;
    }

    /**
     * @param  list<self>  $changes
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    public static function applied(array $changes, array $document): array
    {
        foreach ($changes as $change) {
            $document = self::put($document, explode('/', substr($change->at, 1)), $change->to);
        }

        return $document;
    }

    /**
     * What stands at a JSON pointer; null where there is nothing.
     *
     * @param  array<array-key, mixed>  $document
     */
    public static function valueAt(array $document, string $at): mixed
    {
        $place = $document;
        foreach (explode('/', substr($at, 1)) as $key) {
            $place = is_array($place) ? $place[$key] ?? null : null;
        }

        return $place;
    }

    /**
     * @param  array<array-key, mixed>  $place
     * @param  list<string>  $keys  way down to it
     * @return array<array-key, mixed>
     */
    private static function put(array $place, array $keys, mixed $to): array
    {
        $key = $keys[0] ?? '';
        $below = $place[$key] ?? [];
        $place[$key] = count($keys) < 2 ? $to : self::put(is_array($below) ? $below : [], array_slice($keys, 1), $to);

        return $place;
    }
}
