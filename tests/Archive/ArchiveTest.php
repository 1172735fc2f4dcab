<?php

declare(strict_types=1);

namespace Tests\Archive;

use App\Archive\ArchivedTable;
use App\Archive\ArchiveIn;
use App\Archive\ArchiveOut;
use App\Kitchen\Kitchen;
use App\Pastry\KitchenDough;
use App\Record\BakePhoto;
use Hojaldre\Core\Pastry\Dough\HouseDoughs;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Tests\Record\Jpeg;
use Tests\TestCase;
use ZipArchive;

/** What goes out comes in the same, to the byte; what is broken changes nothing. */
final class ArchiveTest extends TestCase
{
    protected function tearDown(): void
    {
        File::deleteDirectory(storage_path('photos'));
        parent::tearDown();
    }

    /** A kitchen with something in every one of its tables. */
    private function full(): Kitchen
    {
        $kitchen = $this->kitchen();
        $this->actingAs($this->member($kitchen));
        $at = fn (string $path): string => "/api/kitchens/$kitchen->id$path";
        $pie = $this->stored($kitchen)->id;
        $oven = Str::uuid()->toString();
        $this->putJson($at('/foods/own-bresaola'), ['name' => 'Bresaola', 'role' => 'solid', 'raw' => 'cooked', 'body' => 'pours', 'fat' => 2.6, 'carbohydrate' => 0.5, 'fibre' => 0, 'protein' => 32, 'salt' => 3.9, 'allergens' => [], 'doughKind' => 'short'])->assertOk();
        $this->putJson($at('/foods/leeks/price'), ['pricePerKg' => 3.1])->assertOk();
        $this->putJson($at("/ovens/$oven"), ['name' => 'Gälley, "old"', 'mode' => 'static', 'runsByKelvins' => -12.5, 'notes' => "hot\nback corner"])->assertOk();
        $this->putJson($at('/tins/'.Str::uuid()->toString()), ['name' => 'The deep one', 'tin' => ['shape' => 'springform', 'diameterMm' => 230, 'depthMm' => 70]])->assertOk();
        $formula = HouseDoughs::of('shortcrust');
        assert($formula !== null);
        KitchenDough::put($kitchen, $formula);
        $this->postJson($at('/doughs/shortcrust/waters'), ['flourGrams' => 200, 'offeredGrams' => 70, 'goes' => [['grams' => 30], ['grams' => 15]]])->assertOk();
        $lining = ['rim' => 'flush', 'doubleFloor' => false, 'stripMm' => 20, 'decorationGrams' => 0, 'patchGrams' => 0];
        $fold = ['eachGrams' => null, 'thicknessMm' => null, 'lengthMm' => null, 'settled' => null];
        $batch = $this->postJson($at('/batches'), ['basedOn' => 0, 'batch' => ['name' => 'Saturday', 'lines' => [['pie' => $pie, 'count' => 2, 'lining' => $lining, 'fold' => $fold]], 'doughs' => [], 'kitchenCelsius' => 21, 'panGrams' => 600]])->assertOk()->json('id');
        $this->putJson($at("/batches/$batch/marks"), ['act' => 'cook:leeks:sweated and pressed:0', 'goesDone' => 2, 'isDone' => true, 'tareGrams' => 500, 'readsGrams' => 806])->assertOk();
        $day = $this->postJson($at('/days'), ['basedOn' => 0, 'batch' => $batch, 'told' => [], 'day' => [
            'name' => 'Saturday', 'date' => '2026-11-28', 'spareMinutes' => 10, 'pins' => [], 'failures' => [], 'orders' => [['id' => 'o1', 'pie' => $pie, 'count' => 1, 'atMinute' => 1140, 'from' => 'scratch', 'ending' => 'warm', 'tins' => null]],
            'kitchen' => [
                'cooks' => [['name' => 'Ada', 'hours' => [['fromMinute' => 360, 'toMinute' => 1300]]]], 'ovens' => [['id' => 'oven', 'name' => 'Oven', 'mode' => 'static', 'runsByKelvins' => 0, 'shelves' => 2, 'widthMm' => 440, 'depthMm' => 360, 'toleranceKelvins' => 5]],
                'rings' => 4, 'mixers' => 1, 'fridgeTins' => 12, 'rackTins' => 12,
            ],
        ]])->assertOk()->json('id');
        $this->putJson($at("/days/$day/marks"), ['task' => 'dough:shortcrust', 'kind' => 'mix', 'startMinute' => 960, 'endMinute' => 975, 'plannedMinutes' => 15])->assertOk();
        $this->postJson($at("/days/$day/calendar"));
        $bake = $this->postJson($at('/bakes'), ['bakes' => [['id' => null, 'pie' => $pie, 'design' => null, 'count' => 1, 'oven' => $oven, 'isFrozen' => false, 'plannedAt' => null, 'batch' => null]]])->assertCreated()->json('ids.0');
        self::putDownLongAgo($bake);
        $in = (int) now()->getTimestampMs() - 7_200_007;
        $this->postJson($at("/bakes/$bake/events"), ['events' => array_map(static fn (array $one): array => ['id' => Str::uuid()->toString(), 'kind' => $one[0], 'leg' => 'bake', 'what' => $one[1], 'answer' => '', 'value' => null, 'at' => $in + 60_000 * $one[2]], [['in', '', 0], ['done', 'out', 46], ['done', 'rested', 58]])])->assertOk();
        $this->postJson($at("/bakes/$bake/readings"), ['readings' => array_map(static fn (int $minute): array => ['at' => $in + 60_000 * $minute + 3, 'celsius' => 10.1 + 1.37 * $minute], range(0, 45))])->assertOk();
        $this->putJson($at("/bakes/$bake/judgement"), ['underside' => 'soggy', 'slice' => 'holds', 'colour' => 'golden', 'salt' => 'enough', 'faults' => ['stuck'], 'words' => 'Wet “in” the middle', 'nextTime' => 'Press.'])->assertOk();
        $this->putJson($at("/bakes/$bake/weighed"), ['layers' => [['layer' => 'leeks', 'grams' => 348.5]]])->assertOk();
        $this->call('POST', $at("/bakes/$bake/photos"), server: ['CONTENT_TYPE' => 'image/jpeg'], content: Jpeg::bytes())->assertOk();
        $this->postJson($at('/leftovers'), ['kept' => 'baked-pies', 'place' => 'freezer', 'name' => 'Quiche', 'grams' => null, 'pieces' => 3, 'food' => null, 'bake' => $bake])->assertOk();
        $this->putJson($at('/lessons'), ['thing' => 'salt', 'state' => 'refused'])->assertOk();
        $trial = $this->postJson($at('/trials'), ['name' => 'Which dough', 'pies' => [['name' => 'lard', 'bake' => $bake], ['name' => 'butter', 'bake' => null]]])->assertCreated()->json('id');
        $this->postJson($at("/trials/$trial/tastings"), ['taster' => 'Bea', 'bestFirst' => 'BA'])->assertOk();
        $this->putJson($at('/pricing'), ['marginPercent' => 62.5, 'otherCost' => 0.4])->assertOk();

        return $kitchen;
    }

    private function empty(): Kitchen
    {
        return $this->kitchen('An empty one', 'eve@empty.example');
    }

    private static function file(string $bytes): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'archive-test-');
        file_put_contents($path, $bytes);

        return $path;
    }

    /** @return array<string, int> */
    private static function counts(): array
    {
        $counts = [];
        foreach (ArchivedTable::all() as $table) {
            $counts[$table->name] = DB::table($table->name)->count();
        }

        return $counts;
    }

    public function test_a_whole_kitchen_comes_back_the_same_to_the_byte_in_an_empty_one(): void
    {
        $full = $this->full();
        $first = ArchiveOut::write($full->refresh());
        foreach (self::counts() as $table => $rows) {
            self::assertGreaterThan(0, $rows, "$table is not proven: the kitchen has none");
        }
        $other = $this->empty();
        ArchiveIn::read($other, $first);
        $second = ArchiveOut::write($other->refresh());
        self::assertSame(hash_file('sha256', $first), hash_file('sha256', $second));
        self::assertSame($full->refresh()->name, $other->name);
        self::assertSame(62.5, $other->margin_percent);
        // it is another kitchen that can be worked in, photos and all
        self::assertCount(1, File::files(dirname(BakePhoto::pathOf($other->id, 'any'))));
        $this->actingAs($this->member($other));
        $bake = DB::table('bakes')->where('kitchen_id', $other->id)->whereNotNull('out_at')->value('id');
        $this->getJson("/api/kitchens/$other->id/bakes/$bake")->assertOk();
        $this->getJson("/api/kitchens/$other->id/pies")->assertOk();
        array_map(unlink(...), [$first, $second]);
    }

    public function test_each_table_of_a_kitchen_is_in_the_archive_or_left_out_on_purpose(): void
    {
        $all = array_map(static fn (object $row): string => (string) current(get_object_vars($row)), DB::select("select distinct table_name from information_schema.columns where column_name = 'kitchen_id' and table_schema = 'public'"));
        $people = ['memberships', 'kitchen_invites', 'kitchen_acts'];
        self::assertEqualsCanonicalizing([...array_map(static fn (ArchivedTable $one): string => $one->name, ArchivedTable::all()), ...$people], $all);
        foreach (ArchivedTable::all() as $table) {
            $columns = array_map(static fn (object $row): string => (string) current(get_object_vars($row)), DB::select('select column_name from information_schema.columns where table_name = ? and table_schema = ?', [$table->name, 'public']));
            // a number that counts events, and a calendar address, which is a secret of one machine
            self::assertEqualsCanonicalizing(array_diff($columns, ['kitchen_id', 'number', 'calendar_hash']), array_diff(array_keys($table->columns), ['number']), $table->name);
        }
    }

    public function test_a_broken_archive_is_refused_by_name_and_changes_nothing(): void
    {
        $path = ArchiveOut::write($this->full());
        $other = $this->empty();
        $before = self::counts();
        $spoilt = [
            'archive-no-zip' => static fn (): string => self::file('no zip at all'),
            'archive-changed' => static fn (): string => self::changed($path, static fn (ZipArchive $zip) => $zip->addFromString('pies.jsonl', str_replace('quiche', 'quacks', (string) $zip->getFromName('pies.jsonl')))),
            'archive-missing' => static fn (): string => self::changed($path, static fn (ZipArchive $zip) => $zip->deleteName('lessons.jsonl')),
            'archive-unknown' => static fn (): string => self::changed($path, static fn (ZipArchive $zip) => $zip->addFromString('../../evil.php', 'x')),
            'archive-no-manifest' => static fn (): string => self::changed($path, static fn (ZipArchive $zip) => $zip->addFromString('manifest.json', '{"format": "something"}')),
            'archive-version' => static fn (): string => self::changed($path, static fn (ZipArchive $zip) => $zip->addFromString('manifest.json', str_replace('"version": 1', '"version": 2', (string) $zip->getFromName('manifest.json')))),
            'out-of-range' => static fn (): string => self::changed($path, static fn (ZipArchive $zip) => $zip->addFromString('manifest.json', (string) preg_replace('/"marginPercent": [^,]+,/', '"marginPercent": 200,', (string) $zip->getFromName('manifest.json')))),
            // whole by its sums, and still no pie: the last pie has no tin
            'archive-row' => static fn (): string => self::resigned($path, 'pie-revisions.jsonl', static fn (string $text): string => (string) preg_replace('/"tin": ?\{/', '"tun": {', $text, 1)),
        ];
        foreach ($spoilt as $code => $make) {
            $broken = $make();
            try {
                ArchiveIn::read($other, $broken);
                self::fail("$code was taken");
            } catch (Refused $refused) {
                self::assertSame($code, $refused->refusals[0]->code);
            }
            self::assertSame($before, self::counts(), $code);
            self::assertDirectoryDoesNotExist(dirname(BakePhoto::pathOf($other->id, 'any')));
            self::assertSame('An empty one', $other->refresh()->name);
            unlink($broken);
        }
        // cut off in the middle
        $half = self::file(substr((string) file_get_contents($path), 0, intdiv((int) filesize($path), 2)));
        $this->actingAs($this->member($other));
        $this->call('PUT', "/api/kitchens/$other->id/archive", server: ['CONTENT_TYPE' => 'application/zip'], content: (string) file_get_contents($half))->assertStatus(422)->assertJsonPath('code', 'archive-no-zip');
        self::assertSame($before, self::counts());
        // and whole it goes in
        $this->call('PUT', "/api/kitchens/$other->id/archive", server: ['CONTENT_TYPE' => 'application/zip'], content: (string) file_get_contents($path))->assertOk();
        array_map(unlink(...), [$path, $half]);
    }

    public function test_it_goes_only_into_an_empty_kitchen_and_only_its_owner_may(): void
    {
        $full = $this->full();
        $this->get("/api/kitchens/$full->id/archive")->assertOk()->assertHeader('Content-Type', 'application/zip');
        $path = ArchiveOut::write($full);
        $this->call('PUT', "/api/kitchens/$full->id/archive", server: ['CONTENT_TYPE' => 'application/zip'], content: (string) file_get_contents($path))->assertStatus(422)->assertJsonPath('code', 'archive-not-empty');
        unlink($path);
        $this->actingAs($this->member($full, \App\Kitchen\Role::Cook));
        $this->get("/api/kitchens/$full->id/archive")->assertStatus(403);
        $this->call('PUT', "/api/kitchens/$full->id/archive", server: ['CONTENT_TYPE' => 'application/zip'], content: 'x')->assertStatus(403);
    }

    /** @param  callable(ZipArchive): mixed  $change */
    private static function changed(string $path, callable $change): string
    {
        $copy = self::file((string) file_get_contents($path));
        $zip = new ZipArchive;
        $zip->open($copy);
        $change($zip);
        $zip->close();

        return $copy;
    }

    /** @param  callable(string): string  $change */
    private static function resigned(string $path, string $file, callable $change): string
    {
        return self::changed($path, static function (ZipArchive $zip) use ($file, $change): void {
            $was = (string) $zip->getFromName($file);
            $now = $change($was);
            self::assertNotSame($was, $now);
            $manifest = strtr((string) $zip->getFromName('manifest.json'), [hash('sha256', $was) => hash('sha256', $now), '"bytes": '.strlen($was).',' => '"bytes": '.strlen($now).',']);
            $zip->addFromString($file, $now);
            $zip->addFromString('manifest.json', $manifest);
        });
    }
}
