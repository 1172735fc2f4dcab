<?php

declare(strict_types=1);

namespace Hojaldre\Core\Moisture;

use Hojaldre\Core\Food\Composition;
use Hojaldre\Core\Safety\CoolingLimits;
use Hojaldre\Core\Safety\CoolingVerdict;

/** When a hot filling may meet dough, when egg, and when it must be in the fridge. */
final readonly class CoolingPlan
{
    /** Butter goes soft above it (common practice, no source). */
    public const FOR_DOUGH_CELSIUS = 25.0;

    /** Egg begins to thicken from 60; a cook wants it hand-warm (common practice, no source). */
    public const FOR_EGG_CELSIUS = 40.0;

    /** What comes from the pan or the oven (common practice, no source). */
    public const HOT_CELSIUS = 90.0;

    /** It is told to the quarter of an hour (definition). */
    private const QUARTER_MINUTES = 15.0;

    /** Longer than this nothing is left to cool on the bench (docs/sources.md#food-code). */
    private const LONGEST_MINUTES = 240.0;

    /**
     * @param  float|null  $forDoughMinutes  until it may meet dough; null where that takes longer than eight hours
     * @param  float|null  $forEggMinutes  until it may meet egg
     * @param  float|null  $fridgeByMinutes  from the start, so that it still comes from 57 to 21 °C in two hours and to 5 °C in six in all; null where it does not even when it goes there at once
     */
    private function __construct(
        public CoolingVessel $vessel,
        public float $depthMm,
        public ?float $forDoughMinutes,
        public ?float $forEggMinutes,
        public ?float $fridgeByMinutes,
    ) {
    }

    public static function of(float $grams, Composition $food, float $gramsPerMl, CoolingVessel $vessel, float $kitchenCelsius, float $fromCelsius = self::HOT_CELSIUS): self
    {
        $watch = static fn (?float $fridgeFrom, float $until): Cooling => Cooling::of($grams, $food, $gramsPerMl, $fromCelsius, $vessel, $kitchenCelsius, $fridgeFrom, $until);
        $bench = $watch(null, self::FOR_DOUGH_CELSIUS);

        return new self($vessel, $bench->depthMm, $bench->minutesTo(self::FOR_DOUGH_CELSIUS), $bench->minutesTo(self::FOR_EGG_CELSIUS), self::fridgeBy($watch));
    }

    /** @param  callable(?float, float): Cooling  $watch */
    private static function fridgeBy(callable $watch): ?float
    {
        $isSafe = static function (float $from) use ($watch): bool {
            $cooling = $watch($from, CoolingLimits::COLD_CELSIUS);

            return CoolingLimits::judge($cooling->minutesTo(CoolingLimits::HOT_CELSIUS), $cooling->minutesTo(CoolingLimits::WARM_CELSIUS), $cooling->minutesTo(CoolingLimits::COLD_CELSIUS)) === CoolingVerdict::WithinLimits;
        };
        if (! $isSafe(0.0)) {
            return null;
        }
        // later is never safer: the last quarter that still is
        [$low, $high] = [0, (int) (self::LONGEST_MINUTES / self::QUARTER_MINUTES)];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            if ($isSafe($middle * self::QUARTER_MINUTES)) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $low * self::QUARTER_MINUTES;
    }
}
