<?php

declare(strict_types=1);

namespace Hojaldre\Core\Moisture;

/** Whether a step lets water run off, and what is dissolved in it with it, or drives it off as steam, which takes nothing along. */
final readonly class Draining
{
    /** Beginnings of words for it, as cooks write them (common practice, no source). */
    private const WORDS = ['boil', 'blanch', 'squeez', 'press', 'drain', 'wring', 'wrung', 'thaw', 'rins', 'soak', 'salted'];

    public static function isMeantBy(string $preparation): bool
    {
        foreach (preg_split('/[^\p{L}]+/u', mb_strtolower($preparation)) ?: [] as $word) {
            foreach (self::WORDS as $beginning) {
                if (str_starts_with($word, $beginning)) {
                    return true;
                }
            }
        }

        return false;
    }
}
