<?php

declare(strict_types=1);

/*
 * The bake book when it is full: a kitchen with 5,000 bakes and 2,000,000 readings, in the database of the benchmarks. Prints one JSON
 * object a line: a page of the list, a search, one bake, and how many readings are taken in a second. Usage: php tools/bench/book.php
 */

use App\AtOven\ReadingWish;
use App\AtOven\StoredBake;
use App\AtOven\StoredReading;
use App\Kitchen\Kitchen;
use App\Record\BakeAnswer;
use App\Record\Book;
use App\Record\RecordedBake;
use App\Wording\Words;
use Database\Seeders\DemoKitchenSeeder;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();

const BAKES = 5000;
const READINGS_EACH = 400;

(new DemoKitchenSeeder)->run();
$kitchen = Kitchen::query()->firstOrFail();
$first = StoredBake::of($kitchen)->whereNotNull('out_at')->orderBy('id')->get();
$left = BAKES - StoredBake::of($kitchen)->count();
if ($left > 0) {
    fwrite(STDERR, "writing $left bakes\n");
    DB::statement('
        insert into bakes (kitchen_id, id, pie_id, name, count, design, foretold, legs, possible, oven_id, oven, planned_at, in_at, out_at, designed_minutes, low_minutes, high_minutes, in_range, state, underside, slice, colour, salt, faults, weighed, words, next_time, judged_by, judged_at, looked_for, begun_by, created_at, updated_at)
        select kitchen_id, gen_random_uuid(), pie_id, name, count, design, foretold, legs, possible, oven_id, oven, planned_at, in_at - n * interval \'1 day\', out_at - n * interval \'1 day\', designed_minutes, low_minutes, high_minutes, in_range, \'ended\', underside, slice, colour, salt, faults, weighed, words, next_time, judged_by, judged_at, looked_for, begun_by, now(), now()
        from (select *, row_number() over (order by id) as at from bakes where kitchen_id = ? and out_at is not null) b, generate_series(1, ?) n where at = 1 + n % ?', [$kitchen->id, $left, count($first)]);
    // the planner has to know how many there are before it joins them, and this session forgets how it asked while there were a dozen
    DB::statement('analyze bakes');
    DB::statement('discard plans');
    DB::statement("
        insert into bake_events (kitchen_id, bake_id, id, kind, leg, what, answer, value, at, pressed_by)
        select kitchen_id, id, gen_random_uuid(), kind, 'bake', what, '', null, case when kind = 'in' then in_at else out_at end, begun_by
        from bakes, (values ('in', ''), ('done', 'out')) e (kind, what) where kitchen_id = ? and not exists (select 1 from bake_events x where x.kitchen_id = bakes.kitchen_id and x.bake_id = bakes.id)", [$kitchen->id]);
    DB::statement('
        insert into bake_readings (kitchen_id, bake_id, at, celsius)
        select kitchen_id, id, in_at + n * interval \'6 seconds\', 10 + n * 0.16 from bakes, generate_series(1, ?) n where kitchen_id = ? and in_at is not null on conflict do nothing', [READINGS_EACH, $kitchen->id]);
    DB::statement('analyze');
}

/** @param  callable(int): mixed  $do */
$time = static function (string $name, int $runs, callable $do, string $bar): void {
    $do(0);
    $took = [];
    for ($n = 0; $n < $runs; $n++) {
        $from = hrtime(true);
        $do($n);
        $took[] = (hrtime(true) - $from) / 1e6;
    }
    sort($took);
    echo json_encode(['name' => $name, 'median_ms' => round($took[intdiv($runs, 2)], 1), 'p95_ms' => round($took[(int) (0.95 * $runs)], 1), 'runs' => $runs, 'note' => $bar]), "\n";
};
$words = new Words;
$bakes = StoredBake::of($kitchen)->count();
$readings = DB::table('bake_readings')->count();
$time('book-list', 40, static fn (int $n): mixed => json_encode(Book::page($kitchen, '', 'all', $n, $words)), "$bakes bakes, $readings readings; bar p95 100 ms");
$time('book-find', 40, static fn (int $n): mixed => json_encode(Book::page($kitchen, 'leek soggy', 'wrong', $n % 3, $words)), 'bar p95 100 ms');
$ids = StoredBake::of($kitchen)->orderBy('id')->limit(40)->pluck('id')->all();
$time('book-one', 40, static fn (int $n): mixed => json_encode(BakeAnswer::of(RecordedBake::of(StoredBake::inKitchen($kitchen, is_string($ids[$n]) ? $ids[$n] : '')), $words)), 'bar p95 100 ms');
$one = StoredBake::of($kitchen)->firstOrFail();
$from = (int) now()->getTimestampMs();
$time('readings-taken', 200, static fn (int $n): mixed => StoredReading::put($one, [new ReadingWish($from + 1000 * $n + random_int(0, 999), 50.0)]), 'one at a time; bar 5 ms each, 200 a second');
