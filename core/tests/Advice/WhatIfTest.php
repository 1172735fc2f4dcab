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
use Hojaldre\Core\Pie\Pie;
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
        self::assertSame([], WhatIf::of(Pie::blank(), WhatIfLever::Oven)->points);
        self::assertSame([], WhatIf::of(TroutQuiche::pie()->withLayers([TroutQuiche::custard()]), WhatIfLever::Pressing)->points);
    }
}
