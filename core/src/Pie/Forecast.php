<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Food\Allergens;
use Hojaldre\Core\Moisture\WetSolid;
use Hojaldre\Core\Pie\Readings\Reading;
use Hojaldre\Core\Pie\Readings\Readings;
use Hojaldre\Core\Pie\WaysOut\Search;
use Hojaldre\Core\Pie\WaysOut\WayFinder;
use Hojaldre\Core\Pie\WaysOut\WayOut;
use Hojaldre\Core\Safety\Lethality;

/** What a design will do: the readings, the bake they come from, the water ledger, the weights, the section. */
final readonly class Forecast
{
    /** Counts up whenever the model reads the same design otherwise: what was stored of an older one is read anew. */
    public const MODEL = 3;

    /** @param  list<Reading>  $readings in the order of Readings::ORDER */
    private function __construct(
        public Pie $pie,
        public Balance $balance,
        public ?Baked $baked,
        public array $readings,
    ) {
    }

    /** The readings and the bake, without the ways out: those are searched for by baking again, and asked for one by one. */
    public static function of(Pie $pie): self
    {
        $baked = Baked::of($pie);

        return new self($pie, Balance::of($pie), $baked, Readings::of($pie, $baked));
    }

    /** A first answer from one bake on a coarse grid, for a cook who is still typing; the fine one is to follow. */
    public static function roughly(Pie $pie): self
    {
        $baked = Baked::roughly($pie);

        return new self($pie, Balance::of($pie), $baked, Readings::of($pie, $baked));
    }

    /** The same with the ways out of every reading in trouble. */
    public function withWaysOut(): self
    {
        $search = new Search($this->pie, $this->baked);

        return new self($this->pie, $this->balance, $this->baked, array_map(
            fn (Reading $reading): Reading => $reading->inTrouble() ? $reading->withWaysOut(WayFinder::ways($reading, $this->pie, $this->readings, $search)) : $reading->withWaysOut([]),
            $this->readings,
        ));
    }

    /** @return list<WayOut> of one reading, by its name; none where it is not in trouble */
    public function waysOut(string $name): array
    {
        foreach ($this->readings as $reading) {
            if ($reading->name === $name && $reading->inTrouble()) {
                return WayFinder::ways($reading, $this->pie, $this->readings, new Search($this->pie, $this->baked));
            }
        }

        return [];
    }

    /** Water that the base gained from the filling between pouring and its rest, g; never more than weeps. */
    private function intoBaseGrams(): float
    {
        $course = $this->baked?->course;
        if ($course === null || is_nan($course->basePercent)) {
            return 0.0;
        }
        $dry = $this->pie->crust->baseDryGrams($this->pie->tin);
        $held = static fn (float $percent): float => $dry * $percent / (100 - $percent);
        $began = $course->shell === [] ? $this->pie->crust->dough->per100g->water : $course->shell[count($course->shell) - 1]['basePercent'];

        return min($this->balance->freeGrams, max(0.0, $held($course->basePercent) - $held(min($began, $course->basePercentDriest))));
    }

    /** @return array<string, mixed> */
    public function ledger(): array
    {
        $steps = [];
        foreach ($this->pie->solids() as $solid) {
            $steps[$solid->id] = array_map(static fn (float $lost): float => round($lost, 2), $solid->chain()->lossesGrams());
        }
        $rows = array_map(static fn (string $id, WetSolid $water): array => [
            'id' => $id,
            'stepLossesGrams' => $steps[$id] ?? [],
            'boughtGrams' => round($water->rawGrams, 2),
            'drivenOffGrams' => round($water->drivenOffGrams, 2),
            'nowGrams' => round($water->nowGrams, 2),
            'floorGrams' => round($water->floorGrams, 2),
            'weepGrams' => round($water->weepGrams, 2),
            'boundGrams' => round($water->boundGrams, 2),
            'freeGrams' => round($water->freeGrams, 2),
        ], array_keys($this->balance->water), array_values($this->balance->water));
        $intoBase = $this->intoBaseGrams();

        return [
            'layers' => $rows,
            'looseGrams' => round($this->balance->looseGrams, 2),
            'absorbedGrams' => round($this->balance->absorbedGrams, 2),
            'freeGrams' => round($this->balance->freeGrams, 2),
            'intoBaseGrams' => round($intoBase, 2),
            'intoFillingGrams' => round($this->balance->freeGrams - $intoBase, 2),
        ];
    }

    /** @return array<string, mixed> the salt of the whole by what brings it, the most first */
    public function salt(): array
    {
        $salt = $this->balance->salt();
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
            sprintf('The filling goes in at %d °C, a baked shell at 20 and a raw one at 5; the door is opened once for each stage.', (int) round($this->balance->startCelsius())),
            'Ranges are meant to hold 8 bakes in 10; they are judged, not yet learned from your own bakes.',
        ];
    }

    /** @return list<string> */
    public function cautions(): array
    {
        return [
            sprintf(
                'Local food rules and licensed advice come first: %d °C at the coldest point, by probe, or an equal kill held longer (65 °C for %d min).',
                (int) $this->balance->safeCelsius(), (int) ceil(Lethality::minutesAt(65)),
            ),
            'Raw egg and raw flour are raw food: wash hands and boards. Out of the oven, from 57 to 21 °C within 2 h and to 5 °C within 6 h in all.',
        ];
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $filling = $this->balance->fillingGrams;
        $crust = $this->balance->crustGrams();

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
            'section' => Section::of($this->balance)->toArray(),
            'tinLabel' => $this->pie->tin->label(),
            'allergens' => $this->allergens(),
            'assumptions' => $this->assumptions(),
            'cautions' => $this->cautions(),
        ];
    }
}
