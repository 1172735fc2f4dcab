<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Document\Text;

/**
 * A place of the design that was filled by common practice and not by the cook. It is a JSON pointer in which a layer stands by its
 * id and not by its number, so that it holds when layers move: "/crust/thicknessMm", "/layers/leeks/fromCelsius".
 */
final readonly class Assumed
{
    public function __construct(#[Text(2, 160, '^/\\S+$')] public string $place)
    {
    }

    /**
     * @param  list<self>  $assumed
     */
    public static function has(array $assumed, string $place): bool
    {
        foreach ($assumed as $one) {
            if ($one->place === $place) {
                return true;
            }
        }

        return false;
    }

    /**
     * Without what was said now: the place itself and all that lies in it.
     *
     * @param  list<self>  $assumed
     * @return list<self>
     */
    public static function without(array $assumed, string $place): array
    {
        return array_values(array_filter($assumed, static fn (self $one): bool => $one->place !== $place && ! str_starts_with($one->place, $place.'/')));
    }

    /** @return list<self> */
    public static function all(string ...$places): array
    {
        return array_map(static fn (string $place): self => new self($place), array_values($places));
    }
}
