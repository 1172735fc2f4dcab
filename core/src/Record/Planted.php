<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\Bake\BakeDeviation;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;

/** A pie with one cause put into it, to be baked in simulation: how strong is a share of what is common. */
final readonly class Planted
{
    /** What each does where it is as strong as is common (judgement; K, min, shares). */
    private const WET_WEEP = 2.4;

    private const OVEN_KELVINS = 20.0;

    private const BELOW = 0.5;

    private const HOT_KELVINS = 40.0;

    private const MINUTES_SHARE = 0.22;

    private const SHELL_SHARE = 0.7;

    private const DAIRY_MORE = 0.45;

    private const EGG_MORE = 0.6;

    private const THICKER = 0.6;

    private const LEAST_MINUTES = 1.0;

    private function __construct(public Pie $pie, public BakeDeviation $kitchen)
    {
    }

    /** Null where the simulation knows nothing of it, or it cannot be in this pie. */
    public static function in(CauseName $cause, Pie $pie, float $strong = 1.0): ?self
    {
        return match ($cause) {
            CauseName::WetFilling => self::kitchen($pie, new BakeDeviation(weepFactor: 1 + (self::WET_WEEP - 1) * $strong)),
            CauseName::OvenCold => self::kitchen($pie, new BakeDeviation(ovenKelvins: -self::OVEN_KELVINS * $strong)),
            CauseName::OvenHot => self::kitchen($pie, new BakeDeviation(ovenKelvins: self::OVEN_KELVINS * $strong)),
            CauseName::WeakBelow => self::kitchen($pie, new BakeDeviation(fromBelowFactor: self::BELOW ** $strong)),
            CauseName::HotFilling => self::kitchen($pie, new BakeDeviation(startKelvins: self::HOT_KELVINS * $strong)),
            CauseName::ThickCrust => self::kitchen($pie, new BakeDeviation(crustFactor: 1 + self::THICKER * $strong)),
            CauseName::OutEarly => self::baked($pie, 1 - self::MINUTES_SHARE * $strong),
            CauseName::OutLate => self::baked($pie, 1 + self::MINUTES_SHARE * $strong),
            CauseName::ShellShort => self::shell($pie, 1 - self::SHELL_SHARE * min(1.2, $strong)),
            CauseName::ShellTooLong => self::shell($pie, 1 + self::SHELL_SHARE * $strong),
            CauseName::ThinCustard => self::custard($pie, 1.0, 1 + self::DAIRY_MORE * $strong),
            CauseName::EggyCustard => self::custard($pie, 1 + self::EGG_MORE * $strong, 1.0),
            CauseName::RackTooHigh => self::rack($pie, Rack::High),
            CauseName::RackTooLow => self::rack($pie, Rack::Low),
            CauseName::NoGlaze => self::withoutGlaze($pie),
            CauseName::NoFoil => self::withoutFoil($pie),
            default => null,
        };
    }

    private static function kitchen(Pie $pie, BakeDeviation $kitchen): self
    {
        return new self($pie, $kitchen);
    }

    private static function baked(Pie $pie, float $share): self
    {
        return new self($pie->withBake($pie->bake->withMinutes(max(self::LEAST_MINUTES, $share * $pie->bake->minutes()))), new BakeDeviation);
    }

    private static function shell(Pie $pie, float $share): ?self
    {
        if ($pie->crust->shell === [] || ! $pie->form()->canBeBakedBlind()) {
            return null;
        }
        $stages = array_map(static fn (ShellStage $stage): ShellStage => $stage->withMinutes(max(self::LEAST_MINUTES, min(60.0, $share * $stage->minutes))), $pie->crust->shell);

        return new self($pie->withCrust($pie->crust->withShell($stages, $pie->crust->seal)), new BakeDeviation);
    }

    private static function custard(Pie $pie, float $eggs, float $dairies): ?self
    {
        $custard = $pie->custard();
        if ($custard === null || $custard->eggs === [] || $custard->dairies === []) {
            return null;
        }
        $times = static fn (float $factor): callable => static fn (Ingredient $one): Ingredient => $one->with($factor * $one->grams());

        return new self($pie->withLayer($custard->with(array_map($times($eggs), $custard->eggs), array_map($times($dairies), $custard->dairies))), new BakeDeviation);
    }

    private static function rack(Pie $pie, Rack $rack): ?self
    {
        $stages = array_map(static fn (Stage $stage): Stage => $stage->with(rack: $rack), $pie->bake->stages);

        return $pie->bake->first()->rack === $rack ? null : new self($pie->withBake($pie->bake->withStages($stages)), new BakeDeviation);
    }

    private static function withoutGlaze(Pie $pie): ?self
    {
        $lid = $pie->crust->lid;

        return $lid === null || $lid->glaze === Glaze::None ? null : new self($pie->withCrust($pie->crust->withLid(new Lid($lid->thicknessMm, $lid->openShare, Glaze::None, $lid->ventedLate))), new BakeDeviation);
    }

    private static function withoutFoil(Pie $pie): ?self
    {
        $has = array_filter($pie->bake->stages, static fn (Stage $stage): bool => $stage->tent || $stage->shield) !== [];

        return $has ? new self($pie->withBake($pie->bake->withStages(array_map(static fn (Stage $stage): Stage => $stage->with(tent: false, shield: false), $pie->bake->stages))), new BakeDeviation) : null;
    }
}
