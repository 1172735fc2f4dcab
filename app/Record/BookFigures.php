<?php

declare(strict_types=1);

namespace App\Record;

use App\AtOven\StoredBake;
use App\Contract\Schema;
use App\Kitchen\Kitchen;
use App\Wording\Words;
use Illuminate\Support\Facades\DB;

/** Charts that answer a question: how good were the forecasts, and what fails most. */
#[Schema('BookFigures')]
final readonly class BookFigures
{
    /** So many of the newest bakes are drawn, and so many kinds of trouble (definition). */
    private const NEWEST = 60;

    private const MOST = 10;

    /**
     * @param  list<BakeMiss>  $misses  the newest bakes that are out, the oldest first
     * @param  float|null  $earlierMinutes  that half of the earlier of them missed by less than; null below six
     * @param  float|null  $laterMinutes  the same of the later half
     * @param  list<ToldRight>  $told
     * @param  list<TroubleCount>  $troubles  the most frequent first
     */
    private function __construct(public array $misses, public ?float $earlierMinutes, public ?float $laterMinutes, public array $told, public array $troubles)
    {
    }

    public static function of(Kitchen $kitchen, Words $words): self
    {
        $newest = Book::all($kitchen)->whereNotNull('in_at')->orderByDesc('out_at')->orderBy('id')->limit(self::NEWEST)->get(['id', 'name', 'in_at', 'out_at', 'designed_minutes', 'low_minutes', 'high_minutes', 'in_range']);
        $misses = array_values($newest->reverse()->map(static fn (StoredBake $bake): BakeMiss => BakeMiss::of($bake))->all());
        $half = intdiv(count($misses), 2);
        $isEnough = count($misses) >= 6;

        return new self(
            $misses, $isEnough ? self::middle(array_slice($misses, 0, $half)) : null, $isEnough ? self::middle(array_slice($misses, $half)) : null,
            self::told($kitchen, $words), self::troubles($kitchen, $words),
        );
    }

    /** @param  list<BakeMiss>  $misses */
    private static function middle(array $misses): float
    {
        $off = array_map(static fn (BakeMiss $one): float => abs($one->lateMinutes), $misses);
        sort($off);
        $at = intdiv(count($off), 2);

        return round(count($off) % 2 === 1 ? $off[$at] : ($off[$at - 1] + $off[$at]) / 2, 1);
    }

    /** @return list<ToldRight> */
    private static function told(Kitchen $kitchen, Words $words): array
    {
        $rows = [];
        foreach (array_keys(Book::TROUBLES) as $tap) {
            $row = DB::selectOne("select count(*) as judged, count(*) filter (where $tap = foretold->>'$tap') as right, count(*) filter (where foretold->>'$tap' = any(?) and not $tap = any(?)) as false_alarms, count(*) filter (where $tap = any(?) and not foretold->>'$tap' = any(?)) as missed from bakes where kitchen_id = ? and out_at is not null and $tap is not null and foretold->>'$tap' is not null", [...array_fill(0, 4, '{'.implode(',', Book::TROUBLES[$tap]).'}'), $kitchen->id]);
            /** @var object{judged: int, right: int, false_alarms: int, missed: int} $row */
            $rows[] = new ToldRight($tap, $words->word('tap', $tap), $row->judged, $row->right, $row->false_alarms, $row->missed);
        }

        return $rows;
    }

    /** @return list<TroubleCount> */
    private static function troubles(Kitchen $kitchen, Words $words): array
    {
        $parts = array_map(static fn (string $tap): string => "select case when $tap in ('".implode("','", Book::TROUBLES[$tap])."') then '$tap.' || $tap end as trouble, name from bakes where kitchen_id = ? and out_at is not null", array_keys(Book::TROUBLES));
        $rows = DB::select(
            "select trouble, name, count(*) as bakes from (select 'fault.' || jsonb_array_elements_text(faults) as trouble, name from bakes where kitchen_id = ? and out_at is not null union all ".implode(' union all ', $parts).') all_of_them where trouble is not null group by trouble, name order by bakes desc, name',
            array_fill(0, 5, $kitchen->id),
        );
        $by = [];
        foreach ($rows as $row) {
            /** @var object{trouble: string, name: string, bakes: int} $row */
            $by[$row->trouble][$row->name] = $row->bakes;
        }
        uksort($by, static fn (string $a, string $b): int => array_sum($by[$b]) <=> array_sum($by[$a]) ?: strcmp($a, $b));
        $groups = ['fault' => 'fault', 'underside' => 'verdict', 'slice' => 'slice', 'colour' => 'judged-colour', 'salt' => 'judged-salt'];
        $counts = [];
        foreach (array_slice($by, 0, self::MOST, true) as $trouble => $pies) {
            [$kind, $code] = explode('.', $trouble, 2);
            $word = $words->word($groups[$kind], $code);
            $counts[] = new TroubleCount($kind === 'fault' ? $word : $words->word('tap', $kind).' '.$word, array_sum($pies), (string) array_key_first($pies), (int) reset($pies));
        }

        return $counts;
    }
}
