<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Pie\SolidLayer;

/** Where the water of a design goes; it closes. */
final readonly class Ledger
{
    /**
     * @param  list<LedgerLayer>  $layers
     * @param  float  $looseGrams  weeps and is not held by a binder
     * @param  float  $absorbedGrams  taken up by scattered layers
     * @param  float  $freeGrams  the rest: into the base and into the filling
     */
    private function __construct(
        public array $layers,
        public float $looseGrams,
        public float $absorbedGrams,
        public float $freeGrams,
        public float $intoBaseGrams,
        public float $intoFillingGrams,
    ) {
    }

    public static function of(Weights $weights, ?SimulatedBake $bake): self
    {
        $intoBase = self::intoBaseGrams($weights, $bake);
        $shares = WeepOrder::reachShares($weights);
        $layers = array_map(
            static fn (SolidLayer $solid): LedgerLayer => new LedgerLayer(
                $solid->id, $solid->prepSteps()->lossesGrams(), $weights->water[$solid->id], min($weights->water[$solid->id]->freeGrams, ($shares[$solid->id] ?? 0.0) * $intoBase),
            ),
            array_values($weights->pie->solids()),
        );

        return new self($layers, $weights->looseGrams, $weights->absorbedGrams, $weights->freeGrams, $intoBase, $weights->freeGrams - $intoBase);
    }

    /** Water that the base gained from the filling between pouring and its rest, g; never more than weeps. */
    private static function intoBaseGrams(Weights $weights, ?SimulatedBake $bake): float
    {
        $result = $bake?->result;
        if ($result === null || is_nan($result->basePercent)) {
            return 0.0;
        }
        $crust = $weights->pie->crust;
        $dryGrams = $crust->baseDryGrams($weights->pie->tin);
        $held = static fn (float $percent): float => $dryGrams * $percent / (100 - $percent);
        $began = $result->shell === [] ? $crust->dough->per100g->water : $result->shell[count($result->shell) - 1]->basePercent;

        return min($weights->freeGrams, max(0.0, $held($result->basePercent) - $held(min($began, $result->basePercentDriest))));
    }
}
