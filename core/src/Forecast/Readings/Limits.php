<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

/** The thresholds of a reading, with the word that stands at each; null where there is none on that side. */
final readonly class Limits
{
    /** for the last digits of a sum, not for the cook */
    public const SLACK = 1e-9;

    public function __construct(
        public ?float $lower,
        public string $lowerName,
        public ?float $upper,
        public string $upperName,
    ) {
    }

    public function holds(float $value): bool
    {
        return ($this->lower === null || $value >= $this->lower - self::SLACK) && ($this->upper === null || $value <= $this->upper + self::SLACK);
    }
}
