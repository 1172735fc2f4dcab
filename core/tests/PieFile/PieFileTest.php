<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\PieFile;

use Hojaldre\Core\Food\DoughKind;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\PieFile\JsonBounds;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Tests\RandomPie;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PieFileTest extends TestCase
{
    public function test_export_and_import_give_the_same_bytes_back(): void
    {
        foreach (RandomPie::many(200) as $pie) {
            $bytes = PieFile::write($pie);
            self::assertSame($bytes, PieFile::write(PieFile::read($bytes)));
        }
    }

    public function test_a_file_is_read_in_whatever_order_its_fields_stand(): void
    {
        $document = json_decode(self::file(), true);
        self::assertIsArray($document);
        $turned = json_encode(array_reverse($document));
        self::assertSame(self::file(), PieFile::write(PieFile::read((string) $turned)));
    }

    /** @return iterable<string, array{string, mixed, string}> pointer, what stands there, code */
    public static function slips(): iterable
    {
        yield 'a negative weight' => ['/layers/0/steps/0/after/grams', -5, 'out-of-range'];
        yield 'a weight in words' => ['/layers/0/steps/0/after/grams', '315 g', 'not-a-number'];
        yield 'heavier than bought' => ['/layers/0/steps/0/after/grams', 500, 'heavier-than-before'];
        yield 'drier than dry' => ['/layers/0/steps/0/after/grams', 20, 'drier-than-dry'];
        yield 'another format' => ['/format', 'cake', 'not-one-of'];
        yield 'a newer version' => ['/version', 9, 'version-too-new'];
        yield 'an unknown tin' => ['/tin/shape', 'heart', 'not-one-of'];
        yield 'a tin like a thimble' => ['/tin/diameterMm', 20, 'out-of-range'];
        yield 'an empty name' => ['/name', '', 'not-a-text'];
        yield 'a name with a tail' => ['/name', 'Quiche ', 'name-not-plain'];
        yield 'half a portion' => ['/portions', 2.5, 'not-whole'];
        yield 'layers that are none' => ['/layers', 'leeks', 'not-a-list'];
        yield 'a layer that is a number' => ['/layers/1', 7, 'not-an-object'];
        yield 'a composition that does not sum' => ['/layers/0/food/per100g/water', 40, 'does-not-sum'];
        yield 'salt as an egg' => ['/layers/2/eggs/0/food/role', 'seasoning', 'role-does-not-fit'];
        yield 'a slip of spelling' => ['/bake/minuts', 44, 'unknown-field'];
        yield 'a bulk above the truth' => ['/layers/0/food/bulkGramsPerMl', 2, 'bulk-above-true'];
        yield 'an allergen twice' => ['/crust/dough/allergens', ['milk', 'milk'], 'twice'];
        yield 'nothing where a tin belongs' => ['/tin', null, 'missing-object'];
        yield 'twice the same layer' => ['/layers/1/id', 'leeks', 'layer-twice'];
    }

    #[DataProvider('slips')]
    public function test_a_slip_is_named_with_its_place(string $at, mixed $to, string $code): void
    {
        $document = json_decode(self::file(), true);
        self::assertIsArray($document);
        $place = &$document;
        foreach (explode('/', substr($at, 1)) as $key) {
            $place = &$place[$key];
        }
        $place = $to;
        unset($place);
        $refusals = self::refusals((string) json_encode($document));
        $named = array_values(array_filter($refusals, static fn (Refusal $one): bool => $one->code === $code));
        self::assertNotSame([], $named, (string) json_encode($refusals));
        self::assertStringContainsString(dirname($at), $named[0]->at);
    }

    public function test_all_slips_of_a_file_are_told_at_once(): void
    {
        $broken = str_replace(['"thicknessMm": 3', '"minutes": 46', '"portions": 8'], ['"thicknessMm": 99', '"minutes": 0', '"portions": 0'], self::file());
        self::assertSame(['/portions', '/crust/thicknessMm', '/bake/stages/0/minutes'], array_map(static fn (Refusal $one): string => $one->at, self::refusals($broken)));
    }

    public function test_what_is_no_json_or_no_pie_is_refused_too(): void
    {
        $cut = substr(self::file(), 0, 700);
        self::assertSame('not-json', self::refusals($cut)[0]->code);
        self::assertSame('file-empty', self::refusals(" \n")[0]->code);
        self::assertSame('not-a-pie', self::refusals('[1, 2]')[0]->code);
        self::assertSame('not-a-pie', self::refusals('"pie"')[0]->code);
        self::assertSame('not-json', self::refusals("{\"name\": \"\xff\"}")[0]->code);
        self::assertSame('not-json', self::refusals(str_repeat('[', 100).str_repeat(']', 100))[0]->code);
        self::assertSame('file-too-large', self::refusals(str_repeat(' ', JsonBounds::MOST_BYTES + 1))[0]->code);
    }

    private static function file(): string
    {
        return PieFile::write(TroutQuiche::pie());
    }

    /** @return list<Refusal> */
    private static function refusals(string $bytes): array
    {
        try {
            PieFile::read($bytes);
        } catch (Refused $refused) {
            return $refused->refusals;
        }
        self::fail('The file was taken.');
    }

    public function test_a_file_of_version_1_is_read_as_the_same_pie_and_written_in_the_present_version(): void
    {
        $old = (string) file_get_contents(__DIR__.'/data/pie-of-version-1.json');
        $was = json_decode($old, true, 32, JSON_THROW_ON_ERROR);
        $pie = PieFile::read($old);
        self::assertSame(1, $was['version']);
        self::assertSame($was['layers'][0]['now']['grams'] + 0.0, $pie->solids()[0]->now->grams);
        self::assertSame($was['layers'][0]['preparation'], $pie->solids()[0]->steps[0]->preparation);
        self::assertCount(1, $pie->bake->stages);
        self::assertSame([Rack::Middle, false, false], [$pie->bake->stages[0]->rack, $pie->bake->stages[0]->tent, $pie->bake->stages[0]->shield]);
        self::assertSame(Pie::VERSION, json_decode(PieFile::write($pie), true)['version']);
        self::assertEquals($pie, PieFile::read(PieFile::write($pie)));
    }

    public function test_a_file_of_version_2_keeps_its_tin_and_what_is_scattered_under_their_new_names(): void
    {
        $old = (string) file_get_contents(__DIR__.'/data/pie-of-version-2.json');
        $was = json_decode($old, true, 32, JSON_THROW_ON_ERROR);
        $pie = PieFile::read($old);
        self::assertSame([2, 'absorbent'], [$was['version'], $was['layers'][0]['kind']]);
        self::assertSame($was['bake']['ware'], $pie->bake->tinMaterial->value);
        self::assertSame($was['layers'][0]['amount']['grams'] + 0.0, $pie->scattered()[0]->grams());
        self::assertSame(DoughKind::Short, $pie->crust->dough->doughKind);
        self::assertEquals($pie, PieFile::read(PieFile::write($pie)));
    }
}
