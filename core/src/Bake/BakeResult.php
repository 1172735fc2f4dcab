<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** What happened in one simulated bake: curves, events with their times between steps, the state when it came out and when it had rested. */
final readonly class BakeResult
{
    /**
     * @param  list<FilmFrame>  $film  empty where none was asked for
     * @param  BakeCurves  $onward  as if it had stayed in past its minutes
     * @param  list<BakedShell>  $shell  after each stage of the shell
     * @param  array<string, float>  $events  minute of each BakeEvent that was reached
     * @param  float  $outMinutes  in the oven, filled
     * @param  float  $baseRatio  water to solids of the outer half of the base when it had rested; NAN without a base
     * @param  float  $baseBakedShare  how far the base was baked through when it came out, 0 to 1
     * @param  float  $basePercent  water of the base when it had rested, wet basis; NAN without a base
     * @param  float  $basePercentOut  when it came out
     * @param  float  $basePercentDriest  the least it had between pouring and coming out
     * @param  float  $soakMm  how deep the base is soggy when it had rested
     * @param  float  $setShare  of the filling, when it came out
     * @param  float  $nearlySetMinute  from which it would have got within 2 K of set on the rack; INF where it was not reached
     * @param  float  $peakCelsius  the most its coldest point got, on the rack included; NAN where nothing has to set
     * @param  float  $middleDose  measures of over-cooking of the middle when it had rested
     * @param  float  $earlyShare  of the weep that had left before its place set, 0 to 1
     * @param  float  $carriesOverKelvins  how much warmer its coldest point still got
     * @param  float  $lostKg  what it weighed less when it came out
     * @param  float  $massErrorShare  water that the sums lost
     * @param  float  $energyErrorShare  heat that the sums lost
     */
    public function __construct(
        public Grid $grid,
        public CellMaterials $materials,
        public array $film,
        public BakeCurves $curves,
        public BakeCurves $onward,
        public array $shell,
        private array $events,
        public Cooling $cooling,
        public Browned $browned,
        public float $outMinutes,
        public float $baseRatio,
        public float $baseBakedShare,
        public float $basePercent,
        public float $basePercentOut,
        public float $basePercentDriest,
        public float $soakMm,
        public float $setShare,
        public float $nearlySetMinute,
        public float $peakCelsius,
        public float $middleDose,
        public float $earlyShare,
        public float $carriesOverKelvins,
        public float $lostKg,
        public float $massErrorShare,
        public float $energyErrorShare,
        public int $steps,
    ) {
    }

    /** Minute of an event, INF where it was not reached. */
    public function minute(BakeEvent $event): float
    {
        return $this->events[$event->value] ?? INF;
    }

    public function cells(): int
    {
        return count($this->grid->kind);
    }
}
