<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Bake\BakeDeviation;
use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\BakeInput;
use Hojaldre\Core\Bake\BakeResult;
use Hojaldre\Core\Bake\Resolution;
use Hojaldre\Core\Bake\Simulation;
use Hojaldre\Core\Oven\Matched;

/** A design, baked in simulation, with how far a real bake may be from it (BakeRanges). */
final readonly class SimulatedBake
{
    /** A filling thinner than this is no pie yet, mm (definition). */
    private const LEAST_FILL = 2.0;

    /** How much later an event may come where its minutes are baked and not only thought on (numerics: half a minute at most in 160 random pies). */
    private const IN_THOUGHT_MINUTES = 0.6;

    private function __construct(
        public BakeInput $input,
        public BakeResult $result,
        public int $units,
        private bool $isRough,
        private BakeOffsets $offsets,
        private BakeRanges $ranges,
    ) {
    }

    /** The fine bake. */
    public static function of(Weights $weights): ?self
    {
        return self::baked($weights, Resolution::fine());
    }

    /** The fine bake with its film. */
    public static function filmed(Weights $weights): ?self
    {
        return self::baked($weights, Resolution::fine(), film: true);
    }

    /** The fine bake of a pie that is compared with another. */
    public static function compared(Weights $weights): ?self
    {
        return self::baked($weights, Resolution::compared());
    }

    /** One of the many that a search tries. */
    public static function searching(Weights $weights): ?self
    {
        return self::baked($weights, Resolution::searching(), isRough: true);
    }

    /** A bake on a coarser grid, for a first answer. */
    public static function roughly(Weights $weights): ?self
    {
        return self::baked($weights, Resolution::coarse(), isRough: true);
    }

    private static function baked(Weights $weights, Resolution $resolution, bool $film = false, bool $isRough = false): ?self
    {
        if ($weights->fillMm() < self::LEAST_FILL) {
            return null;
        }
        $input = BakeInputs::of($weights);
        $result = Simulation::run($input, self::kitchen($weights->pie->bake->matched), $resolution, $film);

        return new self($input, $result, BakeInputs::units($weights->pie), $isRough, BakeOffsets::none(), BakeRanges::of($input, $weights->doubts()));
    }

    /** How the cook's own kitchen was found to differ. */
    private static function kitchen(?Matched $matched): ?BakeDeviation
    {
        return $matched === null ? null : new BakeDeviation(ovenKelvins: $matched->ovenKelvins, fromBelowFactor: $matched->fromBelowFactor, weepFactor: $matched->weepFactor);
    }

    /** Moved by what a fine bake said more of a design near this one. */
    public function shifted(BakeOffsets $offsets): self
    {
        return new self($this->input, $this->result, $this->units, false, $offsets, $this->ranges);
    }

    /** Minute of an event, INF where it was not reached. */
    public function minute(BakeEvent $event): float
    {
        return $this->result->minute($event) + $this->offsets->minutes($event);
    }

    /** Water to solids of the base when it has rested; NAN without a base. */
    public function base(): float
    {
        return max(0.0, $this->result->baseRatio + $this->offsets->baseRatio);
    }

    /** How brown the top is, 1 is golden. */
    public function topIndex(): float
    {
        return $this->result->browned->topIndex;
    }

    /** @return array{float, float} minutes from and to, of 8 bakes in 10 */
    public function range(BakeEvent $event): array
    {
        return $this->ranges->minutes($event, $this->minute($event));
    }

    /**
     * By when its coldest place is safe in nine bakes of ten, told in whole minutes and never too early; INF where it never is. What comes after
     * the planned minutes is followed by longer steps, so the same pie baked for those minutes may be a little later.
     */
    public function safeByMinute(): float
    {
        $isInThought = $this->minute(BakeEvent::Safe) > $this->result->outMinutes;

        return ceil(round($this->range(BakeEvent::Safe)[1] + ($isInThought ? self::IN_THOUGHT_MINUTES : 0.0), 6));
    }

    /** @return array{float, float} water to solids from and to, of 8 bakes in 10 */
    public function baseRange(): array
    {
        return $this->ranges->baseRatio($this->base());
    }

    /** @return array{float, float} how brown from and to, of 8 bakes in 10 */
    public function topRange(): array
    {
        return $this->ranges->topIndex($this->topIndex());
    }

    /** Baked once, on a coarse grid, and not held against a finer bake. */
    public function isRough(): bool
    {
        return $this->isRough;
    }
}
