<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Custard\Custard;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Forecast\BakeOffsets;
use Hojaldre\Core\Forecast\Readings\BakeReadings;
use Hojaldre\Core\Forecast\Readings\Gauges;
use Hojaldre\Core\Forecast\Readings\Limits;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\Readings;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Pie;
use WeakMap;

/**
 * Asks of many changed pies how their readings stand. Those that weights answer are asked afresh; for the rest each pie is baked
 * once, roughly, and moved by what the fine bake of the design itself says more than its rough one.
 */
final class Trials
{
    /** (numerics) */
    private const MOST_KEPT = 400;

    private BakeOffsets $offsets;

    /** @var array<string, SimulatedBake|null> by what decides the bake */
    private array $rough = [];

    /** @var array<string, SimulatedBake|null> */
    private array $fine = [];

    /** @var WeakMap<Pie, string> */
    private readonly WeakMap $keys;

    /** @var WeakMap<Pie, Weights> */
    private readonly WeakMap $weighed;

    /** how many rough bakes were needed */
    public int $bakes = 0;

    /** @param  SimulatedBake|null  $fine  of the design; null to compare rough bakes alone */
    public function __construct(private readonly Weights $weights, ?SimulatedBake $fine)
    {
        $this->keys = new WeakMap;
        $this->weighed = new WeakMap;
        $this->offsets = BakeOffsets::none();
        $rough = $fine === null ? null : $this->roughly($weights);
        if ($fine !== null && $rough !== null) {
            $this->fine[$this->key($weights->pie)] = $fine;
            $this->offsets = BakeOffsets::between($rough, $fine);
        }
    }

    /** -1 below its limits, 0 inside, 1 above; null where it cannot be told. By the rough bake. */
    public function side(ReadingName $name, Pie $pie): ?int
    {
        $weights = $this->weights($pie);

        return $this->sideOf($name, $weights->settling($this->earlyShare()), fn (): ?SimulatedBake => $this->roughly($weights)?->shifted($this->offsets));
    }

    /** The same by the fine bake. */
    public function sideInTruth(ReadingName $name, Pie $pie): ?int
    {
        $weights = $this->weights($pie);

        $fine = $this->finely($weights);

        return $this->sideOf($name, $fine === null ? $weights : $weights->settling($fine->result->earlyShare), static fn (): ?SimulatedBake => $fine);
    }

    /** How far a reading lies beyond its limit on one side, below 0 inside; NAN where it cannot be told. By the rough bake. @param  int  $side -1 below, 1 above */
    public function beyond(ReadingName $name, Pie $pie, int $side): float
    {
        $weights = $this->weights($pie)->settling($this->earlyShare());
        $gauge = Gauges::all()[$name->value] ?? null;
        $bake = $gauge === null ? $this->roughly($weights)?->shifted($this->offsets) : null;
        $reading = $gauge === null ? BakeReadings::take($name, $weights, $bake) : null;
        $limits = $reading->limits ?? $gauge?->limits($weights) ?? Limits::none();
        // safe is judged by its whole range
        $value = $reading === null ? $gauge?->value($weights) : ($name === ReadingName::Safe ? $bake?->range(BakeEvent::Safe)[1] : $reading->value);
        $limit = $side > 0 ? $limits->upper : $limits->lower;

        return $value === null || $limit === null ? NAN : $side * ($value - $limit);
    }

    /** @return list<Reading> all of them, of a changed pie, by the rough bake */
    public function readings(Pie $pie): array
    {
        $weights = $this->weights($pie);

        return Readings::of($weights, $this->roughly($weights)?->shifted($this->offsets));
    }

    /** @return list<Reading> by the fine bake */
    public function readingsInTruth(Pie $pie): array
    {
        $weights = $this->weights($pie);

        return Readings::of($weights, $this->finely($weights));
    }

    /** @param  callable(): (SimulatedBake|null)  $bake */
    private function sideOf(ReadingName $name, Weights $weights, callable $bake): ?int
    {
        $gauge = Gauges::all()[$name->value] ?? null;

        return $gauge === null ? BakeReadings::side($name, $weights, $bake()) : Gauges::side($gauge, $weights);
    }

    /** What leaves before its place sets is taken to be as in the design itself; to ask for it each pie would have to be baked. */
    private function earlyShare(): float
    {
        return $this->fine[$this->key($this->weights->pie)]->result->earlyShare ?? Custard::EARLY_SHARE;
    }

    private function roughly(Weights $weights): ?SimulatedBake
    {
        $key = $this->key($weights->pie);
        if (! array_key_exists($key, $this->rough)) {
            $this->rough = count($this->rough) < self::MOST_KEPT ? $this->rough : [];
            $this->rough[$key] = SimulatedBake::searching($weights);
            $this->bakes++;
        }

        return $this->rough[$key];
    }

    private function finely(Weights $weights): ?SimulatedBake
    {
        $key = $this->key($weights->pie);
        if (! array_key_exists($key, $this->fine)) {
            $this->fine[$key] = SimulatedBake::compared($weights);
        }

        return $this->fine[$key];
    }

    private function key(Pie $pie): string
    {
        return $this->keys[$pie] ??= md5(serialize([DocumentWriter::write($pie->tin), DocumentWriter::write($pie->crust), array_map(DocumentWriter::write(...), $pie->layers), DocumentWriter::write($pie->bake), array_map(DocumentWriter::write(...), $pie->seasonings)]));
    }

    /** Made once for a pie: it is asked many questions. */
    private function weights(Pie $pie): Weights
    {
        return $this->weighed[$pie] ??= Weights::of($pie);
    }
}
