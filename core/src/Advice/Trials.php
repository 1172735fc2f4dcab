<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Forecast\BakeOffsets;
use Hojaldre\Core\Forecast\Readings\BakeReadings;
use Hojaldre\Core\Forecast\Readings\Gauges;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\Readings;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Pie;

/**
 * Asks of many changed pies how their readings stand. Those that weights answer are asked afresh; for the rest each pie is baked
 * once, roughly, and moved by what the fine bake of the design itself says more than its rough one.
 */
final class Trials
{
    /** (numerics) */
    private const MOST_KEPT = 400;

    /** A pie that is safe so many times its doubt before it comes out needs no range of its own (numerics). */
    private const CLEAR_OF_DOUBT = 2.0;

    /** whose ranges are lent to the bakes of changed pies */
    private readonly ?SimulatedBake $doubts;

    private BakeOffsets $offsets;

    private float $safeDoubtMinutes = 0.0;

    /** @var array<string, SimulatedBake|null> by what decides the bake */
    private array $rough = [];

    /** @var array<string, SimulatedBake|null> */
    private array $fine = [];

    /** how many rough bakes were needed */
    public int $bakes = 0;

    /** @param  SimulatedBake|null  $fine  of the design, with the rough bake that belongs to it; null to compare rough bakes alone */
    public function __construct(Weights $weights, ?SimulatedBake $fine)
    {
        $this->offsets = BakeOffsets::none();
        $this->doubts = $fine;
        $rough = $fine?->itsRoughBake();
        if ($fine === null || $rough === null) {
            return;
        }
        $this->rough[self::key($weights->pie)] = $rough;
        $this->fine[self::key($weights->pie)] = $fine;
        $this->offsets = BakeOffsets::between($rough, $fine);
        [, $high] = $fine->range(BakeEvent::Safe);
        $this->safeDoubtMinutes = is_finite($high) ? $high - $fine->minute(BakeEvent::Safe) : 0.0;
    }

    /** -1 below its limits, 0 inside, 1 above; null where it cannot be told. By the rough bake. */
    public function side(ReadingName $name, Pie $pie): ?int
    {
        $weights = Weights::of($pie);

        return $this->sideOf($name, $weights, fn (): ?SimulatedBake => $this->roughly($weights)?->shifted($this->offsets));
    }

    /** The same by the fine bake; for safety with the range of the changed pie itself, where that could decide. */
    public function sideInTruth(ReadingName $name, Pie $pie): ?int
    {
        $weights = Weights::of($pie);
        $fine = $this->finely($weights);
        if ($name !== ReadingName::Safe || $fine === null) {
            return $this->sideOf($name, $weights, static fn (): ?SimulatedBake => $fine);
        }
        $spareMinutes = $pie->bake->minutes() - $fine->minute(BakeEvent::Safe);
        if ($spareMinutes < 0 || $spareMinutes > self::CLEAR_OF_DOUBT * $this->safeDoubtMinutes) {
            return $spareMinutes < 0 ? 1 : 0;
        }

        $this->fine[self::key($pie)] = SimulatedBake::of($weights);

        return BakeReadings::take(ReadingName::Safe, $weights, $this->fine[self::key($pie)])->inTrouble() ? 1 : 0;
    }

    /** @return list<Reading> all of them, of a changed pie, by the rough bake */
    public function readings(Pie $pie): array
    {
        $weights = Weights::of($pie);

        return Readings::of($weights, $this->roughly($weights)?->shifted($this->offsets));
    }

    /** @return list<Reading> by the fine bake */
    public function readingsInTruth(Pie $pie): array
    {
        $weights = Weights::of($pie);

        return Readings::of($weights, $this->finely($weights));
    }

    /** @param  callable(): (SimulatedBake|null)  $bake */
    private function sideOf(ReadingName $name, Weights $weights, callable $bake): ?int
    {
        $gauge = Gauges::all()[$name->value] ?? null;

        return $gauge === null ? BakeReadings::side($name, $weights->pie, $bake(), $this->safeDoubtMinutes) : Gauges::side($gauge, $weights);
    }

    private function roughly(Weights $weights): ?SimulatedBake
    {
        $key = self::key($weights->pie);
        if (! array_key_exists($key, $this->rough)) {
            $this->rough = count($this->rough) < self::MOST_KEPT ? $this->rough : [];
            $this->rough[$key] = SimulatedBake::roughly($weights);
            $this->bakes++;
        }

        return $this->rough[$key];
    }

    private function finely(Weights $weights): ?SimulatedBake
    {
        $key = self::key($weights->pie);
        if (! array_key_exists($key, $this->fine)) {
            $fine = SimulatedBake::finely($weights);
            $this->fine[$key] = $fine !== null && $this->doubts !== null ? $fine->doubtedAs($this->doubts) : $fine;
        }

        return $this->fine[$key];
    }

    private static function key(Pie $pie): string
    {
        return md5(serialize([DocumentWriter::write($pie->tin), DocumentWriter::write($pie->crust), array_map(DocumentWriter::write(...), $pie->layers), DocumentWriter::write($pie->bake), array_map(DocumentWriter::write(...), $pie->seasonings)]));
    }
}
