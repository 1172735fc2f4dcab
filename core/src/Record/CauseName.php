<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

/** Why a pie went wrong, as cooks say it. */
enum CauseName: string
{
    case WetFilling = 'wet-filling';
    case DryFilling = 'dry-filling';
    case FatNotDrained = 'fat-not-drained';
    case ThinCustard = 'thin-custard';
    case EggyCustard = 'eggy-custard';
    case HotFilling = 'hot-filling';
    case TooFull = 'too-full';
    case TooEmpty = 'too-empty';
    case DiceTooLarge = 'dice-too-large';
    case SaltOnSalt = 'salt-on-salt';
    case SaltForgotten = 'salt-forgotten';
    case ShellShort = 'shell-short';
    case ShellTooLong = 'shell-too-long';
    case NotDocked = 'not-docked';
    case NoWeights = 'no-weights';
    case WarmDough = 'warm-dough';
    case OverworkedDough = 'overworked-dough';
    case WetDough = 'wet-dough';
    case DryDough = 'dry-dough';
    case ThickCrust = 'thick-crust';
    case NotGreased = 'not-greased';
    case NotSealed = 'not-sealed';
    case NoVent = 'no-vent';
    case NoGlaze = 'no-glaze';
    case OvenCold = 'oven-cold';
    case OvenHot = 'oven-hot';
    case WeakBelow = 'weak-below';
    case RackTooHigh = 'rack-too-high';
    case RackTooLow = 'rack-too-low';
    case NoFoil = 'no-foil';
    case OutEarly = 'out-early';
    case OutLate = 'out-late';
    case CutEarly = 'cut-early';
    case DoughMiscounted = 'dough-miscounted';
    case FillingMiscounted = 'filling-miscounted';
    case AsDesigned = 'as-designed';

    /** How common it is beside the others (common practice, no source). */
    public function commonness(): float
    {
        return match ($this) {
            self::WetFilling => 3.0,
            self::AsDesigned, self::OvenCold, self::ShellShort, self::OutEarly, self::OutLate, self::HotFilling => 2.0,
            self::OvenHot, self::WarmDough, self::ThinCustard, self::NotDocked, self::WeakBelow => 1.5,
            self::TooFull => 1.2,
            self::RackTooHigh, self::RackTooLow, self::ShellTooLong => 0.6,
            default => 1.0,
        };
    }

    /**
     * What it leads to, and how readily: 1 is nearly always (common practice, no source). What simulation tells is told by it as well;
     * what a design leads to is told by that alone.
     *
     * @return array<string, float> by FaultName
     */
    public function leadsTo(): array
    {
        return match ($this) {
            self::WetFilling => ['soggy-base' => 0.9, 'weeping' => 0.5, 'leaked' => 0.45, 'raw-middle' => 0.2],
            self::DryFilling => ['dry' => 0.9, 'hollow' => 0.3],
            self::FatNotDrained => ['greasy' => 0.9, 'soggy-base' => 0.25],
            self::ThinCustard => ['raw-middle' => 0.7, 'weeping' => 0.6, 'soggy-base' => 0.4],
            self::EggyCustard => ['rubbery' => 0.9, 'cracked' => 0.3],
            self::HotFilling => ['scrambled' => 0.9, 'greasy' => 0.5, 'soggy-base' => 0.5, 'slumped-side' => 0.3, 'torn-dough' => 0.3],
            self::TooFull => ['leaked' => 0.9, 'burst-seam' => 0.5, 'raw-middle' => 0.3, 'stuck' => 0.3],
            self::TooEmpty => ['hollow' => 0.9, 'dry' => 0.4, 'filling-left' => 0.3],
            self::DiceTooLarge => ['hard-potato' => 0.95],
            self::SaltOnSalt => ['too-salt' => 0.97],
            self::SaltForgotten => ['bland' => 0.97],
            self::ShellShort => ['soggy-base' => 0.8, 'no-colour-below' => 0.6, 'slumped-side' => 0.2],
            self::ShellTooLong => ['burnt-rim' => 0.7, 'dry' => 0.2],
            self::NotDocked => ['puffed-base' => 0.95],
            self::NoWeights => ['slumped-side' => 0.9, 'puffed-base' => 0.7],
            self::WarmDough => ['slumped-side' => 0.8, 'sticky-dough' => 0.7, 'torn-dough' => 0.5, 'greasy' => 0.2],
            self::OverworkedDough => ['tough-dough' => 0.8, 'slumped-side' => 0.6],
            self::WetDough => ['sticky-dough' => 0.8, 'tough-dough' => 0.5, 'slumped-side' => 0.3],
            self::DryDough => ['torn-dough' => 0.9, 'leaked' => 0.2],
            self::ThickCrust => ['no-colour-below' => 0.6, 'tough-dough' => 0.3, 'soggy-base' => 0.3, 'raw-middle' => 0.1],
            self::NotGreased => ['stuck' => 0.9],
            self::NotSealed => ['burst-seam' => 0.8, 'leaked' => 0.8],
            self::NoVent => ['burst-seam' => 0.9, 'leaked' => 0.4, 'soggy-base' => 0.1],
            self::NoGlaze => ['pale' => 0.9],
            self::OvenCold => ['pale' => 0.7, 'raw-middle' => 0.7, 'soggy-base' => 0.5, 'no-colour-below' => 0.4, 'hard-potato' => 0.4, 'slumped-side' => 0.1],
            self::OvenHot => ['burnt-rim' => 0.8, 'cracked' => 0.7, 'rubbery' => 0.5, 'weeping' => 0.5, 'dry' => 0.4],
            self::WeakBelow => ['no-colour-below' => 0.9, 'soggy-base' => 0.7],
            self::RackTooHigh => ['burnt-rim' => 0.7, 'no-colour-below' => 0.6, 'soggy-base' => 0.3],
            self::RackTooLow => ['pale' => 0.7],
            self::NoFoil => ['burnt-rim' => 0.9],
            self::OutEarly => ['raw-middle' => 0.9, 'pale' => 0.6, 'hard-potato' => 0.6, 'soggy-base' => 0.3],
            self::OutLate => ['rubbery' => 0.8, 'cracked' => 0.8, 'weeping' => 0.6, 'burnt-rim' => 0.6, 'dry' => 0.7],
            self::CutEarly => ['raw-middle' => 0.4, 'weeping' => 0.6, 'leaked' => 0.3, 'soggy-base' => 0.3],
            self::DoughMiscounted => ['dough-left' => 0.95],
            self::FillingMiscounted => ['filling-left' => 0.9, 'filling-short' => 0.9],
            self::AsDesigned => [],
        };
    }
}
