<?php

declare(strict_types=1);

namespace App\StandIn;

/** A device that is not there: what it reads, and what the tests may do to it. Time is an argument, in seconds of any clock. */
interface SimulatedDevice
{
    /** One line of JSON as the real one would say it; rubbish when it is told to. */
    public function line(float $now): string;

    /**
     * Does what was asked.
     *
     * @param  string  $verb  of the path, such as "pan"
     * @param  array<array-key, mixed>  $asked
     * @return string|null what to do about it where it was not taken; null where it was
     */
    public function take(string $verb, array $asked, float $now): ?string;

    /** @return list<string> verbs that it takes */
    public function verbs(): array;
}
