<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Custard;

use Hojaldre\Core\Custard\Solver\CustardSolver;
use Hojaldre\Core\Custard\Solver\Dairy;
use Hojaldre\Core\Custard\Solver\Wish;
use PHPUnit\Framework\TestCase;

/** Exactness against an outside solver is checked in web/test/solver.test.ts; here what a cook would dispute. */
final class SolverTest extends TestCase
{
    private static function milk(float $most = INF): Dairy
    {
        return new Dairy('milk', 1 / 1.03, 1, 0.033, $most);
    }

    private static function cream(float $most = INF): Dairy
    {
        return new Dairy('cream', 1 / 0.99, 1, 0.48, $most);
    }

    public function test_every_answer_fills_the_gap_and_stays_within_the_fridge(): void
    {
        $wish = new Wish(600, 30, 92.5, 0.18, 6, 2);
        $answers = CustardSolver::answers($wish, [self::milk(300), self::cream(200)]);
        self::assertCount(3, $answers);
        foreach ($answers as $answer) {
            $ml = $answer->eggs * 50 / 1.03 + $answer->yolks * 17 / 1.03 + ($answer->grams['milk'] ?? 0) / 1.03 + ($answer->grams['cream'] ?? 0) / 0.99;
            self::assertEqualsWithDelta(600, $ml, 1e-3);
            self::assertLessThanOrEqual(300 + 1e-6, $answer->grams['milk'] ?? 0);
            self::assertLessThanOrEqual(200 + 1e-6, $answer->grams['cream'] ?? 0);
            self::assertLessThanOrEqual(6, $answer->eggs);
            self::assertLessThanOrEqual(2, $answer->yolks);
            // a whole egg has 9.51 g of fat in 100, a yolk 26.54 (food tables, from memory)
            [$milk, $cream] = [$answer->grams['milk'] ?? 0.0, $answer->grams['cream'] ?? 0.0];
            $fat = $answer->eggs * 50 * 0.0951 + $answer->yolks * 17 * 0.2654 + self::milk()->fat * $milk + self::cream()->fat * $cream;
            self::assertEqualsWithDelta(100 * $fat / ($answer->eggs * 50 + $answer->yolks * 17 + $milk + $cream), $answer->fatPercent, 1e-3);
            // a yolk sets as half an egg does; 30 g of weep thin it
            self::assertEqualsWithDelta(($milk + $cream + 30) / ($answer->eggs + $answer->yolks / 2), $answer->gramsPerEgg, 1e-3);
        }
    }

    public function test_the_best_comes_first_and_no_two_have_the_same_eggs(): void
    {
        $answers = CustardSolver::answers(new Wish(700, 20, 92.5, 0.15, 10, 4), [self::milk(), self::cream()]);
        $off = array_map(static fn ($one): float => $one->off, $answers);
        $sorted = $off;
        sort($sorted);
        self::assertSame($sorted, $off);
        self::assertCount(3, array_unique(array_map(static fn ($one): string => "$one->eggs+$one->yolks", $answers)));
    }

    /** Common practice, no source: the half-cup rule, one egg to 120 ml, makes 4 eggs of about 680 ml of trembling custard. */
    public function test_the_half_cup_rule_comes_out_where_it_is_asked_for(): void
    {
        $best = CustardSolver::answers(new Wish(4 * 50 / 1.03 + 480, 0, 480 * 1.03 / 4, 0.05, 8, 0), [self::milk()])[0];
        self::assertSame([4, 0], [$best->eggs, $best->yolks]);
        self::assertEqualsWithDelta(480 * 1.03, $best->grams['milk'], 0.5);
    }

    public function test_richer_means_more_cream_and_less_milk(): void
    {
        $cream = static fn (float $fat): float => CustardSolver::answers(new Wish(600, 0, 90, $fat, 5, 0), [self::milk(), self::cream()])[0]->grams['cream'] ?? 0.0;
        self::assertLessThan($cream(0.15), $cream(0.1));
        self::assertLessThan($cream(0.25), $cream(0.15));
    }

    public function test_weep_is_made_up_for_with_more_egg_or_less_dairy(): void
    {
        $best = static fn (float $weep) => CustardSolver::answers(new Wish(600, $weep, 92, 0.1, 12, 6), [self::milk(), self::cream()])[0];
        self::assertEqualsWithDelta($best(0)->gramsPerEgg, $best(80)->gramsPerEgg, 12);
        self::assertGreaterThanOrEqual($best(0)->eggs, $best(80)->eggs);
    }

    public function test_an_empty_fridge_has_no_answer(): void
    {
        self::assertSame([], CustardSolver::answers(new Wish(600, 0, 90, 0.1, 0, 0), [self::milk()]));
        self::assertSame([], CustardSolver::answers(new Wish(600, 0, 90, 0.1, 4, 0), []));
        self::assertSame([], CustardSolver::answers(new Wish(600, 0, 90, 0.1, 2, 0), [self::milk(100)]), 'too little to fill it');
    }
}
