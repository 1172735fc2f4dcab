<?php

declare(strict_types=1);

namespace App\Archive;

use App\Kitchen\Kitchen;
use App\Record\BakePhoto;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use ZipArchive;

/**
 * Everything of a kitchen in one file (docs/formats/archive.md): a zip with a manifest, a file for each table, and the photos. All
 * of it is of one moment, and the same kitchen gives the same bytes.
 */
final readonly class ArchiveOut
{
    /** Rows that are held at once (numerics). */
    private const AT_ONCE = 500;

    /** Every file in the zip carries this time, so that the bytes do not depend on the clock: 1980-01-01 00:00, the first that a zip knows. */
    private const TIME = 315_532_800;

    private function __construct(private Kitchen $kitchen, private string $folder)
    {
    }

    /** @return string path of a new temporary file, which is the caller's to throw away */
    public static function write(Kitchen $kitchen): string
    {
        $folder = sys_get_temp_dir().'/hojaldre-out-'.bin2hex(random_bytes(8));
        mkdir($folder, 0o700);
        try {
            return (new self($kitchen, $folder))->zip();
        } finally {
            array_map(unlink(...), glob("$folder/*") ?: []);
            rmdir($folder);
        }
    }

    private function zip(): string
    {
        $path = $this->folder.'.zip';
        [$files, $photos] = DB::transaction(function (): array {
            // within a transaction that runs already, its own moment holds
            if (DB::transactionLevel() === 1) {
                DB::statement('set transaction isolation level repeatable read, read only');
            }
            DB::statement("set local timezone to 'UTC'");

            return [$this->tables(), BakePhoto::query()->where('kitchen_id', $this->kitchen->id)->orderBy('id')->get()];
        });
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::EXCL) !== true) {
            throw new RuntimeException("Cannot write $path.");
        }
        foreach ($photos as $photo) {
            $files["photos/$photo->id.jpg"] = ['rows' => null, 'bytes' => $photo->bytes, 'sha256' => $photo->sha256];
        }
        $zip->addFromString(Manifest::NAME, Manifest::of($this->kitchen, $files)->text());
        foreach (array_keys($files) as $name) {
            $from = str_starts_with($name, 'photos/') ? storage_path("photos/{$this->kitchen->id}/".basename($name)) : "$this->folder/$name";
            $zip->addFile($from, $name);
        }
        for ($at = 0; $at < $zip->numFiles; $at++) {
            $zip->setMtimeIndex($at, self::TIME);
            $zip->setExternalAttributesIndex($at, ZipArchive::OPSYS_UNIX, 0o100644 << 16);
            $zip->setCompressionIndex($at, str_starts_with((string) $zip->getNameIndex($at), 'photos/') ? ZipArchive::CM_STORE : ZipArchive::CM_DEFLATE);
        }
        if (! $zip->close()) {
            throw new RuntimeException('The archive could not be written: '.$zip->getStatusString());
        }

        return $path;
    }

    /** @return array<string, array{rows: int|null, bytes: int, sha256: string}> */
    private function tables(): array
    {
        $files = [];
        foreach (ArchivedTable::all() as $table) {
            $path = "$this->folder/{$table->file()}";
            $rows = $this->table($table, $path);
            $files[$table->file()] = ['rows' => $rows, 'bytes' => (int) filesize($path), 'sha256' => (string) hash_file('sha256', $path)];
        }

        return $files;
    }

    private function table(ArchivedTable $table, string $path): int
    {
        $out = fopen($path, 'wb') ?: throw new RuntimeException("Cannot write $path.");
        $columns = implode(', ', array_keys($table->columns));
        $key = implode(', ', array_map(static fn (string $one): string => ($table->columns[$one] ?? '') === 'text' ? "$one collate \"C\"" : $one, $table->key));
        $line = $table->isCsv()
            ? 'concat_ws(\',\', '.implode(', ', array_map(static fn (string $name, string $type): string => $type === 'timestamptz' ? "to_char($name, 'YYYY-MM-DD\"T\"HH24:MI:SS.MS\"Z\"')" : $name, array_keys($table->columns), $table->columns)).')'
            : 'row_to_json(one)::text';
        if ($table->isCsv()) {
            fwrite($out, strtr($columns, [', ' => ','])."\r\n");
        }
        DB::statement('declare rows no scroll cursor for select '.$line." as line from (select $columns from $table->name where kitchen_id = '{$this->kitchen->id}' order by $key) one");
        $rows = 0;
        do {
            $some = DB::select('fetch '.self::AT_ONCE.' from rows');
            foreach ($some as $row) {
                /** @var object{line: string} $row */
                fwrite($out, $row->line.($table->isCsv() ? "\r\n" : "\n"));
            }
            $rows += count($some);
        } while ($some !== []);
        DB::statement('close rows');
        fclose($out);

        return $rows;
    }
}
