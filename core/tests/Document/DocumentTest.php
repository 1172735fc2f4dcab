<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Document;

use Hojaldre\Core\Document\DocumentReader;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Food\Composition;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\Oven;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Tests\TroutQuiche;
use Hojaldre\Core\Tin\StraightTin;
use Hojaldre\Core\Tin\Tin;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a class declares of itself is what is read, written and refused. */
final class DocumentTest extends TestCase
{
    public function test_one_of_several_kinds_is_told_by_its_word(): void
    {
        $tin = DocumentReader::read(Tin::class, ['shape' => 'round-straight', 'diameterMm' => 240, 'depthMm' => 35]);
        self::assertEquals(new StraightTin(240, 35), $tin);
        self::assertSame(['shape' => 'round-straight', 'diameterMm' => 240.0, 'depthMm' => 35.0], DocumentWriter::write($tin));
        self::assertEquals(TroutQuiche::leeks(), DocumentReader::read(Layer::class, self::decoded(TroutQuiche::leeks())));
    }

    public function test_what_may_be_missing_is_null_and_never_left_out(): void
    {
        $bake = new BakePlan([new Stage(180, OvenMode::Static, 40)]);
        $written = self::decoded($bake);
        self::assertArrayHasKey('oven', $written);
        self::assertNull($written['oven']);
        self::assertEquals($bake, DocumentReader::read(BakePlan::class, $written));
        unset($written['oven']);
        self::assertSame([['missing-object', '/oven']], self::refused(BakePlan::class, $written));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> what is changed of an oven, code, place */
    public static function slips(): iterable
    {
        yield 'a number above its range' => [['runsByKelvins' => 61], 'out-of-range', '/runsByKelvins'];
        yield 'a number below its range' => [['runsByKelvins' => -60.5], 'out-of-range', '/runsByKelvins'];
        yield 'a number in words' => [['runsByKelvins' => '5'], 'not-a-number', '/runsByKelvins'];
        yield 'no number' => [['runsByKelvins' => null], 'missing-number', '/runsByKelvins'];
        yield 'an empty name' => [['name' => ''], 'not-a-text', '/name'];
        yield 'a name too long by a letter' => [['name' => str_repeat('ä', 61)], 'not-a-text', '/name'];
        yield 'broken letters' => [['name' => "\xff"], 'not-a-text', '/name'];
        yield 'no name' => [['name' => null], 'missing-text', '/name'];
        yield 'something more' => [['a/b~c' => 1], 'unknown-field', '/a~1b~0c'];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('slips')]
    public function test_a_slip_is_named_with_its_place(array $change, string $code, string $at): void
    {
        self::assertSame([[$code, $at]], self::refused(Oven::class, [...['name' => 'Old', 'runsByKelvins' => 5], ...$change]));
    }

    public function test_the_ends_of_a_range_are_inside_it(): void
    {
        foreach ([-60, 60] as $kelvins) {
            self::assertSame((float) $kelvins, DocumentReader::read(Oven::class, ['name' => str_repeat('ä', 60), 'runsByKelvins' => $kelvins])->runsByKelvins);
        }
    }

    public function test_all_slips_of_a_list_are_told_at_once_each_at_its_place(): void
    {
        $bake = self::decoded(new BakePlan([new Stage(180, OvenMode::Static, 40), new Stage(170, OvenMode::Fan, 10)]));
        $bake['stages'][0]['minutes'] = 'long';
        $bake['stages'][1]['mode'] = 'steam';
        self::assertSame([['not-a-number', '/stages/0/minutes'], ['not-one-of', '/stages/1/mode']], self::refused(BakePlan::class, $bake));
        self::assertSame([['too-few', '/stages']], self::refused(BakePlan::class, ['stages' => []] + $bake));
        self::assertSame([['not-a-list', '/stages']], self::refused(BakePlan::class, ['stages' => ['a' => 1]] + $bake));
        self::assertSame([['too-many', '/stages']], self::refused(BakePlan::class, ['stages' => array_fill(0, 50, $bake['stages'][0])] + $bake));
    }

    public function test_rules_between_fields_are_asked_only_where_each_field_is_well(): void
    {
        $milk = self::decoded(Pantry::food('whole-milk')->per100g);
        self::assertSame([['does-not-sum', '']], array_map(static fn (array $one): array => [$one[0], ''], self::refused(Composition::class, ['water' => 20] + $milk)));
        self::assertSame([['out-of-range', '/water']], self::refused(Composition::class, ['water' => 200] + $milk));
    }

    public function test_named_numbers_keep_their_names_in_one_order_and_an_empty_object_stays_one(): void
    {
        $egg = self::decoded(Pantry::food('egg'));
        $turned = ['pieces' => array_reverse($egg['pieces'], true)] + $egg;
        self::assertSame(json_encode(DocumentWriter::write(Pantry::food('egg'))), json_encode(DocumentWriter::write(DocumentReader::read(Food::class, $turned))));
        self::assertStringContainsString('"pieces":{}', (string) json_encode(DocumentWriter::write(Pantry::food('salt')->withPieces([]))));
        self::assertSame([['name-not-plain', '/pieces/Big one']], self::refused(Food::class, ['pieces' => ['Big one' => 5]] + $egg));
        self::assertSame([['out-of-range', '/pieces/large']], self::refused(Food::class, ['pieces' => ['large' => 0]] + $egg));
        self::assertSame([['twice', '/allergens/1']], self::refused(Food::class, ['allergens' => ['egg', 'egg']] + $egg));
    }

    public function test_what_is_no_object_at_all_is_refused_as_that(): void
    {
        self::assertSame([['not-an-object', '']], self::refused(Oven::class, [1, 2]));
        self::assertSame([['missing-object', '']], self::refused(Oven::class, null));
        self::assertSame([['missing-word', '/shape']], self::refused(Tin::class, ['diameterMm' => 240]));
        self::assertSame([['not-one-of', '/shape']], self::refused(Tin::class, ['shape' => 'heart']));
    }

    /** @return array<string, mixed> */
    private static function decoded(object $one): array
    {
        return (array) json_decode((string) json_encode(DocumentWriter::write($one)), true);
    }

    /**
     * @param  class-string  $class
     * @return list<array{string, string}>
     */
    private static function refused(string $class, mixed $data): array
    {
        try {
            DocumentReader::read($class, $data);
        } catch (Refused $refused) {
            return array_map(static fn (Refusal $one): array => [$one->code, $one->at], $refused->refusals);
        }
        self::fail('It was taken.');
    }
}
