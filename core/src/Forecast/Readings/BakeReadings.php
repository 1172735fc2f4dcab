<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\Simulation;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Safety\Lethality;
use Hojaldre\Core\Statement\Statement;

/** The three readings that the bake gives: when it sets, how dry the base is, when its coldest point is safe. */
final readonly class BakeReadings
{
    /** A window shorter than this is no target for a cook, a longer one than that is not drawn, min (definition). */
    private const LEAST_WINDOW = 3.0;

    private const MOST_WINDOW = 30.0;

    /** Share that may be over-cooked at its beginning before it is said, and leathery before it counts against the pie (judgement). */
    private const OVER_AT_MOST = 0.6;

    private const LEATHERY_AT_MOST = 0.5;

    /** A rough answer says "safe" only with so much to spare (judgement). */
    private const ROUGH_MARGIN = 1.25;

    /** Golden so many minutes after it has set is over-baking for colour (judgement). */
    private const COLOUR_MINUTES = 4;

    /** Of the rule of minutes, and beyond the bake; of the rule of the base, % (definition). */
    private const SCALE_MINUTES = 60.0;

    private const SCALE_BEYOND = 1.3;

    private const SCALE_PERCENT = 28.0;

    public static function take(ReadingName $name, Weights $weights, ?SimulatedBake $bake): Reading
    {
        return match ($name) {
            ReadingName::Set => self::set($weights, $bake),
            ReadingName::Base => self::base($bake),
            default => self::safe($weights->pie, $bake),
        };
    }

    /**
     * On which side of its limits a pie stands: -1 below, 0 inside, 1 above; null where it cannot be told.
     *
     * @param  float  $doubtMinutes  how far up the range of "safe" goes, which must be inside as a whole
     */
    public static function side(ReadingName $name, Pie $pie, ?SimulatedBake $bake, float $doubtMinutes): ?int
    {
        if ($bake === null) {
            return null;
        }
        $out = $pie->bake->minutes();

        return match ($name) {
            ReadingName::Base => is_nan($bake->base()) ? null : ($bake->base() > BaseVerdict::DRY_TO_PERCENT + Limits::SLACK ? 1 : 0),
            ReadingName::Set => $bake->input->setsAtCelsius === null ? null : match (true) {
                $bake->minute(BakeEvent::Set) > $out + Limits::SLACK => 1,
                $bake->result->leatheryShare > self::LEATHERY_AT_MOST => -1,
                default => 0,
            },
            default => $bake->minute(BakeEvent::Safe) + $doubtMinutes > $out + Limits::SLACK ? 1 : 0,
        };
    }

    private static function set(Weights $weights, ?SimulatedBake $bake): Reading
    {
        $out = $weights->pie->bake->minutes();
        $scale = [0.0, max(self::SCALE_MINUTES, self::SCALE_BEYOND * $out)];
        if (($weights->custard()->eggs ?? 0.0) <= 0) {
            return Reading::without(ReadingName::Set, ReadingUnit::Minutes, Limits::none(), $scale, Verdict::NoEgg, new Statement('set.no-egg'), ReadingState::Outside);
        }
        if ($bake === null) {
            return Reading::without(ReadingName::Set, ReadingUnit::Minutes, Limits::none(), $scale, Verdict::NothingPoured, new Statement('set.nothing-poured'));
        }
        $set = $bake->minute(BakeEvent::Set);
        $range = $bake->range(BakeEvent::Set);
        $verdict = self::setVerdict($bake, $set, $out);
        $state = match (true) {
            ! in_array($verdict, [Verdict::Set, Verdict::PastItsBest], true) => ReadingState::Outside,
            $range[1] > $out || $verdict === Verdict::PastItsBest => ReadingState::Marginal,
            default => ReadingState::Inside,
        };
        $window = max(self::LEAST_WINDOW, min(self::MOST_WINDOW, $bake->minute(BakeEvent::Over) - $set));
        $from = max(0.0, $out - $window);
        // how much is over is counted by volume; the rule shows minutes, so its left wall moves to where the count would begin
        $from = $state !== ReadingState::Outside && $set < $from ? max(0.0, $set - 1) : $from;

        return Reading::of(
            ReadingName::Set, ReadingUnit::Minutes, $set, $range, Limits::between($from, LimitName::OverBaked, $out, LimitName::TakeOut), $scale, $state, $verdict,
            self::setReasons($bake, $set),
        );
    }

    private static function setVerdict(SimulatedBake $bake, float $set, float $out): Verdict
    {
        return match (true) {
            ! is_finite($set) => Verdict::NeverSets,
            $set > $out + Limits::SLACK => Verdict::NotSet,
            $bake->result->leatheryShare > self::LEATHERY_AT_MOST => Verdict::OverBaked,
            $bake->result->overShare > self::OVER_AT_MOST => Verdict::PastItsBest,
            default => Verdict::Set,
        };
    }

    /** @return list<Statement> */
    private static function setReasons(SimulatedBake $bake, float $set): array
    {
        if (! is_finite($set)) {
            return [new Statement('set.never')];
        }
        $golden = $bake->minute(BakeEvent::Golden);

        return [
            new Statement('set.when', ['setCelsius' => $bake->input->setsAtCelsius ?? 0.0, 'setMinutes' => $set, 'lookMinutes' => $bake->minute(BakeEvent::TimeToLook)]),
            new Statement('set.over', ['overPercent' => 100 * $bake->result->overShare]),
            ...(is_finite($golden) && $golden > $set + self::COLOUR_MINUTES ? [new Statement('set.colour', ['goldenMinutes' => $golden, 'afterMinutes' => $golden - $set])] : []),
        ];
    }

    private static function base(?SimulatedBake $bake): Reading
    {
        $limits = Limits::upTo(BaseVerdict::DRY_TO_PERCENT, LimitName::DryTo);
        $scale = [0.0, self::SCALE_PERCENT];
        if ($bake === null) {
            return Reading::without(ReadingName::Base, ReadingUnit::Percent, $limits, $scale, Verdict::NothingPoured, new Statement('base.nothing-poured'));
        }
        $value = $bake->base();
        $range = $bake->baseRange();
        $state = match (true) {
            ! $limits->holds($value) => ReadingState::Outside,
            $limits->holds($range[1]) => ReadingState::Inside,
            default => ReadingState::Marginal,
        };

        return Reading::of(ReadingName::Base, ReadingUnit::Percent, $value, $range, $limits, $scale, $state, Verdict::from(BaseVerdict::of($value)->value), self::baseReasons($bake));
    }

    /** @return list<Statement> */
    private static function baseReasons(SimulatedBake $bake): array
    {
        $result = $bake->result;
        $shell = $result->shell[count($result->shell) - 1] ?? null;

        return [
            $shell === null ? new Statement('base.raw') : new Statement('base.baked-blind', ['shellPercent' => $shell->basePercent]),
            new Statement('base.rested', ['outPercent' => $result->basePercentOut, 'restedPercent' => $bake->base(), 'restMinutes' => Simulation::REST_MINUTES]),
            ...($result->soakMm > 0 ? [new Statement('base.soaked', ['soakMm' => $result->soakMm])] : []),
            ...($bake->input->barrierShare() < 1 ? [new Statement('base.kept-off')] : []),
        ];
    }

    private static function safe(Pie $pie, ?SimulatedBake $bake): Reading
    {
        $out = $pie->bake->minutes();
        $limits = Limits::upTo($out, LimitName::TakeOut);
        $scale = [0.0, max(self::SCALE_MINUTES, self::SCALE_BEYOND * $out)];
        if ($bake === null) {
            return Reading::without(ReadingName::Safe, ReadingUnit::Minutes, $limits, $scale, Verdict::NothingPoured, new Statement('safe.nothing-poured'));
        }
        $value = $bake->minute(BakeEvent::Safe);
        [$low, $high] = $bake->range(BakeEvent::Safe);
        // a rough answer must not say safe where the fine one may take it back
        $isSafe = max($high, $bake->isRough() ? self::ROUGH_MARGIN * $value : 0.0) <= $out + Limits::SLACK;

        return Reading::of(
            ReadingName::Safe, ReadingUnit::Minutes, $value, [$low, $high], $limits, $scale, $isSafe ? ReadingState::Inside : ReadingState::Outside,
            $isSafe ? Verdict::Safe : Verdict::NotYetSafe, self::safeReasons($bake, $value, $out, $isSafe ? floor($out - $high) : -max(1.0, ceil($high - $out))),
        );
    }

    /**
     * @param  float  $spare  min at worst, negative where it comes out too early
     * @return list<Statement>
     */
    private static function safeReasons(SimulatedBake $bake, float $value, float $out, float $spare): array
    {
        $wanted = $bake->input->safeCelsius;
        if (! is_finite($value)) {
            return [new Statement('safe.never', ['safeCelsius' => $wanted])];
        }

        return [
            new Statement('safe.when', ['safeCelsius' => $wanted, 'safeMinutes' => $value, 'heldMinutes' => Lethality::REFERENCE_MINUTES, 'heldCelsius' => Lethality::REFERENCE_CELSIUS]),
            new Statement($spare < 0 ? 'safe.too-early' : 'safe.to-spare', ['outMinutes' => $out, 'spareMinutes' => abs($spare)]),
        ];
    }
}
