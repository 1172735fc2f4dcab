<?php

declare(strict_types=1);

namespace Hojaldre\Core\Moisture;

use Hojaldre\Core\Food\Composition;
use Hojaldre\Core\Food\Thermal;

/**
 * How something hot cools: a slab as deep as it lies, heat through its two faces by convection and radiation, and through its
 * top by water that steams off (Lewis: m = h/(rho c) (c_sat(T) - c_air), rho c of air 1100 J/m3 K). Implicit steps on equal layers;
 * with nothing steaming off it is the plane wall of the books (docs/sources.md#incropera).
 */
final readonly class Cooling
{
    private const LAYERS = 8;

    private const STEP_SECONDS = 30.0;

    /** Nothing is watched longer (definition). */
    private const LONGEST_MINUTES = 480.0;

    private const AIR_JOULES_PER_M3_KELVIN = 1100.0;

    private const LATENT_JOULES_PER_KG = 2.4e6;

    /** Of the free air, by convection alone, W/m2 K (judgement). */
    private const CONVECTION = 5.0;

    /** Vapour in the air of a kitchen, kg/m3 (judgement: half of what it holds at 20 °C). */
    private const KITCHEN_VAPOUR = 0.0087;

    /** A heap is not all wet surface (judgement). */
    private const WET_SHARE = 0.7;

    /** @param  list<float>  $hottestCelsius  at each minute from the start */
    private function __construct(public array $hottestCelsius, public float $depthMm)
    {
    }

    /**
     * @param  float  $grams  of it in one vessel
     * @param  float  $fromCelsius  all through, at the start
     * @param  float|null  $fridgeFromMinutes  when it goes from the bench to the fridge; null where it stays
     * @param  float  $untilCelsius  watched until the hottest is below
     */
    public static function of(float $grams, Composition $food, float $gramsPerMl, float $fromCelsius, CoolingVessel $vessel, float $kitchenCelsius, ?float $fridgeFromMinutes, float $untilCelsius): self
    {
        $depth = max(0.002, $grams / 1000 / ($gramsPerMl * 1000) / $vessel->areaM2());
        $thermal = Thermal::of($food, 40);
        $faces = static fn (Air $air): array => [$air->celsius($kitchenCelsius), $air->wattsPerM2Kelvin(), $air->wattsPerM2Kelvin() * $vessel->floorShare()];

        return self::slab($depth, $thermal->conductivity(), $gramsPerMl * 1000 * $thermal->specificHeat(), $fromCelsius, self::WET_SHARE, $untilCelsius, $faces(Air::Bench), $fridgeFromMinutes, $faces(Air::Fridge));
    }

    /**
     * @param  float  $depth  m
     * @param  float  $k  W/m K
     * @param  float  $rhoC  J/m3 K
     * @param  float  $wetShare  of the top that steams, 0 to 1
     * @param  array{float, float, float}  $air  °C, W/m2 K at the top, W/m2 K at the floor
     * @param  float|null  $movesAtMinutes  to the other air
     * @param  array{float, float, float}|null  $then  the same of that
     */
    public static function slab(float $depth, float $k, float $rhoC, float $fromCelsius, float $wetShare, float $untilCelsius, array $air, ?float $movesAtMinutes = null, ?array $then = null): self
    {
        $dz = $depth / self::LAYERS;
        $stored = $rhoC * $dz / self::STEP_SECONDS;
        $between = $k / $dz;
        $t = array_fill(0, self::LAYERS, $fromCelsius);
        $hottest = [$fromCelsius];
        $perMinute = (int) (60 / self::STEP_SECONDS);
        $now = $air;
        for ($step = 1; $step <= self::LONGEST_MINUTES * $perMinute && $hottest[count($hottest) - 1] > $untilCelsius; $step++) {
            if ($movesAtMinutes !== null && $then !== null && $step > $movesAtMinutes * $perMinute) {
                $now = $then;
            }
            [$airCelsius, $hTop, $hFloor] = $now;
            $surface = $t[self::LAYERS - 1];
            $steams = $wetShare * self::CONVECTION / self::AIR_JOULES_PER_M3_KELVIN * self::LATENT_JOULES_PER_KG * max(0.0, self::saturated($surface) - min(self::KITCHEN_VAPOUR, self::saturated($airCelsius)));
            $effective = $hTop + ($surface - $airCelsius > 0.05 ? $steams / ($surface - $airCelsius) : 0.0);
            // through half a layer and then the air
            $t = self::stepped($t, $stored, $between, 1 / (1 / $hFloor + $dz / 2 / $k), 1 / (1 / $effective + $dz / 2 / $k), $airCelsius);
            if ($step % $perMinute === 0) {
                $hottest[] = max(...$t, ...[$airCelsius]);
            }
        }

        return new self($hottest, $depth * 1000);
    }

    /** Minutes until the hottest of it is below so many degrees; null where that takes longer than eight hours. */
    public function minutesTo(float $celsius): ?float
    {
        foreach ($this->hottestCelsius as $minute => $hottest) {
            if ($hottest <= $celsius) {
                $before = $minute > 0 ? $this->hottestCelsius[$minute - 1] : $hottest;

                return $minute === 0 ? 0.0 : $minute - ($celsius - $hottest) / max(1e-9, $before - $hottest);
            }
        }

        return null;
    }

    /**
     * One implicit step by the tridiagonal sweep, from the floor up.
     *
     * @param  list<float>  $t
     * @return list<float>
     */
    private static function stepped(array $t, float $stored, float $between, float $floor, float $top, float $air): array
    {
        $last = count($t) - 1;
        $c = $d = [];
        foreach ($t as $i => $now) {
            $below = $i === 0 ? $floor : $between;
            $above = $i === $last ? $top : $between;
            $right = $stored * $now + ($i === 0 ? $floor * $air : 0.0) + ($i === $last ? $top * $air : 0.0);
            $pivot = $stored + $below + $above - ($i === 0 ? 0.0 : $between * $c[$i - 1]);
            $c[$i] = $i === $last ? 0.0 : $between / $pivot;
            $d[$i] = ($right + ($i === 0 ? 0.0 : $between * $d[$i - 1])) / $pivot;
        }
        for ($i = $last - 1; $i >= 0; $i--) {
            $d[$i] += $c[$i] * $d[$i + 1];
        }

        return array_values($d);
    }

    /** Vapour that air holds, kg/m3: Magnus, within a per cent from 0 to 100 °C (docs/sources.md#magnus). */
    private static function saturated(float $celsius): float
    {
        return 610.94 * exp(17.625 * $celsius / (243.04 + $celsius)) / (461.5 * (273.15 + $celsius));
    }
}
