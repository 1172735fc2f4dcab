<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

use Hojaldre\Core\Safety\Lethality;

/** What can be said of how safe the coldest point is, and by what. Never by the clock alone. */
final readonly class Safety
{
    /** A kitchen probe may read so much too high, K (common practice: kitchen thermometers are sold as good to 1 °C). */
    public const READS_HIGH_KELVINS = 1.0;

    private function __construct(public SafetyState $state, public ?float $minute, public ?float $lethalMinutes)
    {
    }

    /**
     * @param  Trace|null  $trace  of a probe in the middle; null where there is none
     * @param  float  $highMinute  by which the forecast has 9 bakes in 10 safe
     * @param  float  $nowMinute  since it went in
     */
    public static function of(?Trace $trace, float $safeCelsius, float $highMinute, float $nowMinute): self
    {
        if ($trace === null || $trace->isEmpty() && $trace->left === []) {
            return new self($nowMinute >= $highMinute ? SafetyState::LikelyNotMeasured : SafetyState::NotMeasured, null, null);
        }
        $lethal = $trace->lethalMinutes(self::READS_HIGH_KELVINS);
        $reached = $trace->heldFrom($safeCelsius + self::READS_HIGH_KELVINS);

        return match (true) {
            $reached !== null || $lethal >= Lethality::REFERENCE_MINUTES => new self(SafetyState::Measured, $reached, $lethal),
            $trace->fellOut() => new self(SafetyState::ProbeFellOut, null, $lethal),
            ! $trace->isTrusted => new self(SafetyState::ProbeMoved, null, $lethal),
            $nowMinute - $trace->lastMinute() > Trace::SILENT_MINUTES => new self(SafetyState::ProbeSilent, null, $lethal),
            default => new self(SafetyState::NotYet, null, $lethal),
        };
    }
}
