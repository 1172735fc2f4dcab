<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Safety;

use Hojaldre\Core\Safety\Kept;
use Hojaldre\Core\Safety\KeptIn;
use PHPUnit\Framework\TestCase;

/** Common practice, no source: eaten within three days at 5 °C or below, dough two, what is raw one; USDA has three to four days for cooked food. */
final class KeptTest extends TestCase
{
    public function test_what_is_baked_or_cooked_keeps_three_days_and_dough_two(): void
    {
        self::assertSame(3, Kept::BakedPies->days(KeptIn::Fridge));
        self::assertSame(3, Kept::CookedFilling->days(KeptIn::Fridge));
        self::assertSame(2, Kept::Dough->days(KeptIn::Fridge));
        self::assertSame(2, Kept::Trimmings->days(KeptIn::Fridge));
    }

    public function test_what_has_raw_meat_or_raw_egg_keeps_a_day(): void
    {
        foreach ([Kept::RawFilling, Kept::Custard, Kept::UnbakedPies] as $raw) {
            self::assertSame(1, $raw->days(KeptIn::Fridge));
        }
    }

    public function test_frozen_it_keeps_two_or_three_months_and_custard_is_not_frozen(): void
    {
        foreach (Kept::cases() as $one) {
            $days = $one->days(KeptIn::Freezer);
            self::assertTrue($one === Kept::Custard ? $days === null : $days >= 60 && $days <= 92, $one->value);
        }
    }
}
