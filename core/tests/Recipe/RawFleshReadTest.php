<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Recipe;

use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Food\Names;
use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\VolumeSystem;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Recipe\IngredientReader;
use Hojaldre\Core\Recipe\LineKind;
use Hojaldre\Core\Recipe\RecipeReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a pasted recipe says of flesh, decided by hand (common practice, no source): raw stays raw, and what was cooked is not asked for. */
final class RawFleshReadTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> */
    public static function lines(): iterable
    {
        foreach (file(__DIR__.'/data/raw-flesh.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $at => $row) {
            [$state, $line, $method] = [...explode('|', $row, 3), '', ''];
            if (! str_starts_with($row, '#')) {
                yield "$at $line: $method" => [$state, $line, $method];
            }
        }
    }

    /** Raw, or not taken in at all and asked for. */
    #[DataProvider('lines')]
    public function test_flesh_is_raw_until_the_words_cook_it(string $state, string $line, string $method): void
    {
        $read = RecipeReader::read("Test pie\n\nIngredients\n320 g shortcrust pastry\n$line\n2 leeks\n3 eggs\n200 ml cream\n\nMethod\n1. $method\n2. Line a 23 cm tin. Bake at 180 C for 40 minutes.\n", Names::with([]), null, EggSizing::Us);
        $isRaw = array_filter($read->pie->layers, static fn ($one): bool => $one instanceof SolidLayer && $one->isRaw()) !== [];
        $waits = array_filter($read->lines, static fn ($one): bool => $one->kind === LineKind::Waiting && $one->text === $line) !== [];
        self::assertSame($state !== 'cooked', $isRaw || $waits);
    }

    /** A made thing under a plain food's name has other allergens: nobody is told the plain food's. */
    #[TestWith(['100 g chicken kiev'])]
    #[TestWith(['100 g breaded chicken'])]
    #[TestWith(['100 g battered fish'])]
    #[TestWith(['100 g fish fingers'])]
    #[TestWith(['2 scotch eggs'])]
    #[TestWith(['100 g vegan cheese'])]
    #[TestWith(['100 g veggie bacon'])]
    #[TestWith(['320 g almond pastry'])]
    public function test_a_made_thing_is_not_the_food_that_it_is_named_after(string $line): void
    {
        self::assertSame([], (new IngredientReader(CookUnits::of(VolumeSystem::Metric), EggSizing::Us, Names::with([])))->read($line));
    }

    /** What only sounds like one is read (facts of the trade). */
    #[TestWith(['1 scotch bonnet chilli', 'chilli'])]
    #[TestWith(['100 g vegetarian parmesan', 'parmesan'])]
    #[TestWith(['100 g salad cream', 'salad-cream'])]
    #[TestWith(['320 g gluten free pastry', 'gluten-free-shortcrust'])]
    public function test_what_only_sounds_like_a_made_thing_is_read(string $line, string $food): void
    {
        $read = (new IngredientReader(CookUnits::of(VolumeSystem::Metric), EggSizing::Us, Names::with([])))->read($line);
        self::assertStringContainsString($food, $read[0]->food->id);
    }
}
