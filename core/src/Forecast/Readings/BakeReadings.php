<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast\Readings;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Forecast\NotSimulated;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Pastry\ShellSupport;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Safety\WarmingLimits;
use Hojaldre\Core\Statement\Statement;

/** The readings that the bake gives: when it can come out, how wet the base is, how brown it gets, when its coldest point is safe. */
final readonly class BakeReadings
{
    /** A rough answer says "safe" only with so much to spare (judgement). */
    private const ROUGH_MARGIN = 1.25;

    /** Golden so many minutes after it could come out is over-baking for colour (judgement). */
    private const COLOUR_MINUTES = 6;

    /** Of the rule of minutes, and beyond the bake; of the rule of the base, water to solids (definition). */
    private const SCALE_MINUTES = 60.0;

    private const SCALE_BEYOND = 1.3;

    private const SCALE_RATIO = 0.6;

    public static function take(ReadingName $name, Weights $weights, ?SimulatedBake $bake): Reading
    {
        return match ($name) {
            ReadingName::Set => self::set($weights, $bake),
            ReadingName::Base => self::base($weights, $bake),
            ReadingName::Colour => ColourReading::take($weights->pie, $bake),
            default => self::safe($weights, $bake),
        };
    }

    /** On which side of its limits a pie stands: -1 below, 0 inside, 1 above; null where it cannot be told. */
    public static function side(ReadingName $name, Weights $weights, ?SimulatedBake $bake): ?int
    {
        $pie = $weights->pie;
        if ($bake === null) {
            return null;
        }

        return match ($name) {
            ReadingName::Base => is_nan($bake->base()) ? null : (in_array(self::baseVerdict($pie, $bake), [Verdict::Soggy, Verdict::Raw, Verdict::PuffsUp, Verdict::FatMelts], true) ? 1 : 0),
            ReadingName::Set => $bake->input->setsAtCelsius === null ? null : match (self::setVerdict($bake)) {
                Verdict::NeverSets, Verdict::NotSet => 1,
                Verdict::Tough => -1,
                default => 0,
            },
            ReadingName::Colour => ColourReading::side($pie, $bake),
            default => in_array(self::safeVerdict($weights, $bake), [Verdict::NotYetSafe, Verdict::NotSimulated, Verdict::WarmsTooSlowly], true) || self::leavesRootsRaw($bake, $pie->bake->minutes()) ? 1 : 0,
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
        $ready = $bake->minute(BakeEvent::TimeToLook);
        $range = $bake->range(BakeEvent::TimeToLook);
        $verdict = self::setVerdict($bake);
        $state = match (true) {
            in_array($verdict, [Verdict::NeverSets, Verdict::NotSet, Verdict::Tough], true) => ReadingState::Outside,
            $range[1] > $out || $verdict === Verdict::PastItsBest => ReadingState::Marginal,
            default => ReadingState::Inside,
        };
        // taken out a little early it gets there on the rack
        $early = max(0.0, $ready - $bake->result->nearlySetMinute);

        return Reading::of(
            ReadingName::Set, ReadingUnit::Minutes, $ready, $range, Limits::upTo($out + (is_finite($early) ? $early : 0.0), LimitName::TakeOut),
            $scale, $state, $verdict, self::setReasons($bake, $ready, $out),
        );
    }

    private static function setVerdict(SimulatedBake $bake): Verdict
    {
        $result = $bake->result;
        $out = $result->outMinutes + Limits::SLACK;

        // a rough bake that was moved by what a fine one says is judged by its minutes, and so is every other
        return match (true) {
            ! is_finite($bake->minute(BakeEvent::TimeToLook)) => Verdict::NeverSets,
            $bake->minute(BakeEvent::TimeToLook) - ($result->minute(BakeEvent::TimeToLook) - $result->nearlySetMinute) > $out => Verdict::NotSet,
            $bake->minute(BakeEvent::Tough) <= $out => Verdict::Tough,
            $bake->minute(BakeEvent::TimeToLook) > $out => Verdict::JustSet,
            $bake->minute(BakeEvent::Over) <= $out => Verdict::PastItsBest,
            default => Verdict::Set,
        };
    }

    /** @return list<Statement> */
    private static function setReasons(SimulatedBake $bake, float $ready, float $out): array
    {
        if (! is_finite($ready)) {
            return [new Statement('set.never')];
        }
        [$over, $golden, $carries] = [$bake->minute(BakeEvent::Over), $bake->minute(BakeEvent::Golden), $bake->result->carriesOverKelvins];

        return [
            new Statement('set.when', ['setCelsius' => $bake->input->setsAtCelsius ?? 0.0, 'readyMinutes' => $ready, 'restKelvins' => max(0.0, $carries)]),
            is_finite($over) ? new Statement('set.window', ['readyMinutes' => $ready, 'overMinutes' => max($ready, $over)]) : new Statement('set.wide'),
            ...(is_finite($golden) && $golden > $ready + self::COLOUR_MINUTES ? [new Statement('set.colour', ['goldenMinutes' => $golden, 'afterMinutes' => $golden - $ready])] : []),
        ];
    }

    private static function base(Weights $weights, ?SimulatedBake $bake): Reading
    {
        $pie = $weights->pie;
        $limits = Limits::upTo(BaseVerdict::SOFT_TO_RATIO, LimitName::Soggy);
        $scale = [0.0, self::SCALE_RATIO];
        if ($bake === null) {
            return Reading::without(ReadingName::Base, ReadingUnit::WaterRatio, $limits, $scale, Verdict::NothingPoured, new Statement('base.nothing-poured'));
        }
        $range = $bake->baseRange();
        $state = match (true) {
            self::side(ReadingName::Base, $weights, $bake) !== 0 => ReadingState::Outside,
            $limits->holds($range[1]) => ReadingState::Inside,
            default => ReadingState::Marginal,
        };

        return Reading::of(ReadingName::Base, ReadingUnit::WaterRatio, $bake->base(), $range, $limits, $scale, $state, self::baseVerdict($pie, $bake), self::baseReasons($pie, $bake));
    }

    private static function baseVerdict(Pie $pie, SimulatedBake $bake): Verdict
    {
        return match (true) {
            self::puffsUp($pie) => Verdict::PuffsUp,
            self::fatMelts($pie, $bake) => Verdict::FatMelts,
            default => Verdict::from(BaseVerdict::of($bake->base(), $bake->result->baseBakedShare)->value),
        };
    }

    /** A shell that goes in with nothing in it and no holes in it lifts off the tin. */
    private static function puffsUp(Pie $pie): bool
    {
        return $pie->form()->canBeBakedBlind() && ($pie->crust->shell[0]->how ?? null) === ShellSupport::Bare;
    }

    /** Raw dough under a hot filling. */
    private static function fatMelts(Pie $pie, SimulatedBake $bake): bool
    {
        return $pie->crust->shell === [] && $bake->input->startCelsius >= BaseVerdict::MELTS_FROM_CELSIUS;
    }

    /** @return list<Statement> */
    private static function baseReasons(Pie $pie, SimulatedBake $bake): array
    {
        $result = $bake->result;
        $verdict = self::baseVerdict($pie, $bake);

        return [
            new Statement('base.feels-'.$verdict->value),
            new Statement($result->shell === [] ? 'base.raw' : 'base.baked-blind'),
            ...($result->soakMm > 0 ? [new Statement('base.soaked', ['soakMm' => $result->soakMm])] : []),
            ...($bake->input->barrierShare() < 1 ? [new Statement('base.kept-off')] : []),
        ];
    }

    private static function safe(Weights $weights, ?SimulatedBake $bake): Reading
    {
        $pie = $weights->pie;
        $out = $pie->bake->minutes();
        $limits = Limits::upTo($out, LimitName::TakeOut);
        $scale = [0.0, max(self::SCALE_MINUTES, self::SCALE_BEYOND * $out)];
        if ($bake === null) {
            return Reading::without(ReadingName::Safe, ReadingUnit::Minutes, $limits, $scale, Verdict::NothingPoured, new Statement('safe.nothing-poured'));
        }
        $verdict = self::safeVerdict($weights, $bake);
        $isTender = ! self::leavesRootsRaw($bake, $out);
        $state = match ($verdict) {
            Verdict::NotSimulated, Verdict::WarmsTooSlowly, Verdict::NotYetSafe => ReadingState::Outside,
            Verdict::LikelySafe => ReadingState::Marginal,
            default => ReadingState::Inside,
        };

        return Reading::of(
            ReadingName::Safe, ReadingUnit::Minutes, $bake->minute(BakeEvent::Safe), [floor($bake->range(BakeEvent::Safe)[0]), $bake->safeByMinute()], $limits, $scale, $isTender ? $state : ReadingState::Outside,
            $state === ReadingState::Outside || $isTender ? $verdict : Verdict::RootsRaw, SafeReasons::of($weights, $bake, $verdict),
        );
    }

    /**
     * Raw flesh and raw egg are safe only when the whole range lies before the planned minutes; so is a custard that is safe by the time
     * it is set, when it is taken out by its sign. What was cooked before is likely safe when most bakes are.
     */
    private static function safeVerdict(Weights $weights, SimulatedBake $bake): Verdict
    {
        $out = $weights->pie->bake->minutes();
        [$value, $high] = [$bake->minute(BakeEvent::Safe), $bake->safeByMinute()];

        return match (true) {
            NotSimulated::of($weights, $high) !== [] => Verdict::NotSimulated,
            self::warmsTooSlowly($bake, $out) => Verdict::WarmsTooSlowly,
            // a rough answer must not say safe where the fine one may take it back
            max($high, $bake->isRough() ? self::ROUGH_MARGIN * $value : 0.0) <= $out + Limits::SLACK => Verdict::Safe,
            SafeWhenSet::holds($bake) && ! $bake->isRough() => Verdict::SafeWhenSet,
            $bake->input->isReheated && $value <= $out => Verdict::LikelySafe,
            default => Verdict::NotYetSafe,
        };
    }

    /** The slowest of it lies too long where things grow: by the late end of its range, or for as long as it was followed. */
    private static function warmsTooSlowly(SimulatedBake $bake, float $out): bool
    {
        $warm = $bake->range(BakeEvent::Warm)[1];
        $most = WarmingLimits::minutes($bake->input->isReheated);

        return is_finite($warm) ? $warm > $most : $out > $most;
    }

    private static function leavesRootsRaw(SimulatedBake $bake, float $out): bool
    {
        return $bake->input->hasRawRoots && $bake->range(BakeEvent::Tender)[0] > $out + Limits::SLACK;
    }
}
