<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Measure;

use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\Length;
use Hojaldre\Core\Measure\Mass;
use Hojaldre\Core\Measure\Temperature;
use Hojaldre\Core\Measure\Volume;
use Hojaldre\Core\Measure\VolumeSystem;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Published factors: NIST Special Publication 811, appendix B.8 (from memory), there given to 6 or 7 digits. */
final class ConversionsTest extends TestCase
{
    public function test_masses_agree_with_nist_sp_811(): void
    {
        self::assertEqualsWithDelta(28.34952, Mass::ounces(1)->grams, 5e-6);
        self::assertEqualsWithDelta(453.5924, Mass::pounds(1)->grams, 5e-5);
    }

    public function test_us_volumes_agree_with_nist_sp_811(): void
    {
        self::assertEqualsWithDelta(236.5882, Volume::cups(1, CookUnits::of(VolumeSystem::Us))->millilitres, 5e-5);
        self::assertEqualsWithDelta(14.78676, Volume::tablespoons(1, CookUnits::of(VolumeSystem::Us))->millilitres, 5e-6);
        self::assertEqualsWithDelta(4.928922, Volume::teaspoons(1, CookUnits::of(VolumeSystem::Us))->millilitres, 5e-7);
        self::assertEqualsWithDelta(29.57353, Volume::usFluidOunces(1)->millilitres, 5e-6);
    }

    #[TestWith([32.0, 0.0])]
    #[TestWith([212.0, 100.0])]
    #[TestWith([160.0, 71.1])]
    #[TestWith([350.0, 176.7])]
    public function test_fahrenheit_agrees_with_the_fixed_points_and_the_oven_tables(float $fahrenheit, float $celsius): void
    {
        self::assertEqualsWithDelta($celsius, Temperature::fahrenheit($fahrenheit)->celsius, 0.05);
    }

    /** Common practice, no source: the oven tables on the back of British cookery books, which round to 10 °C. */
    #[TestWith([1.0, 140.0])]
    #[TestWith([3.0, 170.0])]
    #[TestWith([4.0, 180.0])]
    #[TestWith([5.0, 190.0])]
    #[TestWith([7.0, 220.0])]
    #[TestWith([8.0, 230.0])]
    public function test_gas_marks_agree_with_the_tables_on_the_back_of_cookery_books(float $mark, float $celsius): void
    {
        self::assertEqualsWithDelta($celsius, Temperature::gasMark($mark)->celsius, 6.0);
        self::assertEqualsWithDelta($mark, Temperature::celsius(Temperature::gasMark($mark)->celsius)->inGasMarks(), 1e-9);
    }

    public function test_an_australian_tablespoon_is_a_third_more(): void
    {
        self::assertSame(20.0, Volume::tablespoons(1, CookUnits::of(VolumeSystem::Australian))->millilitres);
        self::assertSame(15.0, Volume::tablespoons(1, CookUnits::of(VolumeSystem::Metric))->millilitres);
        self::assertEqualsWithDelta(14.787, Volume::tablespoons(1, CookUnits::of(VolumeSystem::Us))->millilitres, 5e-4);
    }

    public function test_every_unit_comes_back_as_it_went(): void
    {
        foreach ([0.25, 1.0, 3.3, 987.6] as $amount) {
            foreach ([CookUnits::of(VolumeSystem::Metric), CookUnits::of(VolumeSystem::Us)] as $units) {
                self::assertEqualsWithDelta($amount, Volume::cups($amount, $units)->inCups($units), 1e-9);
                self::assertEqualsWithDelta($amount, Volume::tablespoons($amount, $units)->inTablespoons($units), 1e-9);
                self::assertEqualsWithDelta($amount, Volume::teaspoons($amount, $units)->inTeaspoons($units), 1e-9);
            }
            self::assertEqualsWithDelta($amount, Volume::usFluidOunces($amount)->inUsFluidOunces(), 1e-9);
            self::assertEqualsWithDelta($amount, Mass::ounces($amount)->inOunces(), 1e-9);
            self::assertEqualsWithDelta($amount, Mass::pounds($amount)->inPounds(), 1e-9);
            self::assertEqualsWithDelta($amount, Temperature::fahrenheit($amount)->inFahrenheit(), 1e-9);
            self::assertEqualsWithDelta($amount, Length::inches($amount)->inInches(), 1e-9);
            self::assertEqualsWithDelta($amount, Length::centimetres($amount)->inCentimetres(), 1e-9);
        }
    }
}
