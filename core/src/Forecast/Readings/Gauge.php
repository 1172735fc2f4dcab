<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Statement\Statement;

/** Takes a reading from the weights of a design: a value, limits, words for both. */
interface Gauge
{
    public function name(): ReadingName;

    public function unit(): ReadingUnit;

    /** In its unit. NAN where the pie lacks what the reading needs, INF where there is no limit to the trouble. */
    public function value(Weights $weights): float;

    public function limits(Weights $weights): Limits;

    /**
     * What the cook would have, inside the limits; null where nothing was chosen.
     *
     * @return array{float, float}|null
     */
    public function wished(Weights $weights): ?array;

    /**
     * Ends of the scale it is drawn on; widened where a value lies beyond.
     *
     * @return array{float, float}
     */
    public function scale(Weights $weights): array;

    public function verdict(Weights $weights, float $value): Verdict;

    /** @return list<Statement> */
    public function reasons(Weights $weights, float $value): array;
}
