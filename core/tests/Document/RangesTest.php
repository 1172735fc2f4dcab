<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Document;

use Hojaldre\Core\Document\DocumentReader;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\ScatteredLayer;
use Hojaldre\Core\Pie\Step;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Tests\TroutQuiche;
use Hojaldre\Core\Tin\CupsTin;
use Hojaldre\Core\Tin\FlutedTin;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\MeasuredDish;
use Hojaldre\Core\Tin\RectangularTin;
use Hojaldre\Core\Tin\SlopedTin;
use Hojaldre\Core\Tin\Springform;
use Hojaldre\Core\Tin\StraightTin;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a pie file may hold, as docs/formats has it: both ends of each range are taken, a step beyond is refused. */
final class RangesTest extends TestCase
{
    /** @return iterable<string, array{object, string, float, float}> a sound object, a field, least, most */
    public static function ranges(): iterable
    {
        $tins = [
            [new StraightTin(240, 35), ['diameterMm' => [60, 600], 'depthMm' => [10, 150]]],
            [new Springform(240, 70), ['diameterMm' => [60, 600], 'depthMm' => [10, 150]]],
            [new SlopedTin(60, 600, 35), ['depthMm' => [10, 150]]],
            [new FlutedTin(200, 220, 35, 32, 4), ['depthMm' => [10, 150], 'fluteMm' => [0.5, 10], 'flutes' => [6, 80]]],
            [new RectangularTin(350, 110, 30, 4), ['lengthMm' => [60, 600], 'widthMm' => [60, 600], 'depthMm' => [10, 150], 'flareMm' => [0, 60]]],
            [new CupsTin(12, 50, 70, 30), ['cups' => [1, 48], 'depthMm' => [10, 150]]],
            [new MeasuredDish(1500, 50), ['waterMl' => [100, 20000], 'depthMm' => [10, 150]]],
            [FoldedPieces::halfMoons(6, 180), ['pieces' => [1, 60], 'lengthMm' => [80, 300]]],
        ];
        $stage = TroutQuiche::pie()->bake->first();
        $shell = TroutQuiche::pie()->crust->shell[0];
        $others = [
            [$stage, ['ovenCelsius' => [120, 280], 'minutes' => [1, 240]]],
            [$shell, ['ovenCelsius' => [120, 280], 'minutes' => [1, 60]]],
            [new Lid(3, 0.01, \Hojaldre\Core\Pastry\Glaze::Egg), ['thicknessMm' => [1, 15], 'openShare' => [0, 0.8]]],
            [TroutQuiche::pie()->crust, ['thicknessMm' => [1, 15]]],
            [new Amount('1 g', 1), ['grams' => [0, 50000]]],
            [TroutQuiche::leeks()->steps[0], ['saltGrams' => [0, 500], 'waterSaltGramsPerLitre' => [0, 60]]],
            [TroutQuiche::leeks(), ['fromCelsius' => [-25, 95]]],
            [new ScatteredLayer('crumbs', Pantry::food('dry-crumbs'), Amount::of(20)), ['fromCelsius' => [-25, 95]]],
            [TroutQuiche::pie(), ['portions' => [1, 500]]],
            [Pantry::food('dry-crumbs'), ['bindsGramsPerGram' => [0, 20], 'floorYield' => [0.05, 1]]],
            [Pantry::food('egg'), ['eggsPer100g' => [0, 4], 'safeCelsius' => [40, 90]]],
            [Pantry::food('whole-milk'), ['liquidShare' => [0, 1]]],
        ];
        foreach ([...$tins, ...$others] as [$object, $fields]) {
            foreach ($fields as $field => [$least, $most]) {
                yield substr((string) strrchr($object::class, '\\'), 1)." $field" => [$object, $field, (float) $least, (float) $most];
            }
        }
    }

    #[DataProvider('ranges')]
    public function test_both_ends_are_taken_and_a_step_beyond_is_refused(object $sound, string $field, float $least, float $most): void
    {
        $isWhole = is_int($sound->{$field});
        $beyond = $isWhole ? 1 : 1e-6 * max(1.0, $most);
        foreach ([$least, $most] as $end) {
            self::assertNotContains('out-of-range', self::codes($sound, $field, $isWhole ? (int) $end : $end), "$field $end");
        }
        foreach ([$least - $beyond, $most + $beyond] as $outside) {
            self::assertContains('out-of-range', self::codes($sound, $field, $isWhole ? (int) $outside : $outside), "$field $outside");
        }
    }

    /** @return iterable<string, array{string, int}> a list of a pie, how many it may hold */
    public static function lists(): iterable
    {
        yield 'layers' => ['layers', 30];
        yield 'seasonings' => ['seasonings', 12];
        yield 'stages of the bake' => ['bake/stages', 4];
        yield 'stages of the shell' => ['crust/shell', 4];
        yield 'steps of a solid' => ['layers/0/steps', 8];
        yield 'dairies' => ['layers/2/dairies', 12];
        yield 'allergens' => ['crust/dough/allergens', 14];
    }

    #[DataProvider('lists')]
    public function test_a_list_holds_so_many_and_no_more(string $at, int $most): void
    {
        foreach ([$most => false, $most + 1 => true] as $count => $isRefused) {
            $document = json_decode(PieFile::write(TroutQuiche::pie()), true);
            $place = &$document;
            foreach (explode('/', $at) as $key) {
                $place = &$place[$key];
            }
            $place = array_fill(0, $count, $place[0]);
            unset($place);
            try {
                PieFile::fromDocument($document);
                $codes = [];
            } catch (Refused $refused) {
                $codes = array_map(static fn ($one): string => $one->code, $refused->refusals);
            }
            self::assertSame($isRefused, in_array('too-many', $codes, true), "$count: ".implode(', ', $codes));
        }
    }

    /** @return list<string> */
    private static function codes(object $sound, string $field, float|int $value): array
    {
        $document = (array) json_decode((string) json_encode(DocumentWriter::write($sound)), true);
        $document[$field] = $value;
        try {
            DocumentReader::read($sound::class, $document);
        } catch (Refused $refused) {
            return array_map(static fn ($one): string => $one->code, $refused->refusals);
        }

        return [];
    }

    /** @return iterable<string, array{string, int}> a text of a pie file, and how many letters it may have */
    public static function texts(): iterable
    {
        foreach (['/name' => 120, '/notes' => 4000, '/layers/0/id' => 40, '/layers/0/bought/words' => 80, '/layers/0/steps/0/preparation' => 120, '/layers/0/pan' => 40, '/layers/0/food/name' => 60, '/bake/oven/name' => 60] as $at => $most) {
            yield $at => [$at, $most];
        }
    }

    #[DataProvider('texts')]
    public function test_a_text_has_so_many_letters_and_not_one_more(string $at, int $most): void
    {
        $document = DocumentWriter::write(TroutQuiche::pie());
        $document['bake']['oven'] = ['name' => 'Old oven', 'runsByKelvins' => -10];
        $put = static function (string $text) use ($document, $at): array {
            $place = &$document;
            foreach (explode('/', substr($at, 1)) as $key) {
                $place = &$place[$key];
            }
            $place = $text;

            return $document;
        };
        self::assertSame([], self::refused($put(str_repeat('a', $most))));
        self::assertContains($at, self::refused($put(str_repeat('a', $most + 1))));
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<string> the places that are refused
     */
    private static function refused(array $document): array
    {
        try {
            PieFile::fromDocument($document);

            return [];
        } catch (Refused $refused) {
            return array_map(static fn ($one): string => $one->at, $refused->refusals);
        }
    }
}
