<?php

declare(strict_types=1);

namespace App\Record;

use App\AtOven\StoredBake;
use App\Kitchen\Kitchen;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Record\Observation;
use Hojaldre\Core\Record\OvenEvidence;
use Hojaldre\Core\Record\OvenNet;

/** What each bake says of its oven, worked out once and kept; worked out anew when the bake is judged otherwise. */
final readonly class BakeEvidence
{
    /** So many of the newest of an oven tell, and so many are worked out at one asking (judgement; each takes half a second). */
    private const NEWEST = 30;

    private const AT_ONCE = 2;

    /** Counts up when the sum is done otherwise (definition). */
    private const MODEL = 2;

    /** @return array{array<string, list<array{OvenEvidence, float}>>, int} by oven: evidence, and how far the oven was known to be off then; and how many bakes are left to be worked out */
    public static function byOven(Kitchen $kitchen, bool $worksOut): array
    {
        $by = [];
        $left = $done = 0;
        $seen = [];
        foreach (Book::all($kitchen)->whereNotNull('oven_id')->orderByDesc('out_at')->limit(10 * self::NEWEST)->get() as $bake) {
            $oven = (string) $bake->oven_id;
            $seen[$oven] = ($seen[$oven] ?? 0) + 1;
            if ($seen[$oven] > self::NEWEST) {
                continue;
            }
            $key = self::key($bake);
            if ($bake->evidence === null || $bake->evidence_of !== $key) {
                if (! $worksOut || $done >= self::AT_ONCE) {
                    $left++;

                    continue;
                }
                $done++;
                $bake->fill(['evidence' => json_encode(self::of(RecordedBake::of($bake))->log, JSON_THROW_ON_ERROR), 'evidence_of' => $key])->save();
            }
            $by[$oven][] = [self::read((string) $bake->evidence), $bake->pie()->bake->oven->runsByKelvins ?? 0.0];
        }

        return [$by, $left];
    }

    private static function key(StoredBake $bake): string
    {
        return md5(self::MODEL.implode('|', [$bake->underside, $bake->slice, $bake->colour, $bake->in_at?->getTimestampMs(), $bake->out_at?->getTimestampMs(), json_encode($bake->weighed)]));
    }

    private static function of(RecordedBake $recorded): OvenEvidence
    {
        $done = $recorded->doneBake();
        $wish = $recorded->designed->bake->colour;
        $underside = $done->underside === null ? null : Observation::underside($done->underside);
        $told = [
            ...array_map(Observation::seen(...), $recorded->baked()->seen),
            ...($underside === null ? [] : [$underside]),
            ...($done->colour === null ? [] : [Observation::colour($done->colour, $wish)]),
        ];

        $trace = $recorded->ovenTrace();

        return OvenNet::of(BakeInputs::of(Weights::of(self::asBaked($done->done))), $trace !== null)->evidence($trace, $told);
    }

    /** What was matched once is not asked of the bakes again. */
    private static function asBaked(Pie $pie): Pie
    {
        return $pie->withBake($pie->bake->withMatched(null));
    }

    private static function read(string $json): OvenEvidence
    {
        $rows = json_decode($json, true);

        return new OvenEvidence(array_map(static fn (mixed $row): array => array_map(static fn (mixed $one): float => is_numeric($one) ? (float) $one : 0.0, is_array($row) ? array_values($row) : []), is_array($rows) ? array_values($rows) : []));
    }
}
