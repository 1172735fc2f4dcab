<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Safety;

use Hojaldre\Core\Safety\Lethality;
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
}
