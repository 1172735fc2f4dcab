<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\AtOven\GateItemName;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Statement\Statement;

/** What the record of a bake says for and against each cause. Weights of the clues: judgement, held against planted causes (docs/model.md#faults). */
final readonly class Clues
{
    private const STRONG = 2.5;

    private const SOME = 1.5;

    /** Minutes are logged by themselves. */
    private const LOGGED = 3.5;

    /** A weight is as designed so near, and another beyond; of a custard; minutes; K; minutes of the probe; of a rest (judgement). */
    private const AS_DESIGNED = 0.03;

    private const HEAVIER = 0.06;

    private const OTHER_CUSTARD = 0.1;

    private const OTHER_MINUTES = 0.08;

    private const OVEN_KELVINS = 7.0;

    private const BEHIND_MINUTES = 2.0;

    private const SHORT_REST = 9.0;

    private const WARM_KELVINS = 8.0;

    /** Headroom, mm: so little runs over, so much does not. */
    private const LITTLE_HEADROOM = 2.0;

    private const MUCH_HEADROOM = 6.0;

    /** Salt of the filling, %: from here salty, up to here bland. */
    private const SALTY_PERCENT = 1.6;

    private const BLAND_PERCENT = 0.6;

    public static function of(CauseName $cause, DoneBake $bake): Clue
    {
        return match ($cause) {
            CauseName::WetFilling => self::weighed($bake, 1),
            CauseName::DryFilling => self::weighed($bake, -1),
            CauseName::ThinCustard => self::custard($bake, dairy: true),
            CauseName::EggyCustard => self::custard($bake, dairy: false),
            CauseName::HotFilling => self::hot($bake),
            CauseName::TooFull, CauseName::TooEmpty => self::fill($bake, $cause === CauseName::TooFull),
            CauseName::SaltOnSalt, CauseName::SaltForgotten => self::salt($bake, $cause === CauseName::SaltOnSalt),
            CauseName::ShellShort => self::minutes(self::shellMinutes($bake->done->crust->shell), self::shellMinutes($bake->designed->crust->shell), -1, 'shell'),
            CauseName::ShellTooLong => self::minutes(self::shellMinutes($bake->done->crust->shell), self::shellMinutes($bake->designed->crust->shell), 1, 'shell'),
            CauseName::OutEarly => self::minutes($bake->done->bake->minutes(), $bake->designed->bake->minutes(), -1, 'bake'),
            CauseName::OutLate => self::minutes($bake->done->bake->minutes(), $bake->designed->bake->minutes(), 1, 'bake'),
            CauseName::OvenCold => self::oven($bake, -1),
            CauseName::OvenHot => self::oven($bake, 1),
            CauseName::CutEarly => self::rest($bake),
            default => self::gate($bake, self::GATE[$cause->value] ?? []),
        };
    }

    /** Which things of a gate speak of which cause. */
    private const GATE = [
        'not-docked' => [GateItemName::Docked, GateItemName::DockedTwice], 'no-weights' => [GateItemName::Weights], 'warm-dough' => [GateItemName::ShellCold], 'not-greased' => [GateItemName::Greased],
        'not-sealed' => [GateItemName::Sealed], 'no-vent' => [GateItemName::Vented], 'no-glaze' => [GateItemName::Glazed], 'no-foil' => [GateItemName::FoilReady], 'rack-too-high' => [GateItemName::Rack], 'rack-too-low' => [GateItemName::Rack],
    ];

    /** @param  list<GateItemName>  $items */
    private static function gate(DoneBake $bake, array $items): Clue
    {
        foreach ($items as $item) {
            if (in_array($item, $bake->skipped, true)) {
                return new Clue(self::STRONG + 0.5, [new Statement('clue.skipped', ['item' => new Statement('gate-stop.'.$item->value)])], []);
            }
        }
        foreach ($items as $item) {
            if (in_array($item, $bake->looked, true)) {
                return new Clue(-self::STRONG, [], [new Statement('clue.looked')]);
            }
        }

        return Clue::none();
    }

    /** @param  int  $way  1 heavier than designed, -1 lighter */
    private static function weighed(DoneBake $bake, int $way): Clue
    {
        $most = null;
        foreach ($bake->designed->solids() as $layer) {
            $share = $bake->heavierShare($layer->id);
            $most = $share === null || ($most !== null && $most[0] >= $way * $share) ? $most : [$way * $share, $layer];
        }
        if ($most === null) {
            return new Clue(0.0, [], [new Statement('clue.not-weighed')]);
        }
        if ($way < 0 && self::isLessOfAll($bake)) {
            return Clue::none();
        }
        /** @var array{float, SolidLayer} $most */
        [$share, $layer] = $most;
        $over = abs(DoneBake::grams($bake->done, $layer->id) - DoneBake::grams($bake->designed, $layer->id));

        return match (true) {
            $share >= self::HEAVIER => new Clue(min(3.5, self::SOME + 12 * $share), [new Statement($way > 0 ? 'clue.heavier' : 'clue.lighter', ['food' => $layer->food->name, 'overGrams' => $over])], []),
            $share <= self::AS_DESIGNED => new Clue(-self::STRONG, [], [new Statement('clue.weighed-right')]),
            default => Clue::none(),
        };
    }

    private static function custard(DoneBake $bake, bool $dairy): Clue
    {
        $custard = $bake->done->custard();
        $designed = $bake->designed->custard();
        if ($custard === null || $designed === null || ! in_array($custard->id, $bake->weighed, true)) {
            return new Clue(0.0, [], [new Statement('clue.custard-not-weighed')]);
        }
        $ratio = static fn (CustardLayer $layer): float => $layer->liquidGrams() / max(1e-6, array_sum(array_map(static fn (Ingredient $one): float => $one->grams(), $layer->eggs)));
        $more = $ratio($custard) / max(1e-6, $ratio($designed)) - 1;
        $wanted = $dairy ? $more : -$more;

        return $wanted >= self::OTHER_CUSTARD
            ? new Clue(self::STRONG + 0.5, [new Statement($dairy ? 'clue.more-dairy' : 'clue.more-egg', ['morePercent' => 100 * abs($more)])], [])
            : new Clue(-self::STRONG, [], [new Statement('clue.custard-weighed')]);
    }

    private static function hot(DoneBake $bake): Clue
    {
        $wanted = Weights::of($bake->designed)->startCelsius();
        if ($bake->fillingCelsius !== null) {
            return $bake->fillingCelsius >= $wanted + self::WARM_KELVINS
                ? new Clue(self::STRONG + 1, [new Statement('clue.filling-warm', ['fillingCelsius' => $bake->fillingCelsius])], [])
                : new Clue(-6.0, [], [new Statement('clue.filling-cool', ['fillingCelsius' => $bake->fillingCelsius])], true);
        }
        $gate = self::gate($bake, [GateItemName::FillingCool]);
        $ahead = $bake->behindMinutes !== null && $bake->behindMinutes <= -self::BEHIND_MINUTES;

        return $ahead ? new Clue($gate->log + 1.0, [...$gate->for, new Statement('clue.ahead', ['aheadMinutes' => -$bake->behindMinutes])], $gate->against) : $gate;
    }

    private static function fill(DoneBake $bake, bool $full): Clue
    {
        $weights = Weights::of($bake->done);
        $headroom = $bake->done->tin->depthMm() - $bake->done->crust->liningThicknessMm() - $weights->fillMm();
        $before = Weights::of($bake->designed)->fillingGrams;
        $more = $before > 0 ? $weights->fillingGrams / $before - 1 : 0.0;
        if ($full) {
            return match (true) {
                // more of one thing is another fault than more of all
                $more > self::OTHER_CUSTARD && ! self::isOtherCustard($bake) => new Clue(self::STRONG + 0.5, [new Statement('clue.more-filling', ['morePercent' => 100 * $more])], []),
                $headroom < self::LITTLE_HEADROOM => new Clue(0.0, [new Statement('clue.full', ['headroomMm' => max(0.0, $headroom)])], []),
                $headroom > self::MUCH_HEADROOM => new Clue(-self::SOME, [], [new Statement('clue.headroom', ['headroomMm' => $headroom])]),
                default => Clue::none(),
            };
        }

        return $more < -self::HEAVIER ? new Clue(self::STRONG, [new Statement('clue.less-filling', ['lessPercent' => -100 * $more])], []) : Clue::none();
    }

    private static function salt(DoneBake $bake, bool $salty): Clue
    {
        $weights = Weights::of($bake->done);
        if ($weights->isEmpty()) {
            return Clue::none();
        }
        $percent = $weights->salt()->percent();
        $is = $salty ? $percent >= self::SALTY_PERCENT : $percent <= self::BLAND_PERCENT;

        $designed = Weights::of($bake->designed)->salt()->percent();
        $isDesigned = abs($percent - $designed) <= self::AS_DESIGNED * $designed;

        return $is ? new Clue($isDesigned ? 0.0 : self::SOME, [new Statement('clue.salt', ['saltPercent' => $percent])], []) : new Clue(-0.5, [], [new Statement('clue.salt', ['saltPercent' => $percent])]);
    }

    /** Every layer that was weighed is lighter: less went in, drier or not. */
    private static function isLessOfAll(DoneBake $bake): bool
    {
        $shares = array_map(static fn (string $layer): float => $bake->heavierShare($layer) ?? 0.0, $bake->weighed);

        return count($shares) > 1 && max($shares) < -self::AS_DESIGNED;
    }

    private static function isOtherCustard(DoneBake $bake): bool
    {
        return max(self::custard($bake, dairy: true)->log, self::custard($bake, dairy: false)->log) > 0;
    }

    /** @param  list<ShellStage>  $stages */
    private static function shellMinutes(array $stages): float
    {
        return (float) array_sum(array_map(static fn (ShellStage $stage): float => $stage->minutes, $stages));
    }

    /** @param  int  $way  1 longer, -1 shorter */
    private static function minutes(float $done, float $designed, int $way, string $of): Clue
    {
        $share = $designed > 0 ? $way * ($done / $designed - 1) : 0.0;
        $says = new Statement("clue.$of-minutes", ['doneMinutes' => $done, 'designedMinutes' => $designed]);

        return $share >= self::OTHER_MINUTES ? new Clue(min(3.5, self::SOME + 8 * $share), [$says], []) : new Clue(-self::LOGGED, [], [$says]);
    }

    /** @param  int  $way  1 hot, -1 cold */
    private static function oven(DoneBake $bake, int $way): Clue
    {
        $log = 0.0;
        $for = $against = [];
        if ($bake->ovenCelsius !== null) {
            $off = $way * $bake->ovenCelsius;
            $says = new Statement('clue.oven-reads', ['offKelvins' => abs($bake->ovenCelsius), 'way' => $bake->ovenCelsius < 0 ? 'colder' : 'hotter']);
            $off >= self::OVEN_KELVINS ? $for[] = $says : $against[] = $says;
            $log += $off >= self::OVEN_KELVINS ? self::STRONG : -self::STRONG;
        }
        if ($bake->behindMinutes !== null) {
            $behind = -$way * $bake->behindMinutes;
            $says = new Statement($bake->behindMinutes > 0 ? 'clue.behind' : 'clue.ahead', [$bake->behindMinutes > 0 ? 'behindMinutes' : 'aheadMinutes' => abs($bake->behindMinutes)]);
            $behind >= self::BEHIND_MINUTES ? $for[] = $says : $against[] = $says;
            $log += $behind >= self::BEHIND_MINUTES ? self::STRONG : -self::SOME;
        }
        if ($way < 0 && in_array(GateItemName::OvenHot, $bake->skipped, true)) {
            $for[] = new Statement('clue.skipped', ['item' => new Statement('gate-stop.'.GateItemName::OvenHot->value)]);
            $log += self::SOME;
        }
        if ($bake->ovenCelsius === null && $bake->behindMinutes === null) {
            $against[] = new Statement('clue.oven-not-measured');
        }

        return new Clue($log, $for, $against);
    }

    private static function rest(DoneBake $bake): Clue
    {
        if ($bake->restMinutes === null) {
            return new Clue(-0.5, [], [new Statement('clue.rest-not-known')]);
        }
        $says = new Statement('clue.rested', ['restMinutes' => $bake->restMinutes]);

        return $bake->restMinutes < self::SHORT_REST ? new Clue(self::STRONG, [$says], []) : new Clue(-4.0, [], [$says], true);
    }
}
