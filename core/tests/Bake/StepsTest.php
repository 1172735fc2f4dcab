<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\BakeResult;
use Hojaldre\Core\Bake\Resolution;
use Hojaldre\Core\Bake\Simulation;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Weights;
use PHPUnit\Framework\TestCase;

/** What the steps of time cost, against steps so small that smaller ones change nothing. */
final class StepsTest extends TestCase
{
    private const NAMES = [
        'oblong 35 by 11 cm, 190 °C weighted 10, bare 12; eggs, cream, cultured cream, cheese, bacon; 190 °C',
        'raw 4.5 mm crust 20 cm; eggs, cultured cream, fried vegetables; 180 °C',
        'steak pie, cold stew under puff; 200 °C',
    ];

    public function test_the_steps_of_a_fine_bake_cost_a_cook_nothing_that_can_be_seen(): void
    {
        foreach (self::NAMES as $name) {
            [$fine, $true] = [self::bake($name, Resolution::fine()), self::bake($name, Resolution::bySteps(2))];
            self::assertEqualsWithDelta(self::finite($true->minute(BakeEvent::Set)), self::finite($fine->minute(BakeEvent::Set)), 0.5, "$name: set");
            self::assertEqualsWithDelta($true->minute(BakeEvent::Golden), $fine->minute(BakeEvent::Golden), 1.25, "$name: golden");
            self::assertEqualsWithDelta($true->browned->topIndex, $fine->browned->topIndex, 0.1 * $true->browned->topIndex, "$name: top");
            if (! is_nan($true->basePercent)) {
                self::assertEqualsWithDelta($true->basePercent, $fine->basePercent, 0.6, "$name: base");
            }
        }
    }

    /** Halve the steps and the error must shrink: the scheme goes the right way. */
    public function test_smaller_steps_come_nearer(): void
    {
        $true = self::bake(self::NAMES[0], Resolution::bySteps(2))->minute(BakeEvent::Set);
        $errors = array_map(static fn (float $seconds): float => abs(self::bake(self::NAMES[0], Resolution::bySteps($seconds))->minute(BakeEvent::Set) - $true), [40.0, 20.0, 10.0]);
        self::assertGreaterThan($errors[1], $errors[0]);
        self::assertGreaterThan($errors[2], $errors[1]);
    }

    private static function finite(float $minute): float
    {
        return is_finite($minute) ? $minute : 0.0;
    }

    private static function bake(string $name, Resolution $resolution): BakeResult
    {
        return Simulation::run(BakeInputs::of(Weights::of(Practice::timed()[$name][0])), resolution: $resolution);
    }
}
