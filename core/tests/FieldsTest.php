<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests;

use Hojaldre\Core\Faults;
use Hojaldre\Core\Fields;
use Hojaldre\Core\Refusal;
use Hojaldre\Core\Refused;
use PHPUnit\Framework\TestCase;

final class FieldsTest extends TestCase
{
    public function test_what_is_right_is_read_and_nothing_is_refused(): void
    {
        $faults = new Faults;
        $fields = new Fields(['grams' => 5, 'name' => 'Leeks', 'pieces' => ['large' => 220], 'none' => null, 'layers' => [['id' => 'a']]], '', $faults);
        self::assertSame(5.0, $fields->number('grams', 0, 10, 'g'));
        self::assertSame('Leeks', $fields->text('name', 1, 10));
        self::assertSame(['large' => 220.0], $fields->namedNumbers('pieces', 3, 0, 500, 'g'));
        self::assertNull($fields->numberOrNull('none', 0, 1, 'g'));
        self::assertSame('a', $fields->objects('layers', 3)[0]->text('id', 1, 5));
        $fields->nothingElse();
        $faults->throwIfAny();
    }

    public function test_every_fault_is_told_with_its_place_and_reading_goes_on(): void
    {
        $refusals = self::refused(['grams' => 'five', 'name' => '', 'kind' => 'cake', 'tin' => [1], 'layers' => [7, ['id' => 3]], 'extra' => 1], static function (Fields $fields): void {
            $fields->number('grams', 0, 10, 'g');
            $fields->text('name', 1, 10);
            $fields->oneOf('kind', ['pie', 'tart']);
            $fields->object('tin')->number('depthMm', 1, 2, 'mm');
            foreach ($fields->objects('layers', 5) as $layer) {
                $layer->text('id', 1, 5);
            }
            $fields->nothingElse();
        });
        self::assertSame(['/grams', '/name', '/kind', '/tin', '/layers/0', '/layers/1/id', '/extra'], array_map(static fn (Refusal $one): string => $one->at, $refusals));
        self::assertSame('"kind" must be one of: pie, tart.', $refusals[2]->mend);
    }

    public function test_a_strange_name_of_a_field_makes_a_proper_pointer(): void
    {
        $refusals = self::refused(['a/b~c' => 1], static fn (Fields $fields) => $fields->nothingElse());
        self::assertSame('/a~1b~0c', $refusals[0]->at);
    }

    public function test_a_list_too_long_or_a_word_twice_is_refused(): void
    {
        $refusals = self::refused(['layers' => [[], [], []], 'allergens' => ['egg', 'egg']], static function (Fields $fields): void {
            $fields->objects('layers', 2);
            $fields->wordsOf('allergens', ['egg', 'milk']);
        });
        self::assertSame(['too-many', 'not-one-of'], array_map(static fn (Refusal $one): string => $one->code, $refusals));
    }

    public function test_no_more_than_fifty_faults_are_told(): void
    {
        self::assertCount(50, self::refused(['layers' => range(1, 80)], static fn (Fields $fields) => $fields->objects('layers', 100)));
    }

    public function test_numbers_that_are_none_are_refused(): void
    {
        foreach ([NAN, INF, true, '5', [], null] as $value) {
            self::assertCount(1, self::refused(['grams' => $value], static fn (Fields $fields) => $fields->number('grams', 0, 10, 'g')));
        }
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  callable(Fields): mixed  $read
     * @return non-empty-list<Refusal>
     */
    private static function refused(array $data, callable $read): array
    {
        $faults = new Faults;
        $read(new Fields($data, '', $faults));
        try {
            $faults->throwIfAny();
        } catch (Refused $refused) {
            return $refused->refusals;
        }
        self::fail('Nothing was refused.');
    }
}
