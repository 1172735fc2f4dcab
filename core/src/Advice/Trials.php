<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Forecast\Readings\BakeReadings;
use Hojaldre\Core\Forecast\Readings\Gauges;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\Readings;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Pie\Pie;

/**
 * Asks of many changed pies how their readings stand. Those that a balance answers are asked afresh; for the rest each pie is baked
 * once, roughly, and moved by what the fine bake of the design itself says more than its rough one.
 */
final class Trials
{
    private const MOST_KEPT = 400;

    /** events that readings are made of */
    private const MOVED = ['time-to-look', 'set', 'safe', 'over', 'golden'];

    /** @var array<string, float> */
    private array $offsets = [];

    private float $safeDoubt = 0.0;

    /** @var array<string, SimulatedBake|null> by what decides the bake */
    private array $baked = [];

    public int $bakes = 0;

    public function __construct(private readonly Pie $pie, ?SimulatedBake $fine)
    {
        $rough = $this->roughly($pie);
        if ($fine === null || $rough === null) {
            return;
        }
        foreach (self::MOVED as $event) {
            $difference = $fine->minute($event) - $rough->minute($event);
            $this->offsets[$event] = is_finite($difference) ? $difference : 0.0;
        }
        if (! is_nan($fine->base())) {
            $this->offsets['base'] = $fine->base() - $rough->base();
        }
        [, $high] = $fine->range('safe');
        $this->safeDoubt = is_finite($high) ? $high - $fine->minute('safe') : 0.0;
    }

    /** -1 below its limits, 0 seated, 1 above; null where it cannot be told. */
    public function side(string $name, Pie $pie): ?int
    {
        $gauge = Gauges::gauges()[$name] ?? null;

        return $gauge === null
            ? BakeReadings::side($name, $pie, $this->shifted($pie), $this->safeDoubt)
            : Gauges::side($gauge, $pie);
    }

    /** @return list<Reading> all of them, of a changed pie */
    public function readings(Pie $pie): array
    {
        return Readings::of($pie, $this->shifted($pie));
    }

    private function shifted(Pie $pie): ?SimulatedBake
    {
        return $this->roughly($pie)?->shifted($this->offsets);
    }

    private function roughly(Pie $pie): ?SimulatedBake
    {
        $key = md5(serialize([$pie->tin->toArray(), $pie->crust->toArray(), array_map(static fn ($layer): array => $layer->toArray(), $pie->layers), $pie->bake->toArray()]));
        if (! array_key_exists($key, $this->baked)) {
            $this->baked = count($this->baked) < self::MOST_KEPT ? $this->baked : [];
            $this->baked[$key] = SimulatedBake::roughly($pie);
            $this->bakes++;
        }

        return $this->baked[$key];
    }
}
