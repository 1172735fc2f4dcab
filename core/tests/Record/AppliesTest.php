<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Record;

use Hojaldre\Core\AtOven\Legs;
use Hojaldre\Core\AtOven\PossibleBake;
use Hojaldre\Core\AtOven\PossibleBakes;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pastry\Lining;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pastry\ShellSupport;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Record\Applies;
use Hojaldre\Core\Record\CauseName as Cause;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What cannot have been forgotten is not a cause. */
final class AppliesTest extends TestCase
{
    private static function quiche(Crust $crust): Pie
    {
        return TroutQuiche::pie()->withCrust($crust);
    }

    private static function dish(Glaze $glaze = Glaze::None): Pie
    {
        return self::quiche(new Crust(Pantry::food('shortcrust'), 3, [], Seal::None, Lining::LidOnly, new Lid(3, 0.01, $glaze)));
    }

    private static function withoutSolids(): Pie
    {
        return TroutQuiche::pie()->withLayers([TroutQuiche::custard()]);
    }

    private static function rackOf(Rack $rack): Pie
    {
        $bake = TroutQuiche::pie()->bake;

        return TroutQuiche::pie()->withBake($bake->withStages([$bake->first()->with(rack: $rack)]));
    }

    /** @return iterable<string, array{Cause, Pie, bool}> */
    public static function pies(): iterable
    {
        $quiche = TroutQuiche::pie();
        $folds = OtherPies::folds();
        $raw = self::quiche(new Crust(Pantry::food('shortcrust'), 3, [], Seal::None));
        $bare = self::quiche($quiche->crust->withShell([new ShellStage(ShellSupport::Bare, 190, OvenMode::Static, 12, Rack::Low)], Seal::None));
        foreach ([Cause::WetFilling, Cause::DryFilling, Cause::FatNotDrained, Cause::HotFilling] as $cause) {
            yield "$cause->value of vegetables" => [$cause, $quiche, true];
            yield "$cause->value of custard alone" => [$cause, self::withoutSolids(), false];
        }
        foreach ([Cause::ThinCustard, Cause::EggyCustard] as $cause) {
            yield "$cause->value with egg" => [$cause, $quiche, true];
            yield "$cause->value of a sauce" => [$cause, TroutQuiche::withCustard(0, 300), false];
            yield "$cause->value without a custard" => [$cause, $folds, false];
        }
        foreach ([Cause::ShellShort, Cause::ShellTooLong, Cause::NotDocked] as $cause) {
            yield "$cause->value of a baked shell" => [$cause, $quiche, true];
            yield "$cause->value of a raw one" => [$cause, $raw, false];
            yield "$cause->value of a pasty" => [$cause, $folds, false];
        }
        yield 'weights in a shell' => [Cause::NoWeights, $quiche, true];
        yield 'weights in one that is baked bare' => [Cause::NoWeights, $bare, false];
        yield 'a tin is greased' => [Cause::NotGreased, $raw, true];
        yield 'a tray is not' => [Cause::NotGreased, $folds, false];
        yield 'a dish under a lid is not' => [Cause::NotGreased, self::dish(), false];
        foreach ([Cause::NotSealed, Cause::NoVent, Cause::TooEmpty] as $cause) {
            yield "$cause->value of a pasty" => [$cause, $folds, true];
            yield "$cause->value of an open tart" => [$cause, $quiche, false];
        }
        yield 'a glazed lid' => [Cause::NoGlaze, self::dish(Glaze::Egg), true];
        yield 'a lid that is not glazed' => [Cause::NoGlaze, self::dish(), false];
        yield 'no lid' => [Cause::NoGlaze, $quiche, false];
        yield 'a rack that is high already' => [Cause::RackTooHigh, self::rackOf(Rack::High), false];
        yield 'a rack that is low' => [Cause::RackTooHigh, self::rackOf(Rack::Low), true];
        yield 'a rack that is low already' => [Cause::RackTooLow, self::rackOf(Rack::Low), false];
        yield 'foil where it is planned' => [Cause::NoFoil, OtherPies::deep(), true];
        yield 'no foil where none is planned' => [Cause::NoFoil, $quiche, false];
        foreach ([Cause::WeakBelow, Cause::ThickCrust] as $cause) {
            yield "$cause->value in a tin" => [$cause, $quiche, true];
            yield "$cause->value in a pasty" => [$cause, $folds, true];
            yield "$cause->value in a dish under a lid" => [$cause, self::dish(), false];
        }
        yield 'roots are diced' => [Cause::DiceTooLarge, OtherPies::deep(), true];
        yield 'leeks are not' => [Cause::DiceTooLarge, $quiche, false];
        foreach ([Cause::OvenCold, Cause::OutLate, Cause::SaltOnSalt, Cause::AsDesigned] as $cause) {
            yield "$cause->value of all" => [$cause, $folds, true];
        }
    }

    #[DataProvider('pies')]
    public function test_a_cause_is_asked_only_of_a_pie_that_can_have_it(Cause $cause, Pie $pie, bool $applies): void
    {
        self::assertSame($applies, Applies::to($cause, $pie));
    }

    public function test_only_what_has_a_shell_that_can_be_baked_empty_has_a_leg_for_it(): void
    {
        $possible = new PossibleBakes([new PossibleBake([10.0, 80.0], [0.0, 0.0], 30.0, 40.0)]);
        $stages = TroutQuiche::pie()->crust->shell;
        self::assertCount(2, Legs::of(TroutQuiche::pie(), $possible));
        self::assertCount(1, Legs::of(self::quiche(TroutQuiche::pie()->crust->withShell([], Seal::None)), $possible));
        self::assertCount(1, Legs::of(OtherPies::folds()->withCrust(OtherPies::folds()->crust->withShell($stages, Seal::None)), $possible));
    }
}
