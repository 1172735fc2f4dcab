<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Safety;

use Hojaldre\Core\Safety\HeatThrough;
use Hojaldre\Core\Safety\Lethality;
use Hojaldre\Core\Safety\Slab;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SafetyTest extends TestCase
{
    /** UK Food Standards Agency: 60 °C 45 min, 65 °C 10 min, 70 °C 2 min, 75 °C 30 s, 80 °C 6 s; published rounded, so to a fifth. */
    #[TestWith([60, 45.0])]
    #[TestWith([65, 10.0])]
    #[TestWith([70, 2.0])]
    #[TestWith([75, 0.5])]
    #[TestWith([80, 0.1])]
    public function test_equal_kill_agrees_with_the_published_pairs(int $celsius, float $minutes): void
    {
        self::assertEqualsWithDelta(1.0, Lethality::minutesAt($celsius) / $minutes, 0.2);
    }

    /** Incropera and DeWitt, Fundamentals of Heat and Mass Transfer, table 5.1 (plane wall), from memory. */
    #[TestWith([0.01, 0.0998, 1.0017])]
    #[TestWith([0.1, 0.3111, 1.0160])]
    #[TestWith([0.5, 0.6533, 1.0701])]
    #[TestWith([1.0, 0.8603, 1.1191])]
    #[TestWith([10.0, 1.4289, 1.2620])]
    public function test_the_slab_agrees_with_the_textbook_coefficients(float $biot, float $zeta, float $c1): void
    {
        $slab = Slab::withBiot($biot);
        self::assertEqualsWithDelta($zeta, $slab->zeta, 6e-5);
        self::assertEqualsWithDelta($c1, $slab->c1, 1.1e-4);
    }

    public function test_the_slab_agrees_with_a_step_by_step_solution(): void
    {
        // 27 mm, h 22, k 0.5, alpha 1.4e-7, from 10 °C in 150 °C: explicit differences over the half thickness
        $cells = 27;
        $dx = 0.0135 / $cells;
        $dt = 0.4 * $dx ** 2 / 1.4e-7;
        $t = array_fill(0, $cells, 10.0);
        $seconds = 0.0;
        while ($t[0] < 71 && $seconds < 7200) {
            $next = $t;
            for ($i = 0; $i < $cells; $i++) {
                $left = $i === 0 ? 0.0 : ($t[$i - 1] - $t[$i]) / $dx;
                $right = $i < $cells - 1 ? ($t[$i + 1] - $t[$i]) / $dx : (150 - $t[$i]) / (0.5 / 22 + $dx / 2);
                $next[$i] += 1.4e-7 * $dt / $dx * ($left + $right);
            }
            $t = $next;
            $seconds += $dt;
        }
        self::assertEqualsWithDelta($seconds / 60, HeatThrough::minutes(27, 10, 71, 175, 'static'), 0.3);
    }

    public function test_deeper_colder_or_a_cooler_oven_is_never_sooner_safe(): void
    {
        $base = HeatThrough::minutes(27, 10, 71, 175, 'static');
        self::assertGreaterThan($base, HeatThrough::minutes(35, 10, 71, 175, 'static'));
        self::assertGreaterThan($base, HeatThrough::minutes(27, 4, 71, 175, 'static'));
        self::assertGreaterThan($base, HeatThrough::minutes(27, 10, 74, 175, 'static'));
        self::assertGreaterThan($base, HeatThrough::minutes(27, 10, 71, 160, 'static'));
        self::assertLessThan($base, HeatThrough::minutes(27, 10, 71, 175, 'fan'));
    }

    public function test_an_oven_too_cool_never_makes_it_safe(): void
    {
        self::assertInfinite(HeatThrough::minutes(27, 10, 74, 95, 'static'));
        self::assertSame(0.0, HeatThrough::minutes(27, 75, 74, 175, 'static'));
    }
}
