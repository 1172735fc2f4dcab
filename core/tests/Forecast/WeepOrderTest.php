<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Forecast;

use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\WeepOrder;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

/** The order of the layers decides what wets the crust (common practice, no source). */
final class WeepOrderTest extends TestCase
{
    public function test_what_lies_above_the_custard_does_not_touch_the_crust(): void
    {
        $below = WeepOrder::of(Weights::of(self::pie([self::tomatoes(), TroutQuiche::custard()])));
        $above = WeepOrder::of(Weights::of(self::pie([TroutQuiche::custard(), self::tomatoes()])));
        self::assertSame(0.0, $above->lowKg + $above->midKg);
        self::assertGreaterThan(0.0, $below->lowKg);
        self::assertEqualsWithDelta($above->topKg, $below->lowKg + $below->midKg, 1e-9, 'the same water, elsewhere');
    }

    /** By hand: tomatoes heaped on a lined floor of 23.4 cm; the share of their height in the lowest 6 mm. */
    public function test_of_a_heap_the_lowest_six_millimetres_touch_the_crust(): void
    {
        $weights = Weights::of(self::pie([self::tomatoes(), TroutQuiche::custard()]));
        $high = self::tomatoes()->heapMl() * 1000 / (M_PI * 117 ** 2);
        self::assertGreaterThan(6.0, $high);
        $places = WeepOrder::of($weights);
        self::assertEqualsWithDelta(6 / $high, $places->lowKg / ($places->lowKg + $places->midKg), 1e-6);
        $lifted = WeepOrder::of(Weights::of(self::pie([new SolidLayer('ham', Pantry::food('cooked-ham'), Amount::of(500), [], null), self::tomatoes(), TroutQuiche::custard()])));
        self::assertLessThan($places->lowKg, $lifted->lowKg, 'ham lies between');
    }

    public function test_the_ledger_sends_no_water_into_the_base_from_above_the_custard(): void
    {
        $forecast = Forecast::roughly(self::pie([new SolidLayer('leeks', Pantry::food('leeks'), Amount::of(300), [], null), TroutQuiche::custard(), self::tomatoes()]));
        $layers = $forecast->ledger()->layers;
        self::assertSame(['leeks', 'tomatoes'], array_map(static fn ($one): string => $one->id, $layers));
        self::assertGreaterThan(0.0, $layers[0]->intoBaseGrams);
        self::assertSame(0.0, $layers[1]->intoBaseGrams);
        self::assertEqualsWithDelta($forecast->ledger()->intoBaseGrams, $layers[0]->intoBaseGrams, 1e-6);
    }

    public function test_without_a_custard_all_of_it_may_run_down(): void
    {
        $weights = Weights::of(self::pie([self::tomatoes()]));
        self::assertEqualsWithDelta($weights->looseGrams, WeepOrder::of($weights)->lowKg, 1e-9);
    }

    public function test_wet_tomatoes_at_the_bottom_make_a_wetter_base_than_on_top(): void
    {
        $base = static fn (Pie $pie): float => Forecast::roughly($pie)->reading(ReadingName::Base)->value ?? NAN;
        self::assertGreaterThan($base(self::pie([TroutQuiche::custard(), self::tomatoes()])) + 0.02, $base(self::pie([self::tomatoes(), TroutQuiche::custard()])));
    }

    private static function tomatoes(): SolidLayer
    {
        return new SolidLayer('tomatoes', Pantry::food('tomatoes'), Amount::of(400), [], null);
    }

    /** @param  list<Layer>  $layers */
    private static function pie(array $layers): Pie
    {
        return TroutQuiche::pie()->withLayers($layers);
    }
}
