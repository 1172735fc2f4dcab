<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Measure;

use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\OvenHeat;
use Hojaldre\Core\Measure\QuantityParser;
use Hojaldre\Core\Measure\VolumeSystem;
use Hojaldre\Core\Refusal\Refused;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class QuantityParserTest extends TestCase
{
    #[TestWith(['24 cm', 240.0])]
    #[TestWith(['9 1/2 in', 241.3])]
    #[TestWith(['9"', 228.6])]
    #[TestWith(['35mm', 35.0])]
    #[TestWith(['3,5 cm', 35.0])]
    public function test_a_tin_may_be_measured_with_any_ruler(string $words, float $mm): void
    {
        self::assertEqualsWithDelta($mm, QuantityParser::length($words)->value, 1e-9);
    }

    #[TestWith(['1.2 l', 1200.0])]
    #[TestWith(['1 l 250 ml', 1250.0])]
    #[TestWith(['4 cups', 1000.0])]
    public function test_a_dish_may_be_measured_with_water(string $words, float $ml): void
    {
        self::assertEqualsWithDelta($ml, QuantityParser::volume($words, CookUnits::of(VolumeSystem::Metric))->value, 1e-9);
    }

    #[TestWith(['175 °C', 175.0])]
    #[TestWith(['350 F', 176.67])]
    #[TestWith(['350°F', 176.67])]
    #[TestWith(['180 C fan', 180.0])]
    #[TestWith(['gas 4', 180.0])]
    #[TestWith(['Gas mark 6', 207.8])]
    #[TestWith(['gas 1/2', 131.39])]
    public function test_an_oven_may_be_read_on_either_scale(string $words, float $celsius): void
    {
        self::assertEqualsWithDelta($celsius, OvenHeat::read($words)->value, 0.03);
    }

    #[TestWith(['44 min', 44.0])]
    #[TestWith(['1 h 10', 70.0])]
    #[TestWith(['1 h 10 min', 70.0])]
    #[TestWith(['1 1/2 hours', 90.0])]
    #[TestWith(['90 s', 1.5])]
    public function test_a_time_may_be_written_as_it_is_said(string $words, float $minutes): void
    {
        self::assertEqualsWithDelta($minutes, QuantityParser::minutes($words)->value, 1e-9);
    }

    #[TestWith(['length', '24', 'unit-missing'])]
    #[TestWith(['length', '2 feet', 'unit-unknown'])]
    #[TestWith(['temperature', '280', 'unit-missing'])]
    #[TestWith(['minutes', 'a while', 'number-missing'])]
    #[TestWith(['length', '-3 cm', 'number-not-understood'])]
    #[TestWith(['length', '1/0 cm', 'fraction-over-zero'])]
    public function test_a_slip_is_refused_by_its_code(string $kind, string $words, string $code): void
    {
        try {
            match ($kind) {
                'length' => QuantityParser::length($words),
                'temperature' => OvenHeat::read($words),
                default => QuantityParser::minutes($words),
            };
            self::fail('It was taken.');
        } catch (Refused $refused) {
            self::assertSame($code, $refused->refusals[0]->code);
        }
    }
}
