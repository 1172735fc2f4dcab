<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Advice;

use Hojaldre\Core\Advice\Levers\AddCrumbs;
use Hojaldre\Core\Advice\Levers\AnotherTin;
use Hojaldre\Core\Advice\Levers\BakeLonger;
use Hojaldre\Core\Advice\Levers\BakeShell;
use Hojaldre\Core\Advice\Levers\BakeShellLonger;
use Hojaldre\Core\Advice\Levers\BrushSeal;
use Hojaldre\Core\Advice\Levers\CoolerOven;
use Hojaldre\Core\Advice\Levers\FanOn;
use Hojaldre\Core\Advice\Levers\FinishHot;
use Hojaldre\Core\Advice\Levers\GlazeLid;
use Hojaldre\Core\Advice\Levers\HighRack;
use Hojaldre\Core\Advice\Levers\HotterOven;
use Hojaldre\Core\Advice\Levers\LessOf;
use Hojaldre\Core\Advice\Levers\Lever;
use Hojaldre\Core\Advice\Levers\LowRackFirst;
use Hojaldre\Core\Advice\Levers\MoveCustard;
use Hojaldre\Core\Advice\Levers\MoveEggs;
use Hojaldre\Core\Advice\Levers\MoveSalt;
use Hojaldre\Core\Advice\Levers\PressOut;
use Hojaldre\Core\Advice\Levers\PrickShell;
use Hojaldre\Core\Advice\Levers\ScatterCrumbs;
use Hojaldre\Core\Advice\Levers\ShieldRim;
use Hojaldre\Core\Advice\Levers\StandOnSteel;
use Hojaldre\Core\Advice\Levers\TakeOutEarlier;
use Hojaldre\Core\Advice\Levers\TentLast;
use Hojaldre\Core\Advice\Levers\UnglazedLid;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pastry\ShellSupport;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

/** Levers for how brown a pie gets, and what else a cook does with oven, lid and tin. */
final class ColourLeversTest extends TestCase
{
    public function test_the_last_eight_minutes_are_hotter_and_the_others_as_they_were(): void
    {
        $lever = new FinishHot;
        $after = $lever->pull(TroutQuiche::pie(), 30);
        self::assertEquals([new Stage(175, OvenMode::Static, 38), new Stage(205, OvenMode::Static, 8)], $after->bake->stages);
        self::assertEquals(new Statement('act.finish-hot', ['lastMinutes' => 8.0, 'ovenCelsius' => 205.0]), $lever->act(TroutQuiche::pie(), 30));
        self::assertSame(
            [50.0, 50.0, 0.0, 50.0, 0.0],
            array_map($lever->most(...), [TroutQuiche::pie(), self::baked(200, 46), self::baked(201, 46), self::baked(180, 16), self::baked(180, 15)]),
            'not where it is hot already, and not where those minutes are half of the bake',
        );
    }

    public function test_no_stage_is_added_to_four(): void
    {
        $four = TroutQuiche::pie()->withBake(new BakePlan(array_fill(0, 4, new Stage(180, OvenMode::Static, 20))));
        self::assertSame([0.0, 0.0], [(new FinishHot)->most($four), (new TentLast)->most($four)]);
        $three = TroutQuiche::pie()->withBake(new BakePlan(array_fill(0, 3, new Stage(180, OvenMode::Static, 20))));
        self::assertSame([50.0, 19.0], [(new FinishHot)->most($three), (new TentLast)->most($three)]);
    }

    public function test_a_tent_is_laid_on_for_the_last_minutes_and_once(): void
    {
        $lever = new TentLast;
        $after = $lever->pull(TroutQuiche::pie(), 15);
        self::assertEquals([new Stage(175, OvenMode::Static, 31), new Stage(175, OvenMode::Static, 15, tent: true)], $after->bake->stages);
        self::assertEquals(new Statement('act.tent', ['fromMinutes' => 31.0]), $lever->act(TroutQuiche::pie(), 15));
        self::assertSame([45.0, 0.0], [$lever->most(TroutQuiche::pie()), $lever->most($after)]);
    }

    public function test_a_hotter_oven_goes_up_by_forty_and_never_past_250(): void
    {
        $lever = new HotterOven;
        self::assertSame([40.0, 10.0, 0.0], array_map($lever->most(...), [self::baked(180, 40), self::baked(240, 40), self::baked(260, 40)]));
        $two = TroutQuiche::pie()->withBake(new BakePlan([new Stage(220, OvenMode::Static, 10), new Stage(180, OvenMode::Static, 30)]));
        self::assertSame([235.0, 195.0], array_map(static fn (Stage $stage): float => $stage->ovenCelsius, $lever->pull($two, 15)->bake->stages));
        self::assertSame(30.0, $lever->most($two), 'the hottest stage decides');
        self::assertEquals(new Statement('act.hotter-oven', ['ovenCelsius' => 235.0]), $lever->act($two, 15));
    }

    public function test_rack_and_shield_are_changed_in_every_stage_and_once(): void
    {
        $two = TroutQuiche::pie()->withBake(new BakePlan([new Stage(220, OvenMode::Static, 10), new Stage(180, OvenMode::Static, 30)]));
        $high = (new HighRack)->pull($two, 1);
        self::assertSame([Rack::High, Rack::High], array_map(static fn (Stage $stage): Rack => $stage->rack, $high->bake->stages));
        self::assertSame([1.0, 0.0], [(new HighRack)->most($two), (new HighRack)->most($high)]);
        $shielded = (new ShieldRim)->pull($two, 1);
        self::assertSame([true, true], array_map(static fn (Stage $stage): bool => $stage->shield, $shielded->bake->stages));
        self::assertSame([1.0, 0.0], [(new ShieldRim)->most($two), (new ShieldRim)->most($shielded)]);
    }

    public function test_a_lid_is_glazed_with_egg_or_left_plain_and_stays_as_thick_and_as_open(): void
    {
        $milk = self::lidded(Glaze::Milk);
        self::assertEquals(new Lid(4, 0.3, Glaze::Egg), (new GlazeLid)->pull($milk, 1)->crust->lid);
        self::assertEquals(new Lid(4, 0.3, Glaze::None), (new UnglazedLid)->pull($milk, 1)->crust->lid);
        self::assertSame([1.0, 1.0, 0.0], array_map((new GlazeLid)->most(...), [self::lidded(Glaze::None), $milk, self::lidded(Glaze::Egg)]));
        self::assertSame([0.0, 1.0, 1.0], array_map((new UnglazedLid)->most(...), [self::lidded(Glaze::None), $milk, self::lidded(Glaze::Egg)]));
        $open = TroutQuiche::pie();
        self::assertSame([0.0, 0.0], [(new GlazeLid)->most($open), (new UnglazedLid)->most($open)]);
        self::assertSame([$open, $open], [(new GlazeLid)->pull($open, 1), (new UnglazedLid)->pull($open, 1)]);
    }

    public function test_only_a_shell_that_goes_in_bare_is_pricked(): void
    {
        $of = static fn (ShellSupport $first): Pie => TroutQuiche::pie()->withCrust(TroutQuiche::pie()->crust->withShell([new ShellStage($first, 190, OvenMode::Static, 10, Rack::Middle), new ShellStage(ShellSupport::Bare, 190, OvenMode::Static, 5, Rack::Middle)], TroutQuiche::pie()->crust->seal));
        self::assertSame([1.0, 0.0, 0.0], array_map((new PrickShell)->most(...), [$of(ShellSupport::Bare), $of(ShellSupport::Weighted), $of(ShellSupport::Pricked)]));
        self::assertSame([ShellSupport::Pricked, ShellSupport::Bare], array_map(static fn (ShellStage $stage): ShellSupport => $stage->how, (new PrickShell)->pull($of(ShellSupport::Bare), 1)->crust->shell));
        $raw = TroutQuiche::pie()->withCrust(TroutQuiche::pie()->crust->withShell([], TroutQuiche::pie()->crust->seal));
        self::assertSame([0.0, $raw], [(new PrickShell)->most($raw), (new PrickShell)->pull($raw, 1)]);
    }

    public function test_another_tin_has_more_area_and_the_filling_stands_lower_in_it(): void
    {
        $pie = TroutQuiche::pie();
        $wider = (new AnotherTin(1))->pull($pie, 0.5);
        self::assertEqualsWithDelta(1.5 * $pie->tin->volumeMl(20), $wider->tin->volumeMl(20), 1e-6);
        self::assertSame($pie->layers, $wider->layers);
        self::assertSame([0.8, 0.4], [(new AnotherTin(1))->most($pie), (new AnotherTin(-1))->most($pie)]);
        $across = 2 * $wider->tin->radiusMm($wider->tin->depthMm()) / 10;
        self::assertEquals(new Statement('act.wider-tin', ['wideCm' => $across, 'deepCm' => $pie->tin->depthMm() / 10]), (new AnotherTin(1))->act($pie, 0.5));
        self::assertSame('act.narrower-tin', (new AnotherTin(-1))->act($pie, 0.2)->code);
        self::assertSame('act.other-discs', (new AnotherTin(1))->act(OtherPies::folds(), 0.5)->code);
    }

    /** What a cook does before what (common practice, no source): a knob turned, then things to do, then less in it, then a shell baked. */
    public function test_the_least_work_costs_least(): void
    {
        $custard = TroutQuiche::custard();
        $costs = static fn (Lever ...$levers): array => array_map(static fn (Lever $one): int => $one->cost(), $levers);
        self::assertSame(array_fill(0, 11, 1), $costs(new PressOut(TroutQuiche::leeks()), new BakeLonger, new TakeOutEarlier, new HotterOven, new HighRack, new LowRackFirst, new TentLast, new ShieldRim, new GlazeLid, new PrickShell, new MoveSalt(1)));
        self::assertSame(array_fill(0, 12, 2), $costs(new AnotherTin(1), new AddCrumbs(TroutQuiche::leeks()), new ScatterCrumbs, new BrushSeal, new CoolerOven, new FanOn, new FinishHot, new MoveCustard($custard, 1), new MoveEggs($custard, 1), new StandOnSteel, new BakeShellLonger, new MoveEggs($custard, -1)));
        self::assertSame([3, 4], $costs(new LessOf(TroutQuiche::leeks()), new BakeShell));
    }

    public function test_thirty_grams_of_crumbs_at_most_by_fives_where_five_of_water_are_loose(): void
    {
        $of = static fn (float $grams): Pie => TroutQuiche::pie()->withLayers([TroutQuiche::leeks()->withNow($grams), TroutQuiche::custard()]);
        $wet = $of(400);
        self::assertSame([30.0, 5.0], [(new ScatterCrumbs)->most($wet), (new ScatterCrumbs)->step($wet)]);
        self::assertSame(20.0, (new ScatterCrumbs)->pull($wet, 20)->scattered()[0]->grams());
        self::assertSame(20.0, (new ScatterCrumbs)->pull($wet, 20)->layers[0]->fromCelsius);
        $floor = TroutQuiche::leeks()->food->floorYield * 450;
        self::assertSame([0.0, 30.0], [(new ScatterCrumbs)->most($of($floor + 4.9)), (new ScatterCrumbs)->most($of($floor + 5.1))]);
    }

    private static function baked(float $celsius, float $minutes): Pie
    {
        return TroutQuiche::pie()->withBake(new BakePlan([new Stage($celsius, OvenMode::Static, $minutes)]));
    }

    private static function lidded(Glaze $glaze): Pie
    {
        return TroutQuiche::pie()->withCrust(TroutQuiche::pie()->crust->withLid(new Lid(4, 0.3, $glaze)));
    }
}
