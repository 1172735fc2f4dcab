<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\AtOven\Safety;
use Hojaldre\Core\AtOven\SafetyState;
use Hojaldre\Core\AtOven\Trace;

/** Whether the middle of a bake that is out was hot enough to be eaten, as far as it was measured and judged. The clock says nothing of it. */
enum HotEnough: string
{
    case Measured = 'measured';
    case NotMeasured = 'not-measured';

    /** A probe was in it to the end and never saw enough. */
    case NotReached = 'not-reached';

    /** Somebody cut it and called its middle raw, whatever a probe said. */
    case JudgedRaw = 'judged-raw';

    /**
     * @param  Trace  $trace  from when it went in, with its rest; empty where there was no probe
     * @param  float  $outMinute  since it went in
     * @param  list<FaultName>  $faults  as judged
     */
    public static function of(Trace $trace, float $outMinute, float $safeCelsius, array $faults): self
    {
        return match (true) {
            in_array(FaultName::RawMiddle, $faults, true) => self::JudgedRaw,
            $trace->isEmpty() => self::NotMeasured,
            Safety::of($trace, $safeCelsius, INF, $trace->lastMinute())->state === SafetyState::Measured => self::Measured,
            // a probe that was gone before the end says nothing of the end
            $trace->lastMinute() < $outMinute - Trace::SILENT_MINUTES => self::NotMeasured,
            default => self::NotReached,
        };
    }

    /** Then it is neither sold nor put away as it is. */
    public function isDoubtful(): bool
    {
        return $this === self::NotReached || $this === self::JudgedRaw;
    }
}
