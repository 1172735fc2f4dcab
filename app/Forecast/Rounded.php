<?php

declare(strict_types=1);

namespace App\Forecast;

/** Figures of an answer with no more digits than mean something. */
final readonly class Rounded
{
    public static function to(?float $value, int $digits): ?float
    {
        return $value === null ? null : round($value, $digits);
    }

    /**
     * @param  list<float>  $values
     * @return list<float>
     */
    public static function all(array $values, int $digits): array
    {
        return array_map(static fn (float $value): float => round($value, $digits), $values);
    }
}
