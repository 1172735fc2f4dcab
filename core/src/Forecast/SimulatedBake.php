<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Bake\BakeDeviation;
use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\BakeInput;
use Hojaldre\Core\Bake\BakeResult;
use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Bake\Simulation;

/**
 * A design, baked in simulation, with how far a real bake may be from it. The doubts are tried on a coarser grid, one bake each,
 * and taken to reach as far the other way; the last digits come from the fine bake (spreads judged, docs/model.md).
 */
final readonly class SimulatedBake
{
    /** An oven that is 10 K and a tenth of its heat transfer off (judgement). */
    private const HOT = ['heatTransferFactor' => 1.1, 'ovenKelvins' => 10.0];

    /** Solids that let go a third more, onto a crust that takes up a quarter faster (judgement). */
    private const WET = ['weepFactor' => 1.3, 'uptakeFactor' => 1.25];

    /** A custard sets so many K from where it is thought to, and browning is so far off (judgement). */
    private const SET_KELVINS = 1.5;

    private const BROWN_SHARE = 0.35;

    /** A minute of setting is worth at least so much of a K (numerics). */
    private const LEAST_MINUTES_A_KELVIN = 0.2;

    /** A filling thinner than this is no pie yet, mm (definition). */
    private const LEAST_FILL = 2.0;

    /** Where a doubt could not be tried, this share of the value (judgement). */
    private const OTHERWISE = 0.12;

    private function __construct(
        public BakeInput $input,
        public BakeResult $result,
        private ?BakeResult $coarse,
        private ?BakeResult $hot,
        private ?BakeResult $wet,
        public int $units,
        private BakeOffsets $offsets,
    ) {
    }

    /** The fine bake with its range. */
    public static function of(Weights $weights): ?self
    {
        $run = static fn (BakeInput $input): array => [
            Simulation::run($input), Simulation::run($input, coarse: true), Simulation::run($input, new BakeDeviation(...self::HOT), true), Simulation::run($input, new BakeDeviation(...self::WET), true),
        ];

        return self::baked($weights, $run);
    }

    /** The fine bake alone, with its film. */
    public static function filmed(Weights $weights): ?self
    {
        return self::baked($weights, static fn (BakeInput $input): array => [Simulation::run($input, film: true), null, null, null]);
    }

    /** The fine bake alone. */
    public static function finely(Weights $weights): ?self
    {
        return self::baked($weights, static fn (BakeInput $input): array => [Simulation::run($input), null, null, null]);
    }

    /** Only the coarse bake, for a search that tries many. */
    public static function roughly(Weights $weights): ?self
    {
        return self::baked($weights, static fn (BakeInput $input): array => [Simulation::run($input, coarse: true), null, null, null]);
    }

    /** @param  callable(BakeInput): array{BakeResult, BakeResult|null, BakeResult|null, BakeResult|null}  $run */
    private static function baked(Weights $weights, callable $run): ?self
    {
        if ($weights->fillMm() < self::LEAST_FILL) {
            return null;
        }
        $input = BakeInputs::of($weights);

        return new self($input, ...[...$run($input), BakeInputs::units($weights->pie), BakeOffsets::none()]);
    }

    /** The coarse bake that its range was worked out with, as a bake by itself. */
    public function itsRoughBake(): ?self
    {
        return $this->coarse === null ? null : new self($this->input, $this->coarse, null, null, null, $this->units, BakeOffsets::none());
    }

    /** With the doubts that were tried on another bake, for a design a step away from that one. */
    public function doubtedAs(self $other): self
    {
        return new self($this->input, $this->result, $other->coarse, $other->hot, $other->wet, $this->units, $this->offsets);
    }

    public function shifted(BakeOffsets $offsets): self
    {
        return new self($this->input, $this->result, $this->coarse, $this->hot, $this->wet, $this->units, $offsets);
    }

    /** Minute of an event, INF where it was not reached. */
    public function minute(BakeEvent $event): float
    {
        return $this->result->minute($event) + $this->offsets->minutes($event);
    }

    /** Water of the base when it has rested, % wet basis; NAN without a base. */
    public function base(): float
    {
        return $this->result->basePercent + $this->offsets->basePercents;
    }

    /** @return array{float, float} minutes from and to, of 8 bakes in 10 */
    public function range(BakeEvent $event): array
    {
        return $this->around($this->minute($event), static fn (BakeResult $one): float => $one->minute($event), $this->ownDoubt($event));
    }

    /** @return array{float, float} % from and to, of 8 bakes in 10 */
    public function baseRange(): array
    {
        return $this->around($this->base(), static fn (BakeResult $one): float => $one->basePercent, 0.0);
    }

    /** Baked once, on a coarse grid, and not held against a finer bake. */
    public function isRough(): bool
    {
        return $this->coarse === null && $this->offsets->areNone();
    }

    /**
     * @param  callable(BakeResult): float  $valueOf
     * @return array{float, float}
     */
    private function around(float $value, callable $valueOf, float $own): array
    {
        if (! is_finite($value)) {
            return [$value, $value];
        }
        $doubt = sqrt($this->moves($this->hot, $valueOf, $value) ** 2 + $this->moves($this->wet, $valueOf, $value) ** 2 + $own ** 2);

        return [max(0.0, $value - $doubt), $value + $doubt];
    }

    /** @param  callable(BakeResult): float  $valueOf */
    private function moves(?BakeResult $other, callable $valueOf, float $value): float
    {
        if ($other === null || $this->coarse === null) {
            return self::OTHERWISE * $value;
        }
        $moved = $valueOf($other) - $valueOf($this->coarse);

        return is_finite($moved) ? $moved : self::OTHERWISE * $value;
    }

    /** Doubt of its own that needs no other bake: where it sets, how fast it browns. */
    private function ownDoubt(BakeEvent $event): float
    {
        return match ($event) {
            BakeEvent::Set, BakeEvent::TimeToLook, BakeEvent::EdgeSet, BakeEvent::Over => is_finite($this->minute(BakeEvent::Set))
                ? self::SET_KELVINS * max(self::LEAST_MINUTES_A_KELVIN, ($this->minute(BakeEvent::Set) - $this->minute(BakeEvent::TimeToLook)) / 3) : 0.0,
            BakeEvent::LightGold, BakeEvent::Golden, BakeEvent::Dark => is_finite($this->minute(BakeEvent::Golden))
                ? self::BROWN_SHARE / (Brownness::GOLDEN_INDEX - Brownness::LIGHT_GOLD_INDEX) * ($this->minute(BakeEvent::Golden) - $this->minute(BakeEvent::LightGold)) : 0.0,
            BakeEvent::Safe => 0.0,
        };
    }
}
