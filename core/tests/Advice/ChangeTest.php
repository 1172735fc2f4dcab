<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Advice;

use Hojaldre\Core\Advice\Change;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

final class ChangeTest extends TestCase
{
    public function test_only_the_places_that_differ_are_named(): void
    {
        $changes = Change::between(DocumentWriter::write(TroutQuiche::pie()), DocumentWriter::write(TroutQuiche::withLeeks(280)));
        self::assertSame(
            [['at' => '/layers/0/steps/0/after/words', 'to' => '280 g'], ['at' => '/layers/0/steps/0/after/grams', 'to' => 280.0]],
            array_map(static fn (Change $change): array => ['at' => $change->at, 'to' => $change->to], $changes),
        );
    }

    public function test_the_same_design_differs_nowhere(): void
    {
        self::assertSame([], Change::between(DocumentWriter::write(TroutQuiche::pie()), DocumentWriter::write(TroutQuiche::pie())));
    }

    public function test_a_list_that_grew_is_put_down_whole_and_so_is_a_thing_where_there_was_none(): void
    {
        $at = static fn (array $before, array $after): array => array_map(static fn (Change $change): array => [$change->at, $change->to], Change::between($before, $after));
        self::assertSame([['/eggs', [1, 2]]], $at(['eggs' => [1]], ['eggs' => [1, 2]]));
        self::assertSame([['/binder', ['grams' => 5]]], $at(['binder' => null], ['binder' => ['grams' => 5]]));
        self::assertSame([['/binder', null]], $at(['binder' => ['grams' => 5]], ['binder' => null]));
    }
}
