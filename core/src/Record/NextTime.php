<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\AtOven\OutAt;
use Hojaldre\Core\Bake\BakeDeviation;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Seasoning\Salt;
use Hojaldre\Core\Statement\Statement;

/** What to do next time where that was the cause: by how many grams, minutes, degrees, as far as the design and the record say. */
final readonly class NextTime
{
    /** An oven that is found by the minutes of a probe is told in steps of, and between, K (judgement). */
    private const STEP_KELVINS = 5.0;

    private const LEAST_KELVINS = 5.0;

    private const MOST_KELVINS = 40.0;

    /** Less is not worth a scale, g (judgement). */
    private const LEAST_SALT_GRAMS = 0.5;

    /** By how much an oven is tried, to see what minutes it costs, K (numerics). */
    private const TRIED_KELVINS = 20.0;

    public static function of(CauseName $cause, DoneBake $bake): Statement
    {
        return match ($cause) {
            CauseName::WetFilling, CauseName::DryFilling => self::weight($cause, $bake),
            CauseName::ThinCustard, CauseName::EggyCustard => self::custard($cause, $bake),
            CauseName::OvenCold, CauseName::OvenHot => self::oven($cause, $bake),
            CauseName::OutEarly, CauseName::OutLate => self::minutes($cause, $bake),
            CauseName::SaltOnSalt, CauseName::SaltForgotten => self::salt($cause, $bake),
            CauseName::HotFilling => self::with($cause, ['fillingCelsius' => round(Weights::of($bake->designed)->startCelsius())]),
            CauseName::ThickCrust => self::with($cause, ['crustMm' => $bake->designed->crust->thicknessMm]),
            default => self::plain($cause),
        };
    }

    private static function plain(CauseName $cause): Statement
    {
        return new Statement("next.$cause->value");
    }

    /** @param  array<string, float|string>  $with */
    private static function with(CauseName $cause, array $with): Statement
    {
        return new Statement("next.$cause->value-to", $with);
    }

    /** The layer that was furthest off when it was weighed; where nobody weighed, the one that has most to lose. */
    private static function weight(CauseName $cause, DoneBake $bake): Statement
    {
        $way = $cause === CauseName::WetFilling ? 1 : -1;
        $worst = null;
        foreach ($bake->designed->solids() as $layer) {
            if ($layer->steps !== [] && ($worst === null || self::rank($layer, $bake, $way) > self::rank($worst, $bake, $way))) {
                $worst = $layer;
            }
        }

        return $worst === null ? self::plain($cause) : self::with($cause, ['food' => $worst->food->name, 'stopGrams' => $worst->now->grams]);
    }

    /** @return array{float, float} off by weight, and grams that leave it */
    private static function rank(SolidLayer $layer, DoneBake $bake, int $way): array
    {
        return [max(0.0, $way * ($bake->heavierShare($layer->id) ?? 0.0)), $layer->bought->grams - $layer->now->grams];
    }

    private static function custard(CauseName $cause, DoneBake $bake): Statement
    {
        $custard = $bake->designed->custard();

        return $custard === null ? self::plain($cause) : self::with($cause, ['eggGrams' => self::grams($custard->eggs), 'dairyGrams' => self::grams($custard->dairies)]);
    }

    /** @param  list<Ingredient>  $parts */
    private static function grams(array $parts): float
    {
        return array_sum(array_map(static fn (Ingredient $one): float => $one->grams(), $parts));
    }

    /** What is over or under what is commonly aimed at; no more can be left out than was put in. */
    private static function salt(CauseName $cause, DoneBake $bake): Statement
    {
        $weights = Weights::of($bake->done);
        if ($weights->isEmpty()) {
            return self::plain($cause);
        }
        $added = self::grams(array_values(array_filter($bake->done->seasonings, static fn (Ingredient $one): bool => $one->food->id === 'salt')));
        $missing = $weights->salt()->gramsToReach(Salt::AIM_PERCENT);
        $grams = $cause === CauseName::SaltOnSalt ? min($added, -$missing) : $missing;

        return $grams < self::LEAST_SALT_GRAMS ? self::plain($cause) : self::with($cause, ['saltGrams' => $grams]);
    }

    /** Where the minutes were not those of the design. */
    private static function minutes(CauseName $cause, DoneBake $bake): Statement
    {
        $designed = $bake->designed->bake->minutes();
        $isOff = $cause === CauseName::OutEarly ? $bake->done->bake->minutes() < $designed : $bake->done->bake->minutes() > $designed;

        return $isOff ? self::with($cause, ['bakeMinutes' => $designed, 'lookMinutes' => round(OutAt::LOOK_SHARE * $designed)]) : self::plain($cause);
    }

    /** By the thermometer that hung in it, else by how long the probe ran behind or ahead: how many degrees cost as much is asked of a bake. */
    private static function oven(CauseName $cause, DoneBake $bake): Statement
    {
        $way = $cause === CauseName::OvenCold ? -1 : 1;
        if ($bake->ovenCelsius !== null) {
            return $way * $bake->ovenCelsius > 0 ? self::with($cause, ['offKelvins' => round(abs($bake->ovenCelsius))]) : self::plain($cause);
        }
        $late = -$way * ($bake->behindMinutes ?? 0.0);
        if ($late <= 0) {
            return self::plain($cause);
        }
        $input = BakeInputs::of(Weights::of($bake->done));
        $costs = abs(TrialBake::run($input, new BakeDeviation(ovenKelvins: $way * self::TRIED_KELVINS))->possible->readyMinute - TrialBake::run($input, new BakeDeviation)->possible->readyMinute);
        if ($costs < 1) {
            return self::plain($cause);
        }
        $kelvins = self::STEP_KELVINS * round(self::TRIED_KELVINS * $late / $costs / self::STEP_KELVINS);

        return self::with($cause, ['offKelvins' => max(self::LEAST_KELVINS, min(self::MOST_KELVINS, $kelvins))]);
    }
}
