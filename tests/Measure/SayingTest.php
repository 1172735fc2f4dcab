<?php

declare(strict_types=1);

namespace Tests\Measure;

use App\Measure\EntryKind;
use App\Measure\EntryWords;
use App\Measure\Saying;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\TemperatureScale;
use Hojaldre\Core\Measure\VolumeSystem;
use PHPUnit\Framework\TestCase;

/** What is shown as a way to say something must be understood when it is said. */
final class SayingTest extends TestCase
{
    public function test_each_example_is_understood_and_each_kind_has_some(): void
    {
        $kinds = [];
        foreach (Saying::all() as $saying) {
            $kinds[$saying->kind->value] = true;
            // "down to half" is said of a weight after a step
            $bought = $saying->words === 'down to half' ? 400.0 : null;
            $words = new EntryWords($saying->kind, $saying->words, Pantry::food('leeks'), $bought, '');
            self::assertGreaterThan(0, $words->read(CookUnits::of(VolumeSystem::Metric), TemperatureScale::Celsius)->value, $saying->words);
        }
        self::assertCount(count(EntryKind::cases()), $kinds);
    }
}
