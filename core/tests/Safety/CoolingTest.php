<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Safety;

use Hojaldre\Core\Safety\Cautions;
use Hojaldre\Core\Safety\CoolingLimits;
use Hojaldre\Core\Safety\CoolingVerdict;
use Hojaldre\Core\Safety\Lethality;
use Hojaldre\Core\Safety\SafeTemperature;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class CoolingTest extends TestCase
{
    /** docs/sources.md#food-code: from 57 to 21 °C within 2 h, to 5 °C within 6 h in all. */
    #[TestWith([30.0, 150.0, 390.0, CoolingVerdict::WithinLimits])]
    #[TestWith([30.0, 150.1, 390.0, CoolingVerdict::TooSlowToWarm])]
    #[TestWith([30.0, 150.0, 390.1, CoolingVerdict::TooSlowToCold])]
    #[TestWith([30.0, null, null, CoolingVerdict::TooSlowToWarm])]
    #[TestWith([30.0, 100.0, null, CoolingVerdict::TooSlowToCold])]
    #[TestWith([null, 120.0, 360.0, CoolingVerdict::WithinLimits])]
    #[TestWith([null, 121.0, 360.0, CoolingVerdict::TooSlowToWarm])]
    public function test_two_hours_to_warm_and_six_to_cold_are_the_limit(?float $hot, ?float $warm, ?float $cold, CoolingVerdict $verdict): void
    {
        self::assertSame($verdict, CoolingLimits::judge($hot, $warm, $cold));
    }

    public function test_the_hottest_wish_of_the_raw_parts_counts_and_reheated_food_wants_74(): void
    {
        self::assertSame([74.0, 71.0, 74.0], [SafeTemperature::of([]), SafeTemperature::of([63.0, 71.0]), SafeTemperature::of([71.0, 74.0])]);
    }

    public function test_two_minutes_at_seventy_are_the_measure_and_seven_and_a_half_degrees_a_tenfold(): void
    {
        self::assertEqualsWithDelta(2.0, Lethality::minutesAt(70), 1e-9);
        self::assertEqualsWithDelta(20.0, Lethality::minutesAt(62.5), 1e-9);
        self::assertEqualsWithDelta(10.0, Lethality::minutesWorth(77.5), 1e-5);
        self::assertEqualsWithDelta(1.0, Lethality::minutesWorth(70), 1e-9);
    }

    public function test_the_cautions_name_the_temperature_wanted_and_an_equal_one_held_longer(): void
    {
        [$coldest, $raw] = Cautions::of(71.0);
        self::assertSame(['caution.coldest-point', 71.0, 65.0], [$coldest->code, $coldest->with['safeCelsius'], $coldest->with['heldCelsius']]);
        // 2 min x 10^(5/7.5) = 9.28 min, told as whole ones and never fewer
        self::assertSame(10.0, $coldest->with['heldMinutes']);
        self::assertSame(['hotCelsius' => 57.0, 'warmCelsius' => 21.0, 'coldCelsius' => 5.0], $raw->with);
    }
}
