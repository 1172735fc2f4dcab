<?php

declare(strict_types=1);

namespace App\AtOven;

use Hojaldre\Core\AtOven\LogEvent;
use Hojaldre\Core\AtOven\LogKind;
use Hojaldre\Core\AtOven\OvenLog;
use Hojaldre\Core\AtOven\ProbeCheck;
use Hojaldre\Core\AtOven\Trace;
use Illuminate\Support\Facades\DB;

/** What a probe measured: rows of the table bake_readings, which are many, so they are read and written without models. */
final readonly class StoredReading
{
    /**
     * Of two at one time the first stays.
     *
     * @param  list<ReadingWish>  $readings
     * @return int how many were new
     */
    public static function put(StoredBake $bake, array $readings): int
    {
        return DB::table('bake_readings')->insertOrIgnore(array_map(static fn (ReadingWish $one): array => [
            'kitchen_id' => $bake->kitchen_id, 'bake_id' => $bake->id, 'at' => gmdate('Y-m-d H:i:s', intdiv($one->at, 1000)).sprintf('.%03d+00', $one->at % 1000), 'celsius' => $one->celsius,
        ], $readings));
    }

    /**
     * As far as it can be the middle of this pie (ProbeCheck).
     *
     * @param  float  $inSeconds  when it went in, s since 1970
     * @param  OvenLog  $log  of this bake
     * @param  float|null  $nowSeconds  null where the bake is long over
     */
    public static function trace(StoredBake $bake, float $inSeconds, OvenLog $log, ?float $outMinute, ?float $nowSeconds = null): Trace
    {
        $rows = DB::select('select extract(epoch from at)::float8 as seconds, celsius from bake_readings where kitchen_id = ? and bake_id = ? order by at', [$bake->kitchen_id, $bake->id]);
        $readings = [];
        foreach ($rows as $row) {
            /** @var object{seconds: float|string, celsius: float|string} $row */
            $readings[] = [((float) $row->seconds - $inSeconds) / 60, (float) $row->celsius];
        }

        $minute = static fn (float $seconds): float => ($seconds - $inSeconds) / 60;
        $plugged = array_map(static fn (LogEvent $one): float => $minute($one->atSeconds), array_filter($log->events, static fn (LogEvent $one): bool => $one->kind === LogKind::Plugged));

        return $readings === [] ? Trace::of([]) : ProbeCheck::sift($readings, $bake->possibleBakes(), $nowSeconds === null ? INF : $minute($nowSeconds), $outMinute, array_values($plugged));
    }
}
