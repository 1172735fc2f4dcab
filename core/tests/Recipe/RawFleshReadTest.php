<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Recipe;

use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Food\Names;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Recipe\LineKind;
use Hojaldre\Core\Recipe\RecipeReader;
use PHPUnit\Framework\Attributes\DataProvider;
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
}
