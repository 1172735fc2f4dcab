<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

/** The thresholds of a reading, in its unit, with what stands at each; null where there is none on that side. */
final readonly class Limits
{
    /** For the last digits of a sum, not for the cook (numerics). */
    public const SLACK = 1e-9;

    private function __construct(public ?float $lower, public ?LimitName $lowerName, public ?float $upper, public ?LimitName $upperName)
    {
    }

    public static function none(): self
    {
        return new self(null, null, null, null);
    }

    public static function upTo(float $upper, LimitName $name): self
    {
        return new self(null, null, $upper, $name);
    }

    public static function between(float $lower, LimitName $lowerName, float $upper, LimitName $upperName): self
    {
        return new self($lower, $lowerName, $upper, $upperName);
    }

    public function holds(float $value): bool
    {
        return $this->side($value) === 0;
    }

    /** -1 below them, 0 inside, 1 above. */
    public function side(float $value): int
    {
        return match (true) {
            $this->upper !== null && $value > $this->upper + self::SLACK => 1,
            $this->lower !== null && $value < $this->lower - self::SLACK => -1,
            default => 0,
        };
    }
}
