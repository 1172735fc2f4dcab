<?php

declare(strict_types=1);

namespace Hojaldre\Core\PieFile;

/**
 * What a JSON text may be before it is decoded. A decoder files keys by their hash, and keys can be made whose hashes are all
 * alike: some thousands of them in one object cost seconds. Counting them in the text costs a millisecond.
 */
final readonly class JsonBounds
{
    /** A limit of ours (definition). */
    public const MOST_BYTES = 256 * 1024;

    /** Of one object; the largest of a pie has fourteen (definition). */
    public const MOST_KEYS = 200;

    private const KEYS_AND_BRACES = '/"(?:[^"\\\\]++|\\\\.)*+"(\s*+:)?|[{}]/s';

    public static function holds(string $json): bool
    {
        if (strlen($json) > self::MOST_BYTES) {
            return false;
        }
        // fewer colons than keys are allowed: nothing to count
        if (substr_count($json, ':') <= self::MOST_KEYS) {
            return true;
        }
        if (preg_match_all(self::KEYS_AND_BRACES, $json, $tokens) === false) {
            return false;
        }
        $open = [0];
        $depth = 0;
        foreach ($tokens[0] as $i => $token) {
            if ($token === '{') {
                $open[++$depth] = 0;
            } elseif ($token === '}') {
                $depth = max(0, $depth - 1);
            } elseif ($tokens[1][$i] !== '' && ++$open[$depth] > self::MOST_KEYS) {
                return false;
            }
        }

        return true;
    }
}
