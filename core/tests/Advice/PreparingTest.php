<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Advice;

use Hojaldre\Core\Advice\Preparing;
use Hojaldre\Core\Forecast\Bill;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Step;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Tests\RandomPie;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

final class PreparingTest extends TestCase
{
    public function test_a_known_step_brings_the_weight_kitchens_say_and_an_unknown_one_leaves_it(): void
    {
        $raw = TroutQuiche::pie()->withLayer(TroutQuiche::leeks()->withSteps([]));
        $bought = TroutQuiche::leeks()->bought->grams;
        $sweated = Preparing::step($raw, TroutQuiche::leeks()->id, 'sweated')->solids()[0];
        self::assertEqualsWithDelta($bought * 0.70, $sweated->now->grams, 1);
        $sung = Preparing::step($raw, TroutQuiche::leeks()->id, 'sung to')->solids()[0];
        self::assertSame($bought, $sung->now->grams);
        self::assertSame('sung to', $sung->steps[0]->preparation);
    }

    public function test_the_weight_to_stop_at_leaves_just_the_weep_that_was_wanted(): void
    {
        $leeks = TroutQuiche::leeks();
        foreach ([0.0, 10.0, 35.0] as $weep) {
            $pie = Preparing::toWeep(TroutQuiche::pie(), $leeks->id, $weep);
            self::assertEqualsWithDelta($weep, $pie->solids()[0]->water()->weepGrams, 0.01);
        }
        $this->expectException(Refused::class);
        Preparing::toWeep(TroutQuiche::pie(), $leeks->id, 5000);
    }

    public function test_leeks_that_have_lost_all_they_can_weep_no_more_and_the_refusal_says_how_much_they_had(): void
    {
        $leeks = TroutQuiche::leeks();
        $floor = $leeks->food->floorYield * $leeks->bought->grams;
        $dry = $leeks->withSteps([new Step('sweated', $leeks->bought->scaled($leeks->food->floorYield, $leeks->food)), new Step('pressed', $leeks->bought->scaled($leeks->food->floorYield, $leeks->food))]);
        try {
            Preparing::toWeep(TroutQuiche::pie()->withLayer($dry), $leeks->id, 50);
            self::fail('50 g of weep were promised of dry leeks.');
        } catch (Refused $refused) {
            self::assertSame('weep-out-of-range', $refused->refusals[0]->code);
            self::assertEqualsWithDelta(['mostGrams' => 0.0, 'beforeGrams' => $floor], $refused->refusals[0]->with, 1e-6);
        }
    }

    public function test_salted_and_drained_keeps_less_salt_than_salted_and_not_drained(): void
    {
        $leeks = TroutQuiche::leeks();
        $with = static fn (float $after): float => $leeks->withSteps([new Step('salted', $leeks->bought->scaled($after, $leeks->food), 8.0)])->stepSaltGrams();
        self::assertEqualsWithDelta(8.0, $with(1.0), 1e-6);
        self::assertLessThan(6.5, $with(0.7));
        $salty = Weights::of(TroutQuiche::pie()->withLayer($leeks->withSteps([new Step('salted', $leeks->bought, 8.0)])))->salt()->grams();
        $plain = Weights::of(TroutQuiche::pie()->withLayer($leeks->withSteps([new Step('salted', $leeks->bought)])))->salt()->grams();
        self::assertEqualsWithDelta(8.0, $salty - $plain, 1e-6);
    }

    public function test_the_water_ledger_of_the_whole_pie_closes(): void
    {
        foreach (RandomPie::many(60, seed: 31) as $pie) {
            $weights = Weights::of($pie);
            $weep = $bound = 0.0;
            foreach ($weights->water as $water) {
                $weep += $water->weepGrams;
                $bound += $water->boundGrams;
            }
            self::assertEqualsWithDelta($weep, $bound + $weights->absorbedGrams + $weights->freeGrams, 1e-6);
            self::assertGreaterThanOrEqual(-1e-9, $weights->freeGrams);
        }
    }

    public function test_a_bill_for_six_tins_is_six_times_the_bill_for_one_and_priced_where_prices_are_known(): void
    {
        $one = Bill::of(TroutQuiche::pie(), 1);
        $six = Bill::of(TroutQuiche::pie(), 6, ['leeks' => 3.0]);
        foreach ($one->lines as $i => $line) {
            self::assertEqualsWithDelta(6 * $line->ingredient->grams(), $six->lines[$i]->ingredient->grams(), 0.5, $line->ingredient->food->name);
        }
        self::assertSame(count($six->lines) - 1, $six->unpriced);
        self::assertEqualsWithDelta(6 * TroutQuiche::leeks()->bought->grams / 1000 * 3, $six->cost, 0.01);
        self::assertNull($one->cost);
    }
}
