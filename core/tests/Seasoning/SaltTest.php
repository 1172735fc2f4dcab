<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Seasoning;

use Hojaldre\Core\Seasoning\Salt;
use Hojaldre\Core\Seasoning\SaltSource;
use PHPUnit\Framework\TestCase;

final class SaltTest extends TestCase
{
    public function test_salt_of_the_whole_is_the_sum_of_its_sources(): void
    {
        $salt = new Salt([new SaltSource('trout', false, 4.0), new SaltSource('salt', false, 6.0)], 1000);
        self::assertSame([10.0, 1.0], [$salt->grams(), $salt->percent()]);
        self::assertSame(0.0, (new Salt([], 0))->percent());
    }

    public function test_adding_what_it_says_gives_the_percentage_that_was_asked_its_own_weight_counted(): void
    {
        foreach ([[5.0, 1000.0, 1.1], [30.0, 900.0, 1.2], [0.0, 10.0, 5.0]] as [$grams, $filling, $percent]) {
            $add = (new Salt([new SaltSource('all', false, $grams)], $filling))->gramsToReach($percent);
            self::assertEqualsWithDelta($percent, (new Salt([new SaltSource('all', false, $grams + $add)], $filling + $add))->percent(), 1e-9);
        }
    }

    /** Common practice, no source: a level teaspoon (6 g) to about 600 g of unsalted filling seasons it. */
    public function test_a_teaspoon_seasons_a_small_filling(): void
    {
        $percent = (new Salt([new SaltSource('salt', false, 6.0)], 600))->percent();
        self::assertGreaterThan(Salt::LEAST_PERCENT, $percent);
        self::assertLessThan(Salt::MOST_PERCENT, $percent);
    }
}
