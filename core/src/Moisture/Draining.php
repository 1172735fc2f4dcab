<?php

declare(strict_types=1);

namespace Hojaldre\Core\Moisture;

/** Whether a step lets water run off, and what is dissolved in it with it, or drives it off as steam, which takes nothing along. */
final readonly class Draining
{
    /** Beginnings of words for it, as cooks write them (common practice, no source). */
    private const HOT_WORDS = ['boil', 'blanch'];

    private const COLD_WORDS = ['squeez', 'press', 'drain', 'wring', 'wrung', 'thaw', 'rins', 'soak', 'salted'];

    public static function isMeantBy(string $preparation): bool
    {
        return self::says($preparation, [...self::HOT_WORDS, ...self::COLD_WORDS]);
    }

    /** @param  list<string>  $beginnings */
    private static function says(string $preparation, array $beginnings): bool
    {
        foreach (preg_split('/[^\p{L}]+/u', mb_strtolower($preparation)) ?: [] as $word) {
            foreach ($beginnings as $beginning) {
                if (str_starts_with($word, $beginning)) {
                    return true;
                }
            }
        }

        return false;
    }
}
