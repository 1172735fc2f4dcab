<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Measure;

use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\EntryUnit;
use Hojaldre\Core\Measure\Figures;
use Hojaldre\Core\Measure\OvenHeat;
use Hojaldre\Core\Measure\VolumeSystem;
use Hojaldre\Core\Oven\Oven;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FiguresTest extends TestCase
{
    #[TestWith([9.94, '9.9 g'])]
    #[TestWith([9.95, '10 g'])]
    #[TestWith([0.04, '0 g'])]
    #[TestWith([1428.4, '1,428 g'])]
    public function test_grams_are_whole_from_ten_up(float $grams, string $told): void
    {
        self::assertSame($told, Figures::grams($grams));
    }

    /** Common practice, no source: a fan oven is set twenty degrees lower for the same bake. */
    public function test_a_fan_is_kept_as_it_was_written_and_told_beside_its_other_half(): void
    {
        $fan = OvenHeat::read('160 °C fan');
        self::assertSame([160.0, EntryUnit::Celsius, true], [$fan->value, $fan->unit, $fan->isFan]);
        self::assertSame(180.0, $fan->how[count($fan->how) - 1]->with['exactCelsius']);
        $static = OvenHeat::read('180 °C static');
        self::assertSame([180.0, false], [$static->value, $static->isFan]);
        self::assertSame(160.0, $static->how[count($static->how) - 1]->with['exactCelsius']);
        self::assertNull(OvenHeat::read('180 °C')->isFan);
    }

    /** docs/sources.md#nist-sp-811: a US cup is 236.588 ml, its tablespoon a sixteenth, its teaspoon a forty-eighth. */
    public function test_spoons_are_parts_of_the_cup_they_belong_to(): void
    {
        $us = CookUnits::of(VolumeSystem::Us);
        self::assertEqualsWithDelta(236.588, $us->cupMl, 1e-3);
        self::assertEqualsWithDelta($us->cupMl / 16, $us->tablespoonMl, 1e-9);
        self::assertEqualsWithDelta($us->cupMl / 48, $us->teaspoonMl, 1e-9);
        $metric = CookUnits::of(VolumeSystem::Metric);
        self::assertSame([250.0, 15.0, 5.0], [$metric->cupMl, $metric->tablespoonMl, $metric->teaspoonMl]);
        self::assertSame([250.0, 20.0, 5.0], [CookUnits::of(VolumeSystem::Australian)->cupMl, CookUnits::of(VolumeSystem::Australian)->tablespoonMl, CookUnits::of(VolumeSystem::Australian)->teaspoonMl]);
    }

    public function test_an_oven_that_runs_hot_is_set_lower(): void
    {
        self::assertSame([170.0, 190.0], [(new Oven('Hot', 10))->dialCelsius(180), (new Oven('Cold', -10))->dialCelsius(180)]);
    }
}
