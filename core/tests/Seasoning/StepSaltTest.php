<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Seasoning;

use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Moisture\Draining;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\Step;
use Hojaldre\Core\Seasoning\StepSalt;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class StepSaltTest extends TestCase
{
    /** By hand: chard that is boiled and squeezed from 900 to 350 g keeps the share of its salt that its water keeps; roasted it keeps all. */
    public function test_own_salt_leaves_with_water_that_runs_off_and_not_with_steam(): void
    {
        $chard = Pantry::food('chard');
        $own = $chard->saltGrams(900);
        $of = static fn (string $how, float $salted = 0.0): float => (new SolidLayer('chard', $chard, Amount::of(900), [new Step($how, Amount::of(350), 0.0, $salted)], null))->ownSaltGrams();
        $before = 900 * $chard->per100g->water / 100;
        $kept = ($before - $chard->waterShareOfLoss() * 550) / $before;
        self::assertEqualsWithDelta($own * $kept, $of('boiled and squeezed hard'), 1e-6);
        self::assertEqualsWithDelta($own * $kept, $of('', 10.0), 1e-6, 'it was boiled in salted water');
        self::assertEqualsWithDelta($own, $of('roasted until dry'), 1e-9);
        self::assertEqualsWithDelta($own, (new SolidLayer('chard', $chard, Amount::of(900), [], null))->ownSaltGrams(), 1e-9);
    }

    #[TestWith(['Squeezed out, chopped', true])]
    #[TestWith(['thawed', true])]
    #[TestWith(['pan-fried', false])]
    #[TestWith(['', false])]
    public function test_words_for_water_that_runs_off_are_known(string $words, bool $drains): void
    {
        self::assertSame($drains, Draining::isMeantBy($words));
    }

    public function test_salt_that_was_rubbed_on_leaves_with_the_water_and_stays_where_none_leaves(): void
    {
        self::assertEqualsWithDelta(5.0, StepSalt::rubbedOn(10, 400, 200), 1e-9);
        self::assertEqualsWithDelta(10.0, StepSalt::rubbedOn(10, 400, 400), 1e-9);
        self::assertEqualsWithDelta(0.0, StepSalt::rubbedOn(10, 400, 0), 1e-9);
    }

    /** Common practice, no source: potatoes boiled in water with 10 g in a litre come out with about 0.3 to 0.5 % of salt. */
    public function test_vegetables_boiled_in_salted_water_come_out_seasoned(): void
    {
        $percent = StepSalt::boiledIn(10, 790) / 1000 * 100;
        self::assertGreaterThan(0.3, $percent);
        self::assertLessThan(0.5, $percent);
        self::assertSame(0.0, StepSalt::boiledIn(0, 790));
    }
}
