<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Bake\BakeDeviation;
use Hojaldre\Core\Bake\BakeInput;
use Hojaldre\Core\Bake\BakeResult;
use Hojaldre\Core\Bake\Simulation;
use Hojaldre\Core\Pie\Pie;

/**
 * A design, baked in simulation, with how far a kitchen may be from it. The doubts are tried on a coarser grid, one bake each,
 * and taken to reach as far the other way; the last digits come from the fine bake (spreads judged, docs/model.md).
 */
final readonly class SimulatedBake
{
    /** An oven that is 10 K and a tenth of its heat transfer off. */
    private const HOT = ['heatTransfer' => 1.1, 'ovenKelvins' => 10.0];

    /** Solids that let go a third more, onto a crust that takes up a quarter faster. */
    private const WET = ['weep' => 1.3, 'uptake' => 1.25];

    /** A custard sets so many K from where it is thought to, and browning is so far off. */
    private const SET_KELVINS = 1.5;

    private const BROWN_SHARE = 0.35;

    /** A filling thinner than this is no pie yet. */
    private const LEAST_MM = 2.0;

    /** Where a doubt could not be tried, this share of the value. */
    private const OTHERWISE = 0.12;

    /** @param  array<string, float>  $offsets  by event or "base": what a finer bake is known to say more */
    private function __construct(
        public BakeInput $input,
        public BakeResult $result,
        private ?BakeResult $coarse,
        private ?BakeResult $hot,
        private ?BakeResult $wet,
        public int $units,
        private array $offsets = [],
    ) {
    }

    /** The fine bake alone, with its film. */
    public static function filmed(Pie $pie): ?self
    {
        if (Weights::of($pie)->fillMm() < self::LEAST_MM) {
            return null;
        }
        $input = BakeInputs::of($pie);

        return new self($input, Simulation::run($input, film: true), null, null, null, BakeInputs::units($pie));
    }

    public static function of(Pie $pie): ?self
    {
        if (Weights::of($pie)->fillMm() < self::LEAST_MM) {
            return null;
        }
        $input = BakeInputs::of($pie);

        return new self(
            $input, Simulation::run($input), Simulation::run($input, null, true),
            Simulation::run($input, new BakeDeviation(...self::HOT), true), Simulation::run($input, new BakeDeviation(...self::WET), true), BakeInputs::units($pie),
        );
    }

    /** Only the coarse bake, for a search that tries many. */
    public static function roughly(Pie $pie): ?self
    {
        if (Weights::of($pie)->fillMm() < self::LEAST_MM) {
            return null;
        }
        $input = BakeInputs::of($pie);

        return new self($input, Simulation::run($input, null, true), null, null, null, BakeInputs::units($pie));
    }

    /** @param  array<string, float>  $offsets */
    public function shifted(array $offsets): self
    {
        return new self($this->input, $this->result, $this->coarse, $this->hot, $this->wet, $this->units, $offsets);
    }

    /** Minute of an event, INF where it was not reached. */
    public function minute(string $event): float
    {
        return ($this->result->events[$event] ?? INF) + ($this->offsets[$event] ?? 0.0);
    }

    /** @return array{float, float} from and to of 8 bakes in 10 */
    public function range(string $what): array
    {
        $value = $what === 'base' ? $this->base() : $this->minute($what);
        if (! is_finite($value)) {
            return [$value, $value];
        }
        $doubt = sqrt($this->moves($this->hot, $what, $value) ** 2 + $this->moves($this->wet, $what, $value) ** 2 + $this->own($what) ** 2);

        return [max(0.0, $value - $doubt), $value + $doubt];
    }

    /** Baked once, on a coarse grid, and not held against a finer bake. */
    public function isRough(): bool
    {
        return $this->coarse === null && $this->offsets === [];
    }

    public function base(): float
    {
        return $this->result->basePercent + ($this->offsets['base'] ?? 0.0);
    }

    private function moves(?BakeResult $other, string $what, float $value): float
    {
        if ($other === null || $this->coarse === null) {
            return self::OTHERWISE * $value;
        }
        $moved = $this->value($other, $what) - $this->value($this->coarse, $what);

        return is_finite($moved) ? $moved : self::OTHERWISE * $value;
    }

    /** Doubt of its own that needs no other bake: where it sets, how fast it browns. */
    private function own(string $what): float
    {
        return match ($what) {
            'set', 'time-to-look', 'edge-set', 'over' => is_finite($this->minute('set')) ? self::SET_KELVINS * max(0.2, ($this->minute('set') - $this->minute('time-to-look')) / 3) : 0.0,
            'light-gold', 'golden', 'dark' => is_finite($this->minute('golden'))
                ? self::BROWN_SHARE / (BakeResult::GOLDEN - BakeResult::LIGHT_GOLD) * ($this->minute('golden') - $this->minute('light-gold')) : 0.0,
            default => 0.0,
        };
    }

    private function value(BakeResult $result, string $what): float
    {
        return $what === 'base' ? $result->basePercent : ($result->events[$what] ?? INF);
    }
}
