<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

use Hojaldre\Core\Bake\BakeDeviation;
use Hojaldre\Core\Bake\BakeInput;
use Hojaldre\Core\Bake\BakeResult;
use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Bake\Resolution;
use Hojaldre\Core\Bake\Simulation;
use Hojaldre\Core\Food\Composition;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Moisture\Cooling;
use Hojaldre\Core\Moisture\CoolingPlan;
use Hojaldre\Core\Moisture\CoolingVessel;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** What it costs to put a pie in as it is: the same pie baked with it and without, in words and minutes. */
final readonly class GateCosts
{
    /** An oven not yet at heat, K below, that a cook may find (definition). */
    public const TOO_COLD_KELVINS = [10.0, 25.0, 50.0, 100.0];

    /** A filling from the pan, °C, that a cook may find (definition). */
    public const HOT_CELSIUS = [35.0, 45.0, 60.0, 80.0];

    /** A domestic oven gains so much a minute, K (judgement, as for the oven day). */
    private const GAINS_KELVINS_A_MINUTE = 10.0;

    /** Least that a stage may have (definition, as Stage has it). */
    private const LEAST_CELSIUS = 120.0;

    /** Of a kitchen (common practice, no source). */
    private const KITCHEN_CELSIUS = 21.0;

    /** Less is not worth a word, min; of brownness (judgement). */
    private const TOLD_MINUTES = 1.0;

    private const TOLD_INDEX = 0.15;

    private BakeResult $designed;

    private BakeInput $input;

    public function __construct(private Pie $pie)
    {
        $this->input = BakeInputs::of(Weights::of($pie));
        $this->designed = Simulation::run($this->input, null, Resolution::coarse());
    }

    /** @param  float  $kelvins  below its heat when the pie goes in */
    public function coldOven(float $kelvins): GateCost
    {
        $first = $this->pie->bake->first();
        // it goes on heating with the pie in it: on the average half as much is missing until it is there
        $minutes = min($first->minutes - 1, 2 * ceil($kelvins / self::GAINS_KELVINS_A_MINUTE));
        $stages = $minutes < 1 ? $this->pie->bake->stages : [
            $first->with(ovenCelsius: max(self::LEAST_CELSIUS, $first->ovenCelsius - $kelvins / 2), minutes: $minutes), $first->with(minutes: $first->minutes - $minutes), ...array_slice($this->pie->bake->stages, 1),
        ];

        return new GateCost($first->ovenCelsius - $kelvins, $this->against($this->bake($this->pie->withBake($this->pie->bake->withStages($stages)))), ceil($kelvins / self::GAINS_KELVINS_A_MINUTE));
    }

    public function shellInColdOven(float $kelvins): GateCost
    {
        return new GateCost($this->pie->crust->shell[0]->ovenCelsius - $kelvins, [new Statement('gate-cost.shell-cold-oven')], ceil($kelvins / self::GAINS_KELVINS_A_MINUTE));
    }

    public function hotFilling(float $celsius): GateCost
    {
        $warmer = $celsius - $this->input->startCelsius;
        $hot = Simulation::run($this->input, new BakeDeviation(startKelvins: max(0.0, $warmer)), Resolution::coarse());
        $melts = $this->pie->crust->shell === [] && $celsius > CoolingPlan::FOR_DOUGH_CELSIUS && $this->input->isLined;
        $scrambles = $this->input->setsAtCelsius !== null && $celsius > CoolingPlan::FOR_EGG_CELSIUS;

        return new GateCost($celsius, array_values([
            ...($melts ? [new Statement($celsius >= BaseVerdict::MELTS_FROM_CELSIUS ? 'gate-cost.fat-melts' : 'gate-cost.fat-softens')] : []),
            ...($scrambles ? [new Statement('gate-cost.egg-thickens')] : []),
            // what melts bakes to paste, however dry
            ...array_filter($this->against($hot), static fn (Statement $one): bool => ! ($melts && $one->code === 'gate-cost.little')),
        ]), ceil($this->coolsIn($celsius) ?? 0.0));
    }

    public function otherRack(): GateCost
    {
        $first = $this->pie->bake->first();
        $other = $first->rack === Rack::Low ? Rack::High : Rack::Low;

        return new GateCost(null, $this->against($this->bake($this->pie->withBake($this->pie->bake->withStages([$first->with(rack: $other), ...array_slice($this->pie->bake->stages, 1)])))), null);
    }

    public function withoutGlaze(): GateCost
    {
        $lid = $this->pie->crust->lid ?? throw new \LogicException('Only what has a lid is glazed.');

        return new GateCost(null, $this->against($this->bake($this->pie->withCrust($this->pie->crust->withLid(new Lid($lid->thicknessMm, $lid->openShare, Glaze::None, $lid->ventedLate))))), null);
    }

    public function withoutFoil(): GateCost
    {
        $stages = array_map(static fn (Stage $stage): Stage => $stage->with(tent: false, shield: false), $this->pie->bake->stages);

        return new GateCost(null, $this->against($this->bake($this->pie->withBake($this->pie->bake->withStages($stages)))), null);
    }

    private function bake(Pie $pie): BakeResult
    {
        return Simulation::run(BakeInputs::of(Weights::of($pie)), null, Resolution::coarse());
    }

    /** @return non-empty-list<Statement> what another bake is against the designed one */
    private function against(BakeResult $other): array
    {
        $later = PossibleBakes::ready($other, $this->input, INF) - PossibleBakes::ready($this->designed, $this->input, INF);
        [$base, $baseThen] = [$this->base($this->designed), $this->base($other)];
        [$top, $topThen] = [$this->designed->browned->topIndex, $other->browned->topIndex];
        [$rim, $rimThen] = [$this->designed->browned->rimIndex, $other->browned->rimIndex];
        $says = [
            ...(is_finite($later) && abs($later) >= self::TOLD_MINUTES ? [new Statement($later > 0 ? 'gate-cost.later' : 'gate-cost.earlier', ['byMinutes' => abs(round($later))])] : []),
            ...($later === INF ? [new Statement('gate-cost.never-ready')] : []),
            ...($base !== null && $baseThen !== null && self::wetter($base, $baseThen) ? [new Statement('gate-cost.base', ['from' => $base->value, 'to' => $baseThen->value])] : []),
            ...(abs($topThen - $top) >= self::TOLD_INDEX && Brownness::of($top) !== Brownness::of($topThen) ? [new Statement('gate-cost.top', ['from' => Brownness::of($top)->value, 'to' => Brownness::of($topThen)->value])] : []),
            ...(abs($rimThen - $rim) >= self::TOLD_INDEX && Brownness::of($rim) !== Brownness::of($rimThen) ? [new Statement('gate-cost.rim', ['from' => Brownness::of($rim)->value, 'to' => Brownness::of($rimThen)->value])] : []),
        ];

        return $says === [] ? [new Statement('gate-cost.little')] : $says;
    }

    private function base(BakeResult $result): ?BaseVerdict
    {
        return is_nan($result->baseRatio) ? null : BaseVerdict::of($result->baseRatio, $result->baseBakedShare);
    }

    private static function wetter(BaseVerdict $from, BaseVerdict $to): bool
    {
        $order = BaseVerdict::cases();

        return array_search($to, $order, true) > array_search($from, $order, true);
    }

    /** Spread on a tray, until dough and egg may meet it, min. */
    private function coolsIn(float $fromCelsius): ?float
    {
        $parts = [];
        foreach ($this->pie->layers as $layer) {
            foreach ($layer->ingredients() as $one) {
                $parts[] = [$one->food->per100g, $one->grams()];
            }
        }
        $weights = Weights::of($this->pie);
        if ($parts === [] || $weights->fillingGrams <= 0) {
            return null;
        }

        return Cooling::of($weights->fillingGrams, Composition::mixed($parts), 1.0, $fromCelsius, CoolingVessel::Tray, self::KITCHEN_CELSIUS, null, CoolingPlan::FOR_DOUGH_CELSIUS)->minutesTo(CoolingPlan::FOR_DOUGH_CELSIUS);
    }
}
