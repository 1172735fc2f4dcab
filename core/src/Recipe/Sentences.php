<?php

declare(strict_types=1);

namespace Hojaldre\Core\Recipe;

/** A method, cut into sentences. */
final readonly class Sentences
{
    /** @return list<string> */
    public static function of(string $line): array
    {
        $sentences = preg_split('/(?<=[.!?;])\s+(?=[\p{Lu}\d(])|(?<=\.)\s*\n/u', self::withoutPoints($line), -1, PREG_SPLIT_NO_EMPTY);

        return $sentences === false ? [$line] : $sentences;
    }

    /** Points that end no sentence: "approx. 20 min", "9 in. tin". */
    private static function withoutPoints(string $line): string
    {
        return (string) preg_replace('/\b(approx|in|min|mins|oz|tbsp|tsp|approx|deg|no)\.\s/iu', '$1 ', $line);
    }
}
