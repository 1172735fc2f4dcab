<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Food;

use Hojaldre\Core\Food\AmountParser;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\Entry;
use Hojaldre\Core\Measure\LikelyLength;
use Hojaldre\Core\Measure\OvenHeat;
use Hojaldre\Core\Measure\QuantityParser;
use Hojaldre\Core\Measure\VolumeSystem;
use Hojaldre\Core\Refusal\Refused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A table of what cooks say and what they mean by it, written by hand (common practice, no source). Kitchen measures are metric. */
final class PhrasesTest extends TestCase
{
    /** @return iterable<string, array{array<string, string>}> */
    public static function phrases(): iterable
    {
        $handle = fopen(__DIR__.'/../Measure/data/phrases.csv', 'r');
        self::assertNotFalse($handle);
        $columns = array_map(strval(...), fgetcsv($handle, escape: '') ?: []);
        while (($line = fgetcsv($handle, escape: '')) !== false) {
            $one = array_combine($columns, array_map(strval(...), $line));
            yield "{$one['what']} {$one['of']}: {$one['words']}" => [$one];
        }
    }

    public function test_there_are_three_hundred_of_them(): void
    {
        self::assertGreaterThanOrEqual(300, iterator_count(self::phrases()));
    }

    /** @param  array<string, string>  $phrase */
    #[DataProvider('phrases')]
    public function test_what_cooks_say_is_read_as_they_mean_it(array $phrase): void
    {
        try {
            $entry = self::read($phrase['what'], $phrase['of'], $phrase['words']);
        } catch (Refused $refused) {
            self::assertSame('REFUSED', $phrase['value'], $refused->refusals[0]->code);

            return;
        }
        self::assertNotSame('REFUSED', $phrase['value'], "It was taken for $entry->value.");
        self::assertEqualsWithDelta((float) $phrase['value'], $entry->value, 0.012 * (float) $phrase['value'] + 0.005);
        if ($phrase['least'] !== '') {
            self::assertEqualsWithDelta((float) $phrase['least'], $entry->span()->least, 0.12 * (float) $phrase['value']);
            self::assertEqualsWithDelta((float) $phrase['most'], $entry->span()->most, 0.12 * (float) $phrase['value']);
            self::assertSame($phrase['least'] === $phrase['most'], $entry->span()->isExact());
        }
        self::assertAfter($phrase['after'], $entry);
    }

    private static function assertAfter(string $after, Entry $entry): void
    {
        if (in_array($after, ['fan', 'static'], true)) {
            self::assertSame($after === 'fan', $entry->isFan);
        } elseif (str_starts_with($after, '+')) {
            self::assertEqualsWithDelta((float) $after, array_sum(array_column($entry->others, 'grams')), 0.5);
        } elseif ($after !== '') {
            self::assertNotNull($entry->after, 'No weight after was read.');
            self::assertEqualsWithDelta((float) $after, $entry->after->value, 1.0);
        }
        self::assertCount(str_starts_with($after, '+') ? 1 : 0, $entry->others);
    }

    private static function read(string $what, string $of, string $words): Entry
    {
        $units = CookUnits::of(VolumeSystem::Metric);

        return match ($what) {
            'g' => (new AmountParser($units))->read($words, Pantry::food($of)),
            'min' => QuantityParser::minutes($words),
            'heat' => OvenHeat::read($words),
            'ml' => QuantityParser::volume($words, $units),
            'thick' => QuantityParser::length($words, LikelyLength::Thickness),
            'width' => QuantityParser::length($words, LikelyLength::Width),
            default => QuantityParser::length($words),
        };
    }
}
