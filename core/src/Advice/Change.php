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
}
