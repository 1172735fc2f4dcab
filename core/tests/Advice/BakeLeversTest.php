<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Advice;

use Hojaldre\Core\Advice\Levers\BakeShell;
use Hojaldre\Core\Advice\Levers\BakeShellLonger;
use Hojaldre\Core\Advice\Levers\CheeseBelow;
use Hojaldre\Core\Advice\Levers\CoolerOven;
use Hojaldre\Core\Advice\Levers\CoolFilling;
use Hojaldre\Core\Advice\Levers\FanOn;
use Hojaldre\Core\Advice\Levers\Lever;
use Hojaldre\Core\Advice\Levers\Levers;
use Hojaldre\Core\Advice\Levers\LowRackFirst;
use Hojaldre\Core\Advice\Levers\ScatterCrumbs;
use Hojaldre\Core\Advice\Levers\StandOnSteel;
use Hojaldre\Core\Advice\Levers\TakeOutEarlier;
use Hojaldre\Core\Advice\Trials;
use Hojaldre\Core\Advice\WayOutSearch;
use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\BakeReadings;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\Readings;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Oven\StandsOn;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pastry\ShellSupport;
use Hojaldre\Core\Pastry\Underlay;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Statement\Statement;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Levers on the oven, the shell and what lies on it. */
final class BakeLeversTest extends TestCase
{
    public function test_hot_steel_is_offered_once(): void
    {
        $pie = TroutQuiche::pie();
        $on = (new StandOnSteel)->pull($pie, 1);
        self::assertSame([StandsOn::Rack, StandsOn::Steel], [$pie->bake->on, $on->bake->on]);
        self::assertSame(0.0, (new StandOnSteel)->most($on));
    }

    public function test_the_lowest_rack_is_for_the_first_stage_and_leaves_the_later_ones_where_they_are(): void
    {
        $pie = TroutQuiche::pie()->withBake(new BakePlan([new Stage(190, OvenMode::Static, 20), new Stage(170, OvenMode::Static, 25, Rack::High)]));
        $low = (new LowRackFirst)->pull($pie, 1);
        self::assertSame([Rack::Low, Rack::High], array_map(static fn (Stage $stage): Rack => $stage->rack, $low->bake->stages));
        self::assertSame(0.0, (new LowRackFirst)->most($low));
    }

    public function test_the_fan_is_turned_on_in_every_stage(): void
    {
        $pie = TroutQuiche::pie()->withBake(new BakePlan([new Stage(190, OvenMode::Static, 20), new Stage(170, OvenMode::Static, 25)]));
        self::assertSame([OvenMode::Fan, OvenMode::Fan], array_map(static fn (Stage $stage): OvenMode => $stage->mode, (new FanOn)->pull($pie, 1)->bake->stages));
    }

    public function test_a_hot_filling_waits_until_it_no_longer_melts_the_dough_and_what_is_cold_stays_cold(): void
    {
        $layers = TroutQuiche::pie()->layers;
        $hot = TroutQuiche::pie()->withLayers([$layers[0]->startingAt(70.0), ...array_slice($layers, 1)]);
        $cooled = (new CoolFilling)->pull($hot, 1);
        $before = array_map(static fn (Layer $layer): float => $layer->fromCelsius(), $hot->layers);
        self::assertSame([20.0, ...array_slice($before, 1)], array_map(static fn (Layer $layer): float => $layer->fromCelsius(), $cooled->layers));
        self::assertSame(0.0, (new CoolFilling)->most($cooled));
        $all = $hot->withLayers(array_map(static fn (Layer $layer): Layer => $layer->startingAt(70.0), $layers))->withCrust($hot->crust->withShell([], Seal::None));
        $acts = array_map(static fn (Lever $lever): string => $lever->id(), Levers::for(Forecast::roughly($all)->reading(ReadingName::Base) ?? self::fail(), $all));
        self::assertContains('cool-filling', $acts);
    }

    public function test_a_cooler_oven_takes_longer_and_the_words_say_how_long(): void
    {
        $cooler = (new CoolerOven)->pull(TroutQuiche::pie(), 10);
        self::assertSame(165.0, $cooler->bake->first()->ovenCelsius);
        self::assertGreaterThan(46.0, $cooler->bake->minutes());
        self::assertEquals(new Statement('act.cooler-oven', ['ovenCelsius' => 165.0, 'inMinutes' => $cooler->bake->minutes()]), (new CoolerOven)->act(TroutQuiche::pie(), 10));
        self::assertSame(0.0, (new CoolerOven)->most(TroutQuiche::pie()->withBake(new BakePlan([new Stage(150, OvenMode::Static, 60)]))));
    }

    public function test_out_earlier_leaves_at_least_a_minute(): void
    {
        self::assertSame(45.0, (new TakeOutEarlier)->most(TroutQuiche::pie()));
        self::assertEquals(new Statement('act.out-earlier', ['lessMinutes' => 4.0, 'outMinutes' => 42.0]), (new TakeOutEarlier)->act(TroutQuiche::pie(), 4));
    }

    public function test_a_shell_is_baked_longer_bare_and_only_where_it_is_baked_at_all(): void
    {
        $pie = TroutQuiche::pie();
        $longer = (new BakeShellLonger)->pull($pie, 5);
        $minutes = static fn (Pie $one): float => array_sum(array_map(static fn (ShellStage $stage): float => $stage->minutes, $one->crust->shell));
        self::assertEqualsWithDelta($minutes($pie) + 5, $minutes($longer), 1e-9);
        self::assertNotSame(ShellSupport::Weighted, $longer->crust->shell[count($longer->crust->shell) - 1]->how);
        $raw = $pie->withCrust($pie->crust->withShell([], Seal::None));
        self::assertSame([0.0, 1.0], [(new BakeShellLonger)->most($raw), (new BakeShell)->most($raw)]);
    }

    public function test_crumbs_are_scattered_below_and_only_where_nothing_is_scattered_yet(): void
    {
        $scattered = (new ScatterCrumbs)->pull(TroutQuiche::pie(), 20);
        self::assertSame(Underlay::Crumbs, $scattered->underlay());
        self::assertSame(0.0, (new ScatterCrumbs)->most($scattered));
        self::assertCount(count(TroutQuiche::pie()->layers) + 1, $scattered->layers);
    }

    public function test_a_cheese_that_is_in_it_is_laid_on_the_crust_first_and_nothing_is_added(): void
    {
        self::assertSame(0.0, (new CheeseBelow)->most(TroutQuiche::pie()), 'there is none in it');
        $pie = TroutQuiche::pie();
        $with = $pie->withLayers([...$pie->layers, new SolidLayer('gruyere', Pantry::food('gruyere'), Amount::of(80), [], null, 10)]);
        $below = (new CheeseBelow)->pull($with, 1);
        self::assertSame('gruyere', $below->layers[0]->id());
        self::assertSame(Underlay::Cheese, $below->underlay());
        self::assertSame(count($with->layers), count($below->layers));
    }

    public function test_a_cook_who_never_bakes_blind_is_not_told_to(): void
    {
        $raw = TroutQuiche::soggy();
        $reading = BakeReadings::take(ReadingName::Base, Weights::of($raw), SimulatedBake::of(Weights::of($raw)));
        self::assertContains('bake-shell', array_map(static fn (Lever $lever): string => $lever->id(), Levers::for($reading, $raw)));
        $forecast = Forecast::of($raw);
        $without = WayOutSearch::ways($reading, $forecast, new Trials($forecast->weights, $forecast->bake), parBakes: false);
        self::assertNotSame([], $without);
        foreach ($without as $way) {
            self::assertStringNotContainsString('shell', $way->id);
        }
    }

    public function test_the_search_bakes_each_different_pie_once_and_says_of_the_design_what_the_fine_bake_says(): void
    {
        $pie = TroutQuiche::pie();
        $fine = SimulatedBake::of(Weights::of($pie));
        self::assertNotNull($fine);
        $search = new Trials(Weights::of($pie), $fine);
        $readings = $search->readings($pie);
        $search->side(ReadingName::Base, $pie);
        $search->side(ReadingName::Set, $pie->withName('Another name bakes no differently'));
        self::assertSame(1, $search->bakes, 'one rough bake, to hold the others against');
        self::assertEqualsWithDelta($fine->base(), Readings::named($readings, ReadingName::Base)?->value, 1e-9);
        self::assertEqualsWithDelta($fine->minute(BakeEvent::TimeToLook), Readings::named($readings, ReadingName::Set)?->value, 1e-9);
        $search->side(ReadingName::Base, (new StandOnSteel)->pull($pie, 1));
        $search->side(ReadingName::Set, (new StandOnSteel)->pull($pie, 1));
        self::assertSame(2, $search->bakes);
    }

    /** @return array<string, array{Lever, float}> */
    public static function levers(): array
    {
        return [
            'steel' => [new StandOnSteel, 1], 'low rack' => [new LowRackFirst, 1], 'fan' => [new FanOn, 1], 'cooler' => [new CoolerOven, 10],
            'earlier' => [new TakeOutEarlier, 3], 'shell longer' => [new BakeShellLonger, 4], 'crumbs' => [new ScatterCrumbs, 10],
        ];
    }

    #[DataProvider('levers')]
    public function test_what_a_lever_pulls_is_still_a_pie_that_can_be_written_and_read(Lever $lever, float $by): void
    {
        $pulled = $lever->pull(TroutQuiche::pie(), $by);
        self::assertEquals($pulled, PieFile::read(PieFile::write($pulled)));
        self::assertStringStartsWith('act.', $lever->act(TroutQuiche::pie(), $by)->code);
        self::assertGreaterThan(0, $lever->cost());
    }
}
