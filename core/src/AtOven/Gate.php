<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Moisture\CoolingPlan;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lining;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pastry\ShellSupport;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Form;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Statement\Statement;

/** The one check before the oven: what this pie needs, and no more (common practice, no source). */
final readonly class Gate
{
    /** An oven is at heat so near to it, K (judgement). */
    private const NEAR_KELVINS = 5.0;

    /** A filling so much warmer than designed is hot, K (judgement). */
    public const WARMER_KELVINS = 8.0;

    /** Filled nearer to the rim than this it may run over: eggs rise, mm (common practice, no source). */
    private const NEAR_RIM_MM = 4.0;

    /**
     * Before an empty shell goes in.
     *
     * @return list<GateItem>
     */
    public static function ofShell(Pie $pie): array
    {
        $costs = new GateCosts($pie);
        $first = $pie->crust->shell[0];

        return [
            self::ovenHot($pie, $first, 0, $costs->shellInColdOven(...)),
            self::said(GateItemName::Rack, ['rack' => $first->rack->value]),
            ...self::greased($pie),
            self::said(GateItemName::Docked),
            ...($first->how === ShellSupport::Weighted ? [self::said(GateItemName::Weights)] : []),
            self::said(GateItemName::ShellCold, ['state' => 'raw']),
        ];
    }

    /**
     * Before it goes in filled.
     *
     * @return list<GateItem>
     */
    public static function ofBake(Pie $pie): array
    {
        $costs = new GateCosts($pie);
        $first = $pie->bake->first();
        $hasShell = $pie->crust->shell !== [] && $pie->form()->canBeBakedBlind();
        $lid = $pie->crust->lid;
        $isFold = $pie->form() === Form::Folded;
        $closed = $isFold || ($lid !== null && ! $lid->isLattice());

        return array_values(array_filter([
            self::ovenHot($pie, $first, count($pie->crust->shell), $costs->coldOven(...)),
            new GateItem(GateItemName::Rack, self::title(GateItemName::Rack, ['rack' => $first->rack->value]), null, [$costs->otherRack()], self::mend(GateItemName::Rack)),
            ...($hasShell ? [self::said(GateItemName::DockedTwice), self::said(GateItemName::ShellCold, ['state' => 'baked'])] : self::greased($pie)),
            self::fillingCool($pie, $costs),
            self::topOn($pie),
            $isFold || $lid !== null ? self::said(GateItemName::Sealed) : null,
            $closed && $lid?->ventedLate !== true ? self::said(GateItemName::Vented) : null,
            $lid !== null && $lid->glaze !== Glaze::None ? new GateItem(GateItemName::Glazed, self::title(GateItemName::Glazed, ['glaze' => $lid->glaze->value]), null, [$costs->withoutGlaze()], self::mend(GateItemName::Glazed)) : null,
            $closed || self::mayRunOver($pie) ? self::said(GateItemName::TrayUnder) : null,
            self::wantsFoil($pie) ? new GateItem(GateItemName::FoilReady, self::title(GateItemName::FoilReady), null, [$costs->withoutFoil()], self::mend(GateItemName::FoilReady)) : null,
        ]));
    }

    /** @param  callable(float): GateCost  $cost  of so many K too cold */
    private static function ovenHot(Pie $pie, ShellStage|Stage $stage, int $dialOf, callable $cost): GateItem
    {
        $dial = $pie->dialsCelsius()[$dialOf] ?? null;

        return new GateItem(
            GateItemName::OvenHot,
            new Statement($dial === null || abs($dial - $stage->ovenCelsius) < 1 ? 'gate.oven-hot' : 'gate.oven-hot-dial', ['ovenCelsius' => $stage->ovenCelsius, 'dialovenCelsius' => $dial ?? $stage->ovenCelsius]),
            $stage->ovenCelsius - self::NEAR_KELVINS, array_map($cost, GateCosts::TOO_COLD_KELVINS), self::mend(GateItemName::OvenHot),
        );
    }

    private static function fillingCool(Pie $pie, GateCosts $costs): ?GateItem
    {
        $starts = Weights::of($pie)->startCelsius();
        if ($starts >= CoolingPlan::FOR_EGG_CELSIUS) {
            // it is meant to go in hot
            return null;
        }

        return new GateItem(
            GateItemName::FillingCool, self::title(GateItemName::FillingCool, ['fillingCelsius' => round($starts)]), round($starts + self::WARMER_KELVINS),
            array_map($costs->hotFilling(...), GateCosts::HOT_CELSIUS), self::mend(GateItemName::FillingCool),
        );
    }

    /** What was set aside for the top: solids or scattered over the custard. */
    private static function topOn(Pie $pie): ?GateItem
    {
        $last = $pie->layers[count($pie->layers) - 1] ?? null;
        $before = array_filter($pie->layers, static fn (object $layer): bool => $layer instanceof CustardLayer);

        return $last instanceof SolidLayer && $before !== [] && $pie->form() === Form::Open ? self::said(GateItemName::TopOn, ['food' => $last->food->name]) : null;
    }

    /** @return list<GateItem> where raw dough meets a tin */
    private static function greased(Pie $pie): array
    {
        return $pie->form() === Form::Folded || $pie->crust->lining === Lining::LidOnly ? [] : [self::said(GateItemName::Greased)];
    }

    private static function mayRunOver(Pie $pie): bool
    {
        $pours = array_filter($pie->custard()?->ingredients() ?? [], static fn ($one): bool => $one->food->role === Role::Egg) !== [];

        return $pours && $pie->tin->depthMm() - $pie->crust->liningThicknessMm() - Weights::of($pie)->fillMm() < self::NEAR_RIM_MM;
    }

    private static function wantsFoil(Pie $pie): bool
    {
        return array_filter($pie->bake->stages, static fn (Stage $stage): bool => $stage->tent || $stage->shield) !== [];
    }

    /** @param  array<string, float|string>  $with */
    private static function said(GateItemName $name, array $with = []): GateItem
    {
        return new GateItem($name, self::title($name, $with), null, [new GateCost(null, [new Statement('gate-cost.'.$name->value, $with)], null)], self::mend($name));
    }

    /** @param  array<string, float|string>  $with */
    private static function title(GateItemName $name, array $with = []): Statement
    {
        return new Statement('gate.'.$name->value, $with);
    }

    private static function mend(GateItemName $name): Statement
    {
        return new Statement('gate-mend.'.$name->value);
    }
}
