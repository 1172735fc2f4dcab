<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Advice\Trials;
use Hojaldre\Core\Advice\WayOut;
use Hojaldre\Core\Advice\WayOutSearch;
use Hojaldre\Core\Food\Allergens;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\Readings;
use Hojaldre\Core\Moisture\LayerWater;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Safety\Lethality;

/** What a design will do: the readings, the bake they come from, the water ledger, the weights, the section. */
final readonly class Forecast
{
    /** Counts up whenever the model reads the same design otherwise: what was stored of an older one is read anew. */
    public const MODEL = 3;

    /** @param  list<Reading>  $readings in the order of Readings::ORDER */
    private function __construct(
        public Pie $pie,
        public Weights $weights,
        public ?SimulatedBake $baked,
        public array $readings,
    ) {
    }

    /** The readings and the bake, without the ways out: those are searched for by baking again, and asked for one by one. */
    public static function of(Pie $pie): self
    {
        $baked = SimulatedBake::of($pie);

        return new self($pie, Weights::of($pie), $baked, Readings::of($pie, $baked));
    }

    /** A first answer from one bake on a coarse grid, for a cook who is still typing; the fine one is to follow. */
    public static function roughly(Pie $pie): self
    {
        $baked = SimulatedBake::roughly($pie);

        return new self($pie, Weights::of($pie), $baked, Readings::of($pie, $baked));
    }

    public function reading(string $name): ?Reading
    {
        foreach ($this->readings as $reading) {
            if ($reading->name === $name) {
                return $reading;
            }
        }

        return null;
    }

    /** Water that the base gained from the filling between pouring and its rest, g; never more than weeps. */
    private function intoBaseGrams(): float
    {
        $result = $this->baked?->result;
        if ($result === null || is_nan($result->basePercent)) {
            return 0.0;
        }
        $dry = $this->pie->crust->baseDryGrams($this->pie->tin);
        $held = static fn (float $percent): float => $dry * $percent / (100 - $percent);
        $began = $result->shell === [] ? $this->pie->crust->dough->per100g->water : $result->shell[count($result->shell) - 1]['basePercent'];

        return min($this->weights->freeGrams, max(0.0, $held($result->basePercent) - $held(min($began, $result->basePercentDriest))));
    }

    /** @return array<string, mixed> */
    public function ledger(): array
    {
        $steps = [];
        foreach ($this->pie->solids() as $solid) {
            $steps[$solid->id] = array_map(static fn (float $lost): float => round($lost, 2), $solid->chain()->lossesGrams());
        }
        $rows = array_map(static fn (string $id, LayerWater $water): array => [
            'id' => $id,
            'stepLossesGrams' => $steps[$id] ?? [],
            'boughtGrams' => round($water->rawGrams, 2),
            'drivenOffGrams' => round($water->drivenOffGrams, 2),
            'nowGrams' => round($water->nowGrams, 2),
            'floorGrams' => round($water->floorGrams, 2),
            'weepGrams' => round($water->weepGrams, 2),
            'boundGrams' => round($water->boundGrams, 2),
            'freeGrams' => round($water->freeGrams, 2),
        ], array_keys($this->weights->water), array_values($this->weights->water));
        $intoBase = $this->intoBaseGrams();

        return [
            'layers' => $rows,
            'looseGrams' => round($this->weights->looseGrams, 2),
            'absorbedGrams' => round($this->weights->absorbedGrams, 2),
            'freeGrams' => round($this->weights->freeGrams, 2),
            'intoBaseGrams' => round($intoBase, 2),
            'intoFillingGrams' => round($this->weights->freeGrams - $intoBase, 2),
        ];
    }

    /** @return array<string, mixed> the salt of the whole by what brings it, the most first */
    public function salt(): array
    {
        $salt = $this->weights->salt();
        $sources = array_filter($salt->gramsBySource, static fn (float $grams): bool => $grams >= 0.005);
        arsort($sources);

        return [
            'grams' => round($salt->grams(), 2),
            'portionGrams' => round($salt->grams() / $this->pie->portions, 2),
            'sources' => array_map(static fn (string $name, float $grams): array => ['name' => $name, 'grams' => round($grams, 2)], array_keys($sources), $sources),
        ];
    }

    /** @return list<string> of Allergens::ALL, in the order of the law */
    public function allergens(): array
    {
        $found = $this->pie->crust->dough->allergens;
        foreach ([...$this->pie->layers] as $layer) {
            foreach ($layer->ingredients() as $ingredient) {
                $found = $ingredient->grams() > 0 ? [...$found, ...$ingredient->food->allergens] : $found;
            }
        }

        return array_values(array_intersect(Allergens::ALL, $found));
    }

    /** @return list<string> */
    public function assumptions(): array
    {
        return [
            'The bake is simulated as one even filling in its crust. Not in it: puffing, slumping sides, a frozen start, heat carried about in a loose filling.',
            sprintf('The filling goes in at %d °C, a baked shell at 20 and a raw one at 5; the door is opened once for each stage.', (int) round($this->weights->startCelsius())),
            'Ranges are meant to hold 8 bakes in 10; they are judged, not yet learned from your own bakes.',
        ];
    }

    /** @return list<string> */
    public function cautions(): array
    {
        return [
            sprintf(
                'Local food rules and licensed advice come first: %d °C at the coldest point, by probe, or an equal kill held longer (65 °C for %d min).',
                (int) $this->weights->safeCelsius(), (int) ceil(Lethality::minutesAt(65)),
            ),
            'Raw egg and raw flour are raw food: wash hands and boards. Out of the oven, from 57 to 21 °C within 2 h and to 5 °C within 6 h in all.',
        ];
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $filling = $this->weights->fillingGrams;
        $crust = $this->weights->crustGrams();

        return [
            'name' => $this->pie->name,
            'readings' => array_map(static fn (Reading $reading): array => $reading->toArray(), $this->readings),
            'weights' => [
                'crustGrams' => round($crust, 1),
                'fillingGrams' => round($filling, 1),
                'intoTheOvenGrams' => round($crust + $filling, 1),
                'portionGrams' => round(($crust + $filling) / $this->pie->portions, 1),
            ],
            'bake' => $this->baked === null || $this->baked->isRough() ? null : BakeReport::of($this->baked),
            'ledger' => $this->ledger(),
            'salt' => $this->salt(),
            'section' => Section::of($this->weights)->toArray(),
            'tinLabel' => $this->pie->tin->label(),
            'allergens' => $this->allergens(),
            'assumptions' => $this->assumptions(),
            'cautions' => $this->cautions(),
        ];
    }
}
