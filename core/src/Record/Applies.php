<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\Food\Roots;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lining;
use Hojaldre\Core\Pastry\ShellSupport;
use Hojaldre\Core\Pie\Form;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;

/** Whether a cause can be in a pie at all: what has no lid was not without a vent. */
final readonly class Applies
{
    public static function to(CauseName $cause, Pie $pie): bool
    {
        $hasShell = $pie->crust->shell !== [] && $pie->form()->canBeBakedBlind();
        $hasTin = $pie->form() !== Form::Folded && $pie->crust->lining === Lining::Tin;
        $closed = $pie->form()->isClosed();
        $lid = $pie->crust->lid;

        return match ($cause) {
            CauseName::WetFilling, CauseName::DryFilling, CauseName::FatNotDrained, CauseName::HotFilling => $pie->solids() !== [],
            CauseName::ThinCustard, CauseName::EggyCustard => ($pie->custard()->eggs ?? []) !== [],
            CauseName::DiceTooLarge => array_filter($pie->solids(), static fn (SolidLayer $layer): bool => Roots::isRoot($layer->food)) !== [],
            CauseName::ShellShort, CauseName::ShellTooLong => $hasShell,
            CauseName::NotDocked => $hasShell,
            CauseName::NoWeights => $hasShell && $pie->crust->shell[0]->how === ShellSupport::Weighted,
            CauseName::NotGreased => $hasTin,
            CauseName::NotSealed, CauseName::NoVent => $closed,
            CauseName::NoGlaze => $lid !== null && $lid->glaze !== Glaze::None,
            CauseName::RackTooHigh, CauseName::RackTooLow => Planted::in($cause, $pie) !== null,
            CauseName::NoFoil => array_filter($pie->bake->stages, static fn (Stage $stage): bool => $stage->tent || $stage->shield) !== [],
            CauseName::TooEmpty => $closed,
            CauseName::WeakBelow, CauseName::ThickCrust => $pie->crust->lining === Lining::Tin || $pie->form() === Form::Folded,
            default => true,
        };
    }
}
