<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

use Hojaldre\Core\Food\Roots;
use Hojaldre\Core\Safety\CoolingLimits;
use Hojaldre\Core\Safety\Lethality;

/** Waits for the events of a bake and says between which steps each one came. Those of the custard that its rest decides are CustardWatch's. */
final class EventWatch
{
    /** Minutes of kill and K of temperature, made alike so that the greater of the two can be followed (numerics). */
    private const KELVINS_A_MINUTE = 5;

    private const NOT_ASKED = -999.0;

    /** @var array<string, float> minute of each event that was reached */
    public array $minutes = [];

    /** @var array<string, float> */
    private array $last = [];

    private float $lastMinutes = 0.0;

    public function __construct(private readonly CellSums $sums, private readonly BakeInput $input, private readonly int $edgeCell)
    {
    }

    /** @param  float  $coldCelsius  the coldest of the filling */
    public function at(float $minutes, Cells $cells, float $coldCelsius): void
    {
        $now = $this->distances($cells, $coldCelsius);
        foreach ($now as $event => $value) {
            if ($value >= 0 && ! isset($this->minutes[$event])) {
                $before = $this->last[$event] ?? $value;
                $share = $value > $before ? $value / ($value - $before) : 0.0;
                $this->minutes[$event] = $minutes - min(1.0, max(0.0, $share)) * ($minutes - $this->lastMinutes);
            }
        }
        $this->last = $now;
        $this->lastMinutes = $minutes;
    }

    public function isDone(): bool
    {
        return isset($this->minutes[BakeEvent::Safe->value]) && (! $this->input->hasRawRoots || isset($this->minutes[BakeEvent::Tender->value])) && ($this->input->setsAtCelsius === null || isset($this->minutes[BakeEvent::Set->value]));
    }

    /** @return array<string, float> how far past each event it is; below 0 it is still to come */
    private function distances(Cells $cells, float $cold): array
    {
        $sets = $this->input->setsAtCelsius;
        $brown = $this->sums->topBrownIndex($cells);

        return [
            BakeEvent::EdgeSet->value => $sets === null ? self::NOT_ASKED : $cells->T[$this->edgeCell] - $sets,
            BakeEvent::Set->value => $sets === null ? self::NOT_ASKED : $cold - $sets,
            BakeEvent::Warm->value => $cells->safeCelsius - CoolingLimits::HOT_CELSIUS,
            BakeEvent::Safe->value => max($cells->safeCelsius - $this->input->safeCelsius, ($cells->lethalMinutes - Lethality::REFERENCE_MINUTES) * self::KELVINS_A_MINUTE),
            BakeEvent::Tender->value => $this->input->hasRawRoots ? $cells->tenderMinutes - Roots::TENDER_MINUTES : self::NOT_ASKED,
            BakeEvent::LightGold->value => $brown - Brownness::LIGHT_GOLD_INDEX,
            BakeEvent::Golden->value => $brown - Brownness::GOLDEN_INDEX,
            BakeEvent::Dark->value => $brown - Brownness::DARK_INDEX,
        ];
    }
}
