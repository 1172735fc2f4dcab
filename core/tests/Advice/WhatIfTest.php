<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Advice;

use Hojaldre\Core\Advice\Change;
use Hojaldre\Core\Advice\WhatIf;
use Hojaldre\Core\Advice\WhatIfLever;
use Hojaldre\Core\Advice\WhatIfPoint;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\Readings;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pastry\ShellSupport;
use Hojaldre\Core\Pie\Beginning;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\PieKind;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

/** One thing changed by steps. */
final class WhatIfTest extends TestCase
{
    public function test_every_lever_has_the_pie_as_it_is_among_its_points_in_order(): void
    {
        foreach (WhatIfLever::cases() as $lever) {
            $points = WhatIf::of(TroutQuiche::pie(), $lever)->points;
            $settings = array_map(static fn (WhatIfPoint $one): float => $one->setting, $points);
            $sorted = $settings;
            sort($sorted);
            self::assertSame($sorted, $settings);
            self::assertGreaterThanOrEqual(7, count($points), $lever->value);
            self::assertCount(1, array_filter($points, static fn (WhatIfPoint $one): bool => $one->isNow), $lever->value);
        }
    }

    public function test_settings_go_by_even_steps_and_stay_where_an_oven_can_go(): void
    {
        $pie = TroutQuiche::pie();
        self::assertSame([135.0, 145.0, 155.0, 165.0, 175.0, 185.0, 195.0, 205.0, 215.0], WhatIfLever::Oven->settings($pie));
        $cool = $pie->withBake(new BakePlan([new Stage(130, OvenMode::Static, 10), new Stage(275, OvenMode::Static, 3)]));
        self::assertSame([120.0, 130.0, 140.0, 150.0, 160.0, 170.0], WhatIfLever::Oven->settings($cool));
        self::assertSame([120.0, 265.0], array_map(static fn (Stage $stage): float => $stage->ovenCelsius, WhatIfLever::Oven->set($cool, 120)->bake->stages));
        self::assertSame([160.0, 280.0], array_map(static fn (Stage $stage): float => $stage->ovenCelsius, WhatIfLever::Oven->set($cool, 160)->bake->stages), 'all by as much, and none past 280');
        // a twelfth of 46 min is four; of 13 two at least
        self::assertSame([30.0, 34.0, 38.0, 42.0, 46.0, 50.0, 54.0, 58.0, 62.0], WhatIfLever::Minutes->settings($pie));
        self::assertSame([5.0, 7.0, 9.0, 11.0, 13.0, 15.0, 17.0, 19.0, 21.0], WhatIfLever::Minutes->settings($cool));
        self::assertSame([52.0, 64.0, 76.0, 88.0, 100.0, 112.0, 124.0, 136.0, 148.0], WhatIfLever::Depth->settings($pie));
        self::assertEqualsWithDelta(1.24 * $pie->custard()?->grams(), WhatIfLever::Depth->set($pie, 124)->custard()?->grams(), 1e-6);
        $leeks = TroutQuiche::leeks();
        self::assertSame([ceil($leeks->bought->grams * $leeks->food->floorYield), $leeks->bought->grams], [min(WhatIfLever::Pressing->settings($pie)), max(WhatIfLever::Pressing->settings($pie))]);
        self::assertSame(300.0, WhatIfLever::Pressing->set($pie, 300)->solids()[0]->now->grams);
        self::assertSame([-18.0, 5.0, 10.0, 20.0, 30.0, 40.0, 50.0, 60.0], WhatIfLever::Start->settings(WhatIfLever::Start->set($pie, 20)));
        self::assertSame([20.0, 20.0], [WhatIfLever::Start->set($pie, 20)->layers[0]->fromCelsius, WhatIfLever::Start->set($pie, 20)->layers[2]->fromCelsius]);
    }

    public function test_a_shell_is_tried_with_its_weights_kept_and_its_bare_minutes_changed(): void
    {
        $stage = static fn (ShellSupport $how, float $minutes): ShellStage => new ShellStage($how, 190, OvenMode::Static, $minutes, Rack::Middle);
        $of = static fn (array $stages): Pie => TroutQuiche::pie()->withCrust(TroutQuiche::pie()->crust->withShell($stages, TroutQuiche::pie()->crust->seal));
        $both = $of([$stage(ShellSupport::Weighted, 12), $stage(ShellSupport::Bare, 5)]);
        self::assertSame(5.0, WhatIfLever::Shell->setting($both));
        self::assertSame([0.0, 3.0, 5.0, 6.0, 9.0, 12.0, 15.0, 18.0], WhatIfLever::Shell->settings($both));
        self::assertEquals([$stage(ShellSupport::Weighted, 12), $stage(ShellSupport::Bare, 9)], WhatIfLever::Shell->set($both, 9)->crust->shell);
        self::assertEquals([$stage(ShellSupport::Weighted, 12)], WhatIfLever::Shell->set($both, 0)->crust->shell);
        self::assertEquals([$stage(ShellSupport::Weighted, 12), $stage(ShellSupport::Bare, 6)], WhatIfLever::Shell->set($of([$stage(ShellSupport::Weighted, 12)]), 6)->crust->shell, 'as hot as with the weights');
        self::assertEquals([$stage(ShellSupport::Pricked, 9)], WhatIfLever::Shell->set($of([$stage(ShellSupport::Pricked, 5)]), 9)->crust->shell);
        self::assertSame([], WhatIfLever::Shell->settings($of([])), 'a raw shell has no such minutes');
    }

    public function test_the_point_where_it_stands_is_the_forecast_itself(): void
    {
        $forecast = Forecast::of(TroutQuiche::pie());
        foreach (WhatIf::of(TroutQuiche::pie(), WhatIfLever::Oven)->points as $point) {
            if ($point->isNow) {
                self::assertEquals($forecast->readings, $point->readings);
                self::assertSame([], $point->changes);
            }
        }
    }

    /** Facts of the trade (common practice, no source): which way each lever moves what. */
    public function test_each_lever_moves_what_it_moves_the_way_the_trade_knows(): void
    {
        $values = static fn (Pie $pie, WhatIfLever $lever, ReadingName $name): array => array_map(
            static fn (WhatIfPoint $point): float => Readings::named($point->readings, $name)->value ?? NAN, WhatIf::of($pie, $lever)->points,
        );
        $raw = TroutQuiche::soggy();
        foreach ([
            [TroutQuiche::pie(), WhatIfLever::Oven, ReadingName::Set, false], [TroutQuiche::pie(), WhatIfLever::Oven, ReadingName::Colour, true],
            [TroutQuiche::pie(), WhatIfLever::Minutes, ReadingName::Colour, true], [TroutQuiche::pie(), WhatIfLever::Depth, ReadingName::Set, true],
            [TroutQuiche::pie(), WhatIfLever::Start, ReadingName::Safe, false], [TroutQuiche::pie(), WhatIfLever::Shell, ReadingName::Base, false],
            [$raw, WhatIfLever::Pressing, ReadingName::Base, true],
        ] as [$pie, $lever, $name, $rises]) {
            $all = $values($pie, $lever, $name);
            self::assertTrue($rises ? $all[0] < $all[count($all) - 1] : $all[0] > $all[count($all) - 1], "$lever->value on $name->value: ".implode(', ', $all));
        }
    }

    public function test_a_point_is_taken_by_its_changes(): void
    {
        $pie = TroutQuiche::pie();
        foreach (WhatIfLever::cases() as $lever) {
            $point = WhatIf::of($pie, $lever)->points[0];
            $document = (array) json_decode(PieFile::write($pie), true);
            $taken = PieFile::fromDocument(Change::applied($point->changes, $document));
            // once it is pressed, another layer may be the wettest
            if (! in_array($lever, [WhatIfLever::Depth, WhatIfLever::Pressing], true)) {
                self::assertEqualsWithDelta($point->setting, $lever->setting($taken), 0.6, $lever->value);
            }
            $read = static fn (Reading $one): array => [$one->name->value, $one->verdict->value];
            // rough bakes are held against a fine one, so that a word on its edge may turn
            self::assertLessThanOrEqual(1, count(array_udiff(array_map($read, Forecast::roughly($taken)->readings), array_map($read, $point->readings), static fn (array $a, array $b): int => $a <=> $b)), $lever->value);
        }
    }

    public function test_what_a_pie_does_not_have_is_not_tried(): void
    {
        self::assertSame([], WhatIf::of(OtherPies::folds(), WhatIfLever::Shell)->points);
        self::assertSame([], WhatIf::of(TroutQuiche::soggy(), WhatIfLever::Shell)->points, 'a raw crust has no shell to bake longer');
        self::assertSame([], WhatIf::of(Beginning::of(PieKind::Quiche), WhatIfLever::Oven)->points);
        self::assertSame([], WhatIf::of(TroutQuiche::pie()->withLayers([TroutQuiche::custard()]), WhatIfLever::Pressing)->points);
    }
}
