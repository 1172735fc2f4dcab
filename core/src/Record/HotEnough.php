<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\AtOven\Safety;
use Hojaldre\Core\AtOven\SafetyState;
use Hojaldre\Core\AtOven\Trace;

/**
 * Whether the middle of a bake that is out was hot enough to be eaten: by what was measured and judged; without a measurement by the
 * forecast at the minute it really came out, on its cautious side, or by the sign of a custard that is safe when it is set. What neither clears
 * is not sold, not put away and not counted.
 */
enum HotEnough: string
{
    case Measured = 'measured';

    /** Not measured; it was in until the late end of the range. */
    case ByForecast = 'by-forecast';

    /** Not measured; a custard that somebody looked at and called set. */
    case BySign = 'by-sign';

    /** Not measured, and out before the forecast has nine bakes of ten safe. */
    case NotMeasured = 'not-measured';

    /** A probe was in it to the end and never saw enough. */
    case NotReached = 'not-reached';

    /** Somebody cut it and called its middle raw, whatever a probe said. */
    case JudgedRaw = 'judged-raw';

    /**
     * @param  Trace  $trace  from when it went in, with its rest, sifted; empty where there was no probe
     * @param  float  $outMinute  since it went in, less what it was outside (LegState::bakedMinutes)
     * @param  float|null  $onceMeasured  what somebody measured in its middle when it came out, °C
     * @param  bool  $isSeenSet  the last look before it came out found it set as the picture, or more
     * @param  list<FaultName>  $faults  as judged
     * @param  SliceWord|null  $slice  a loose one takes back what was seen
     */
    public static function of(Trace $trace, float $outMinute, Foretold $foretold, ?float $onceMeasured, bool $isSeenSet, array $faults, ?SliceWord $slice = null): self
    {
        $safe = $foretold->safeCelsius;
        $isMeasured = ! $trace->isEmpty() && Safety::of($trace, $safe, INF, $trace->lastMinute())->state === SafetyState::Measured || $onceMeasured !== null && $onceMeasured >= $safe + Safety::READS_HIGH_KELVINS;

        return match (true) {
            in_array(FaultName::RawMiddle, $faults, true) => self::JudgedRaw,
            $isMeasured => self::Measured,
            $onceMeasured !== null => self::NotReached,
            // a probe that was gone or not trusted before the end says nothing of the end
            ! $trace->isEmpty() && $trace->isTrusted && $trace->lastMinute() >= $outMinute - Trace::SILENT_MINUTES => self::NotReached,
            $foretold->isSafeAt($outMinute) => self::ByForecast,
            $isSeenSet && $slice !== SliceWord::Loose && $foretold->safeWhenSet && $outMinute >= ($foretold->safeMinute ?? INF) - self::SIGN_MINUTES => self::BySign,
            default => self::NotMeasured,
        };
    }

    /** A sign may come so much before the most likely minute, min (judgement: the early end of the range of a quiche). */
    private const SIGN_MINUTES = 4.0;

    /** Then it is neither sold nor put away as it is. */
    public function isDoubtful(): bool
    {
        return ! in_array($this, [self::Measured, self::ByForecast, self::BySign], true);
    }
}
