<?php

declare(strict_types=1);

namespace App\Prep;

use App\Contract\Schema;

/** What a scale says that speaks docs/formats/scale.md. */
#[Schema('ScaleReading')]
final readonly class ScaleAnswer
{
    /** Nobody at the pan waits longer for a scale that is gone. */
    private const WAIT_SECONDS = 0.3;

    /** No kitchen scale carries more, g. */
    private const MOST_GRAMS = 100000.0;

    /** @param  float|null  $grams  pan and all; null where no scale answers */
    private function __construct(public ?float $grams, public bool $isStable)
    {
    }

    public static function from(string $address): self
    {
        $said = $address === '' ? false : @file_get_contents("$address/reading", context: stream_context_create(['http' => ['timeout' => self::WAIT_SECONDS, 'ignore_errors' => false]]));
        $read = is_string($said) ? json_decode($said, true) : null;
        $grams = is_array($read) && (is_int($read['grams'] ?? null) || is_float($read['grams'] ?? null)) ? (float) $read['grams'] : null;

        return $grams === null || abs($grams) > self::MOST_GRAMS ? new self(null, false) : new self(round($grams, 1), ($read['isStable'] ?? true) === true);
    }
}
