<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Moisture;

use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Moisture\LayerWater;
use Hojaldre\Core\Moisture\PrepSteps;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\Underlay;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class MoistureTest extends TestCase
{
    public function test_the_ledger_of_a_layer_closes(): void
    {
        foreach ([[450, 315, 0.62, 20], [450, 450, 0.62, 500], [100, 30, 0.62, 10], [0, 0, 0.5, 0]] as [$raw, $now, $floor, $binds]) {
            $water = new LayerWater($raw, $now, $floor, $binds);
            self::assertEqualsWithDelta($raw, $water->drivenOffGrams + $water->nowGrams, 1e-9);
            self::assertEqualsWithDelta($now, $water->floorGrams + $water->weepGrams, 1e-9);
            self::assertEqualsWithDelta($water->weepGrams, $water->boundGrams + $water->freeGrams, 1e-9);
            self::assertGreaterThanOrEqual(0, min($water->weepGrams, $water->boundGrams, $water->freeGrams));
        }
    }

    /** Common practice, no source: 1 kg of greens gives 400 g blanched and squeezed; leeks sweat down to 65-75 %. */
    #[TestWith(['spinach', 'blanched and squeezed', 0.40])]
    #[TestWith(['leeks', 'sweated', 0.70])]
    #[TestWith(['mushrooms', 'chopped fine, high heat', 0.50])]
    #[TestWith(['onions', 'softened until collapsed', 0.55])]
    public function test_preparations_leave_the_weight_that_kitchens_say(string $food, string $name, float $yield): void
    {
        foreach (Pantry::preparations($food) as $preparation) {
            if ($preparation->name === $name) {
                self::assertGreaterThanOrEqual($preparation->yieldLow, $yield);
                self::assertLessThanOrEqual($preparation->yieldHigh, $yield);

                return;
            }
        }
        self::fail("$food has no preparation $name.");
    }

    public function test_every_barrier_keeps_some_water_off_and_two_keep_more_than_either(): void
    {
        foreach ([Underlay::Cheese, Underlay::Crumbs] as $underlay) {
            self::assertLessThan(1.0, $underlay->barrierShare(Seal::None));
            self::assertLessThan(min($underlay->barrierShare(Seal::None), Underlay::None->barrierShare(Seal::Egg)), $underlay->barrierShare(Seal::Egg));
        }
    }

    public function test_a_chain_of_steps_closes_to_the_gram_and_says_where_to_stop(): void
    {
        // spinach, 91.4 % water: 1 kg blanched to 500 g, squeezed to 400 g
        $chain = new PrepSteps(1000, [500.0, 400.0], 0.914, 1.0);
        self::assertSame([500.0, 100.0], $chain->lossesGrams());
        self::assertEqualsWithDelta(1000, array_sum($chain->lossesGrams()) + $chain->nowGrams(), 1e-9);
        self::assertEqualsWithDelta(314, $chain->waterGrams(2), 1e-9);
        self::assertEqualsWithDelta(380, $chain->stopAtGrams(30, 0.35), 1e-9);
        self::assertEqualsWithDelta(1000, $chain->stopAtGrams(9000, 0.35), 1e-9);
        self::assertEqualsWithDelta(1000, (new PrepSteps(1000, [], 0.914, 1.0))->nowGrams(), 1e-9);
    }
}
