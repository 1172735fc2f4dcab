<?php

declare(strict_types=1);

namespace App\AtOven;

/** Asks a thermometer that speaks docs/formats/probe.md; it never waits for one that is gone. */
final readonly class DeviceReading
{
    /** Nobody at the oven waits longer (definition). */
    private const WAIT_SECONDS = 0.3;

    /** @return float|null °C as it was said, rubbish and all; null where nothing answers or it says no number */
    public static function celsius(string $address): ?float
    {
        $said = $address === '' ? false : @file_get_contents("$address/reading", context: stream_context_create(['http' => ['timeout' => self::WAIT_SECONDS, 'ignore_errors' => false]]));
        $read = is_string($said) ? json_decode($said, true) : null;
        $celsius = is_array($read) ? $read['celsius'] ?? null : null;

        return is_int($celsius) || is_float($celsius) ? max(-1000.0, min(10000.0, round((float) $celsius, 2))) : null;
    }
}
