<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Food;

use Hojaldre\Core\Food\AmountParser;
use Hojaldre\Core\Food\EggSizes;
use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\VolumeSystem;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class EggSizesTest extends TestCase
{
    /** docs/sources.md#eu-589-2008: M 53 to 63 g and L 63 to 73 g in the shell, of which the shell is about 11 %. */
    #[TestWith(['medium', 53, 63])]
    #[TestWith(['large', 63, 73])]
    public function test_a_european_egg_lies_in_its_class(string $size, float $from, float $to): void
    {
        $egg = EggSizes::apply(Pantry::food('egg'), EggSizing::Eu);
        self::assertGreaterThan($from * 0.89, $egg->pieces[$size]);
        self::assertLessThan($to * 0.89, $egg->pieces[$size]);
    }

    /** docs/sources.md#usda-sr-legacy: a large egg is 50 g, a medium 44 g, an extra large 56 g; its yolk 17 g, its white 33 g. */
    public function test_an_american_egg_weighs_what_the_table_says(): void
    {
        $pieces = static fn (string $id): array => EggSizes::apply(Pantry::food($id), EggSizing::Us)->pieces;
        self::assertSame([44.0, 50.0, 56.0], array_values($pieces('egg')));
        self::assertSame(17.0, $pieces('egg-yolk')['large']);
        self::assertSame(33.0, $pieces('egg-white')['large']);
    }

    public function test_a_yolk_and_a_white_make_an_egg(): void
    {
        foreach (EggSizing::cases() as $name) {
            foreach (EggSizes::apply(Pantry::food('egg'), $name)->pieces as $size => $grams) {
                $parts = EggSizes::apply(Pantry::food('egg-yolk'), $name)->pieces[$size] + EggSizes::apply(Pantry::food('egg-white'), $name)->pieces[$size];
                self::assertEqualsWithDelta($grams, $parts, 0.5);
            }
        }
    }

    public function test_other_foods_keep_their_pieces(): void
    {
        self::assertEquals(Pantry::food('leeks'), EggSizes::apply(Pantry::food('leeks'), EggSizing::Eu));
    }

    #[TestWith(['3 large eggs + 1 yolk', EggSizing::Us, 150.0, '3 large eggs', 'egg-yolk', '1 large', 17.0])]
    #[TestWith(['3 large eggs and 2 medium yolks', EggSizing::Eu, 183.0, '3 large eggs', 'egg-yolk', '2 medium', 35.4])]
    #[TestWith(['2 eggs + 1 white', EggSizing::Us, 100.0, '2 eggs', 'egg-white', '1 large', 33.0])]
    public function test_eggs_and_a_yolk_are_two_amounts(string $words, EggSizing $sizes, float $grams, string $own, string $other, string $otherWords, float $otherGrams): void
    {
        $entry = (new AmountParser(CookUnits::of(VolumeSystem::Metric)))->read($words, EggSizes::apply(Pantry::food('egg'), $sizes));
        self::assertEqualsWithDelta($grams, $entry->value, 0.01);
        self::assertSame($own, $entry->words);
        self::assertSame([$other, $otherWords], [$entry->others[0]->food, $entry->others[0]->words]);
        self::assertEqualsWithDelta($otherGrams, $entry->others[0]->grams, 0.01);
    }

    #[TestWith(['4 eggs', 200.0])]
    #[TestWith(['1 extra large', 56.0])]
    #[TestWith(['200 g in the shell', 178.0])]
    public function test_eggs_are_counted_or_weighed_in_or_out_of_the_shell(string $words, float $grams): void
    {
        self::assertEqualsWithDelta($grams, (new AmountParser(CookUnits::of(VolumeSystem::Us)))->read($words, EggSizes::apply(Pantry::food('egg'), EggSizing::Us))->value, 0.01);
    }
}
