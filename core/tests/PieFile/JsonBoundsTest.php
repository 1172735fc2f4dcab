<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\PieFile;

use Hojaldre\Core\PieFile\JsonBounds;
use PHPUnit\Framework\TestCase;

final class JsonBoundsTest extends TestCase
{
    public function test_an_object_may_have_two_hundred_keys_and_no_more(): void
    {
        $keys = static fn (int $count): string => (string) json_encode(array_combine(array_map(static fn (int $i): string => "k$i", range(1, $count)), range(1, $count)));
        self::assertTrue(JsonBounds::holds($keys(200)));
        self::assertFalse(JsonBounds::holds($keys(201)));
    }

    public function test_many_small_objects_are_no_large_one(): void
    {
        self::assertTrue(JsonBounds::holds((string) json_encode(array_fill(0, 500, ['a' => 1, 'b' => ['c' => 2]]))));
    }

    public function test_keys_are_counted_however_they_are_written(): void
    {
        $escaped = '{'.implode(',', array_map(static fn (int $i): string => sprintf('"\u003%d\u0030%d" : 1', $i % 10, $i), range(1, 201))).'}';
        self::assertFalse(JsonBounds::holds($escaped));
    }

    public function test_colons_and_braces_inside_a_text_are_text(): void
    {
        $note = ['notes' => str_repeat('{"a": \\ "b": ', 300)];
        self::assertTrue(JsonBounds::holds((string) json_encode($note)));
    }

    public function test_a_text_that_is_too_long_or_not_whole_is_not_read_to_its_end(): void
    {
        self::assertFalse(JsonBounds::holds('"'.str_repeat('a', JsonBounds::MOST_BYTES).'"'));
        self::assertTrue(JsonBounds::holds(str_repeat('}', 300).str_repeat(':', 300)), 'what is no JSON at all is for the decoder to refuse');
    }
}
