<?php

declare(strict_types=1);

namespace App\Archive;

use App\Kitchen\Kitchen;
use App\Record\BakePhoto;
use App\Record\JpegFile;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use JsonException;
use ZipArchive;

/** An archive into an empty kitchen: all of it or nothing. */
final readonly class ArchiveIn
{
    /** Of a file in it, unpacked (definition): a zip can grow a thousandfold. */
    private const MOST_BYTES = 1_000_000_000;

    private const AT_ONCE = 500;

    private function __construct(private Kitchen $kitchen, private ZipArchive $zip, private Manifest $manifest)
    {
    }

    /**
     * Nothing has changed where it is refused.
     *
     * @throws Refused
     */
    public static function read(Kitchen $kitchen, string $path): void
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw Refused::because('archive-no-zip');
        }
        try {
            $manifest = Manifest::read(self::small($zip, Manifest::NAME) ?? throw Refused::because('archive-no-manifest'));
            $self = new self($kitchen, $zip, $manifest);
            $self->whole();
            DB::transaction(static fn () => $self->put());
        } catch (\Throwable $thrown) {
            // nothing stands in the rows, so nothing may lie in the folder
            self::isEmpty($kitchen) && File::deleteDirectory(dirname(BakePhoto::pathOf($kitchen->id, 'any')));

            throw $thrown;
        } finally {
            $zip->close();
        }
    }

    public static function isEmpty(Kitchen $kitchen): bool
    {
        foreach (ArchivedTable::all() as $table) {
            if (DB::table($table->name)->where('kitchen_id', $kitchen->id)->exists()) {
                return false;
            }
        }

        return true;
    }

    /** Every file that is named is there, as it was, and no other. */
    private function whole(): void
    {
        foreach (ArchivedTable::all() as $table) {
            if (! isset($this->manifest->files[$table->file()])) {
                throw Refused::because('archive-missing', '', ['file' => $table->file()]);
            }
        }
        $tables = array_map(static fn (ArchivedTable $one): string => $one->file(), ArchivedTable::all());
        for ($at = 0; $at < $this->zip->numFiles; $at++) {
            $name = (string) $this->zip->getNameIndex($at);
            $isPhoto = preg_match('~^photos/[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}\.jpg$~', $name) === 1;
            if ($name !== Manifest::NAME && (! isset($this->manifest->files[$name]) || (! $isPhoto && ! in_array($name, $tables, true)))) {
                throw Refused::because('archive-unknown', '', ['file' => mb_substr(mb_scrub($name), 0, 60)]);
            }
        }
        foreach ($this->manifest->files as $name => $file) {
            $stat = $this->zip->statName($name);
            if ($stat === false) {
                throw Refused::because('archive-missing', '', ['file' => mb_substr($name, 0, 60)]);
            }
            if ($stat['size'] !== $file['bytes'] || $stat['size'] > self::MOST_BYTES || $this->sum($name) !== $file['sha256']) {
                throw Refused::because('archive-changed', '', ['file' => $name]);
            }
        }
    }

    private function sum(string $name): string
    {
        $stream = $this->zip->getStream($name);
        if ($stream === false) {
            return '';
        }
        $sum = hash_init('sha256');
        hash_update_stream($sum, $stream);
        fclose($stream);

        return hash_final($sum);
    }

    private static function small(ZipArchive $zip, string $name): ?string
    {
        $stat = $zip->statName($name);
        $text = $stat === false || $stat['size'] > 10_000_000 ? false : $zip->getFromName($name);

        return $text === false ? null : $text;
    }

    private function put(): void
    {
        // two that come at the same time would both find it empty
        Kitchen::query()->whereKey($this->kitchen->id)->lockForUpdate()->first();
        if (! self::isEmpty($this->kitchen)) {
            throw Refused::because('archive-not-empty');
        }
        DB::statement("set local timezone to 'UTC'");
        // what the rows before it hang on is found by its key, also where the tables were empty a moment ago and the planner believes it still
        DB::statement('set local enable_seqscan = off');
        DB::statement('discard plans');
        foreach (ArchivedTable::all() as $table) {
            $rows = $this->table($table);
            if ($rows !== $this->manifest->files[$table->file()]['rows']) {
                throw Refused::because('archive-changed', '', ['file' => $table->file()]);
            }
        }
        $this->photos();
        $this->kitchen->fill(['name' => $this->manifest->kitchen, 'margin_percent' => $this->manifest->marginPercent, 'other_cost' => $this->manifest->otherCost])->save();
    }

    private function table(ArchivedTable $table): int
    {
        $stream = $this->zip->getStream($table->file()) ?: throw Refused::because('archive-missing', '', ['file' => $table->file()]);
        $rows = 0;
        $lines = [];
        $isHead = $table->isCsv();
        while (($line = fgets($stream)) !== false) {
            if ($isHead) {
                $isHead = false;

                continue;
            }
            $lines[] = rtrim($line, "\r\n");
            $rows++;
            if (count($lines) === self::AT_ONCE) {
                $this->insert($table, $lines, $rows - count($lines));
                $lines = [];
            }
        }
        $this->insert($table, $lines, $rows - count($lines));

        return $rows;
    }

    /** @param  list<string>  $lines */
    private function insert(ArchivedTable $table, array $lines, int $before): void
    {
        if ($lines === []) {
            return;
        }
        $columns = implode(', ', array_keys($table->columns));
        $rows = $table->isCsv() ? array_map(fn (string $line, int $at): string => self::ofCsv($table, $line, $before + $at + 1), $lines, array_keys($lines)) : $lines;
        if (! $table->isCsv()) {
            foreach ($lines as $at => $line) {
                $this->judge($table, $line, $before + $at + 1);
            }
        }
        $types = implode(', ', array_map(static fn (string $name, string $type): string => "$name $type", array_keys($table->columns), $table->columns));
        try {
            DB::insert("insert into $table->name (kitchen_id, $columns) select ?, $columns from rows from (jsonb_to_recordset(?::jsonb) as ($types)) with ordinality as one($columns, line_of_file) order by line_of_file", [$this->kitchen->id, '['.implode(',', $rows).']']);
        } catch (QueryException $thrown) {
            throw Refused::because('archive-row', '', ['file' => $table->file(), 'row' => $before + 1, 'why' => mb_substr(strtok($thrown->getPrevious()?->getMessage() ?? '', "\n") ?: '', 0, 160)]);
        }
    }

    /** It is read whole, as a room would read it. */
    private function judge(ArchivedTable $table, string $line, int $row): void
    {
        try {
            $read = json_decode($line, true, 64, JSON_THROW_ON_ERROR);
            $table->judge(is_array($read) ? $read : throw new JsonException('no object'));
        } catch (JsonException|Refused $thrown) {
            throw Refused::because('archive-row', '', ['file' => $table->file(), 'row' => $row, 'why' => $thrown->getMessage()]);
        }
    }

    private static function ofCsv(ArchivedTable $table, string $line, int $row): string
    {
        $cells = explode(',', $line);
        if (count($cells) !== count($table->columns)) {
            throw Refused::because('archive-row', '', ['file' => $table->file(), 'row' => $row, 'why' => count($cells).' cells']);
        }

        return json_encode(array_combine(array_keys($table->columns), $cells), JSON_THROW_ON_ERROR);
    }

    private function photos(): void
    {
        $named = array_filter(array_keys($this->manifest->files), static fn (string $name): bool => str_starts_with($name, 'photos/'));
        $rows = BakePhoto::query()->where('kitchen_id', $this->kitchen->id)->get()->keyBy(static fn (BakePhoto $one): string => "photos/$one->id.jpg");
        if (count($named) !== count($rows)) {
            throw Refused::because('archive-missing', '', ['file' => 'photos']);
        }
        foreach ($named as $name) {
            $bytes = self::small($this->zip, $name);
            if ($bytes === null || $rows->get($name)?->sha256 !== hash('sha256', $bytes) || JpegFile::of($bytes)->bytes !== $bytes) {
                throw Refused::because('archive-changed', '', ['file' => $name]);
            }
            BakePhoto::write($this->kitchen->id, basename($name, '.jpg'), $bytes);
        }
    }
}
