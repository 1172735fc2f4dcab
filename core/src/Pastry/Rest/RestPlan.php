<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Rest;

use Hojaldre\Core\Pastry\Dough\DoughStyle;
use Hojaldre\Core\Pastry\Dough\Formula;
use Hojaldre\Core\Pastry\Rolled\TinProfile;
use Hojaldre\Core\Pastry\ShellSupport;

/** When a dough rests and for how long, and the price of each rest that is skipped. Minutes: common practice, no source. */
final readonly class RestPlan
{
    /** In a warm kitchen chills are longer (common practice, no source). */
    private const WARM_CELSIUS = 25.0;

    private const WARM_FACTOR = 1.5;

    private const LONGEST_MINUTES = 120.0;

    /** From here on a dough counts as rich, fat in per cent of the flour. */
    private const RICH_PERCENT = 60.0;

    /** Rolled straight from the fridge, of ten sheets of butter dough (judgement). */
    private const CRACK_IN_TEN = 3;

    /**
     * @param  ShellSupport|null  $support  what holds the shell in the oven; null where it is filled raw
     * @param  TinProfile|null  $tin  that it lines; null where nothing is lined
     * @return list<Rest>
     */
    public static function of(Formula $formula, float $thicknessMm, ?ShellSupport $support, ?TinProfile $tin, float $kitchenCelsius): array
    {
        $shrinkage = new Shrinkage($formula, $thicknessMm, $support, $kitchenCelsius);
        [$least, $usual, $most] = self::scaled(self::afterMixing($formula), $kitchenCelsius);
        [$leastChill, $usualChill, $mostChill] = self::scaled([10.0, 20.0, 30.0], $kitchenCelsius);
        $tougher = $formula->style->tightens();
        $lower = static fn (float $rest, float $chill): float => $tin === null || $tin->sideMm <= 0 ? 0.0
            : $shrinkage->lowerMm($tin->sideMm, $tin->floorLengthMm / 2, $rest, $chill) - $shrinkage->lowerMm($tin->sideMm, $tin->floorLengthMm / 2, $usual, $usualChill);
        $lessMl = static fn (float $lowerMm): float => $tin === null ? 0.0 : $tin->tins * $tin->areaMm2($tin->rimLengthMm, $tin->rimWidthMm) * $lowerMm / 1000;
        $plan = [];
        $folds = $formula->letters + $formula->books;
        if ($folds > 0) {
            $plan[] = new Rest(RestName::BetweenFolds, 10.0, 15.0, 30.0, $folds, 0.0, 0.0, true, self::CRACK_IN_TEN);
        }
        $plan[] = new Rest(RestName::AfterMixing, $least, $usual, $most, 1, $lower(0.0, $usualChill), $lessMl($lower(0.0, $usualChill)), $tougher, 0);
        if ($formula->method->keepsFatCold()) {
            $plan[] = new Rest(RestName::Temper, 10.0, 15.0, 20.0, 1, 0.0, 0.0, false, self::CRACK_IN_TEN);
        }
        $plan[] = new Rest(RestName::InTheTin, $leastChill, $usualChill, $mostChill, 1, $lower($usual, 0.0), $lessMl($lower($usual, 0.0)), false, 0);

        return $plan;
    }

    /** @return array{float, float, float} least, usual, most minutes */
    private static function afterMixing(Formula $formula): array
    {
        return match (true) {
            $formula->style === DoughStyle::HotWater => [10.0, 15.0, 30.0],
            $formula->style === DoughStyle::Oil => [10.0, 20.0, 30.0],
            $formula->style === DoughStyle::Folded => [30.0, 45.0, 120.0],
            $formula->eggs !== [] || $formula->fatPercent() > self::RICH_PERCENT => [30.0, 60.0, 120.0],
            default => [20.0, 30.0, 60.0],
        };
    }

    /**
     * @param  array{float, float, float}  $minutes
     * @return array{float, float, float}
     */
    private static function scaled(array $minutes, float $kitchenCelsius): array
    {
        $factor = $kitchenCelsius > self::WARM_CELSIUS ? self::WARM_FACTOR : 1.0;

        return [min(self::LONGEST_MINUTES, $minutes[0] * $factor), min(self::LONGEST_MINUTES, $minutes[1] * $factor), min(self::LONGEST_MINUTES, $minutes[2] * $factor)];
    }
}
