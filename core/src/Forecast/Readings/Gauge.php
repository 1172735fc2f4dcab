<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

use Hojaldre\Core\Forecast\Weights;

/**
 * Takes one reading from a balance. The bake to come replaces what three of these ask, not how they are asked: a value for a
 * balance, limits for a pie, words for both.
 */
interface Gauge
{
    /** set, base, salt, fill or safe */
    public function name(): string;

    public function unit(): string;

    public function decimals(): int;

    /** NAN where the pie lacks what the reading needs, INF where there is no limit to the trouble. */
    public function value(Weights $weights): float;

    public function limits(Weights $weights): Limits;

    /**
     * Ends of the scale it is drawn on; widened where a value lies beyond.
     *
     * @return array{float, float}
     */
    public function scale(Weights $weights): array;

    /** Whether the doubtful part of the range counts as outside: so for safety, where a cook must not bet. */
    public function needsWholeRange(): bool;

    public function verdict(Weights $weights, float $value, float $low, float $high): string;

    public function reason(Weights $weights, float $value, float $low, float $high): string;
}
