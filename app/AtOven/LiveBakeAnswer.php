<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\AtOven\CoolingWatch;
use Hojaldre\Core\AtOven\OutAt;
use Hojaldre\Core\AtOven\OvenLog;
use Hojaldre\Core\AtOven\Safety;
use Hojaldre\Core\AtOven\Trace;
use Hojaldre\Core\Record\Foretold;

/** A pie at the oven: what changes while it bakes. */
#[Schema('LiveBake')]
final readonly class LiveBakeAnswer
{
    /** A trace is told with so many points at most (definition). */
    private const MOST_POINTS = 160;

    /**
     * @param  string  $id  uuid
     * @param  list<EventAnswer>  $events  in the order in which they were sent
     * @param  float  $movedMinutes  how much later it comes out, by what was seen and measured
     * @param  float  $outMinute  when it comes out as far as is known now
     * @param  float  $lowMinute  of 8 bakes in 10
     * @param  bool  $isPlugged  a probe is in it
     * @param  list<TracePointAnswer>  $trace
     * @param  list<DisputeAnswer>  $disputes  what was said twice and not alike
     * @param  HotAnswer|null  $hot  null while it is in
     * @param  int  $leftOut  readings that this pie cannot have
     * @param  string  $leftOutSays  which, and why; empty where none was
     */
    private function __construct(
        public string $id,
        public array $events,
        public float $movedMinutes,
        public float $outMinute,
        public float $lowMinute,
        public float $highMinute,
        public bool $isPlugged,
        public array $trace,
        public int $leftOut,
        public string $leftOutSays,
        public LiveSafetyAnswer $safety,
        public ?LiveCoolingAnswer $cooling,
        public ?HotAnswer $hot,
        public array $disputes,
    ) {
    }

    /**
     * @param  list<StoredEvent>  $events
     * @param  float  $atSeconds  now, by the clock of the device
     */
    public static function of(StoredBake $bake, array $events, float $atSeconds, Words $words): self
    {
        $log = OvenLog::of(array_map(static fn (StoredEvent $one) => $one->event(), $events));
        $legs = $bake->legsOf();
        $state = $log->leg($legs[count($legs) - 1]);
        $possible = $bake->possibleBakes();
        $outMinute = $state->outMinute();
        $trace = $state->inSeconds === null ? Trace::of([]) : StoredReading::trace($bake, $state->inSeconds, $log, $outMinute, $atSeconds);
        $outlook = $possible->given($outMinute === null || $trace->lastMinute() <= $outMinute ? $trace : $trace->until($outMinute), $state->seen);
        $out = OutAt::of($bake->pie(), $outlook);
        $moved = $out->minute - OutAt::of($bake->pie(), $possible->before())->minute;
        $foretold = $bake->foretold();
        $now = $state->inSeconds === null ? 0.0 : ($atSeconds - $state->inSeconds) / 60;

        return new self(
            $bake->id, array_map(EventAnswer::of(...), $events), round($moved, 2), round($out->minute + self::putOff($state->acts), 2), round($out->lowMinute, 2), round($out->highMinute, 2), $log->isPlugged(), self::points($trace), count($trace->left), LeftOutWords::of($trace, $words),
            LiveSafetyAnswer::of(Safety::of($trace->isEmpty() && $trace->left === [] ? null : $trace, $foretold->safeCelsius, $foretold->safeHighMinute ?? INF, $outMinute ?? $now), $foretold, $words), self::cooling($trace, $outMinute, $foretold),
            HotAnswer::of($state, $trace, $foretold, $possible, $outlook, BakeAtOvenAnswer::asksProbe($bake->pie()), $words), DisputeAnswer::of($log, $events, $words),
        );
    }

    /** @param  list<\Hojaldre\Core\AtOven\ActState>  $acts */
    private static function putOff(array $acts): float
    {
        foreach ($acts as $one) {
            if ($one->act->id === 'out') {
                return $one->minute - $one->act->minute;
            }
        }

        return 0.0;
    }

    private static function cooling(Trace $trace, ?float $outMinute, Foretold $foretold): ?LiveCoolingAnswer
    {
        return $outMinute === null ? null : LiveCoolingAnswer::of(CoolingWatch::of($trace, $outMinute, [$foretold->hotMinute, $foretold->warmMinute, $foretold->coldMinute]));
    }

    /** @return list<TracePointAnswer> */
    private static function points(Trace $trace): array
    {
        $all = count($trace->minutes);
        $every = max(1, (int) ceil($all / self::MOST_POINTS));
        $points = [];
        foreach ($trace->minutes as $i => $minute) {
            if ($i % $every === 0 || $i === $all - 1) {
                $points[] = new TracePointAnswer(round($minute, 2), round($trace->celsius[$i], 1));
            }
        }

        return $points;
    }
}
