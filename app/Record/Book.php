<?php

declare(strict_types=1);

namespace App\Record;

use App\AtOven\StoredBake;
use App\Kitchen\Kitchen;
use App\Wording\Words;
use Illuminate\Database\Eloquent\Builder;

/** The bakes of a kitchen: a page of them, found by words and by a part of the book. */
final readonly class Book
{
    private const PAGE = 25;

    /** Kinds of filters that are offered at most, of pies and of ovens (definition). */
    private const MOST = 4;

    /** Judged words that are trouble. */
    public const TROUBLES = ['underside' => ['soggy', 'raw'], 'slice' => ['loose', 'weeps'], 'colour' => ['pale', 'dark'], 'salt' => ['bland', 'salty']];

    public static function page(Kitchen $kitchen, string $find, string $which, int $page, Words $words): BookAnswer
    {
        $query = self::found(self::part(self::all($kitchen), $which), $find);
        $rows = (clone $query)->orderByDesc('out_at')->orderBy('id')->offset(self::PAGE * $page)->limit(self::PAGE)->get(self::LISTED);
        $sums = self::sums($kitchen);
        $found = $which === 'all' && trim($find) === '' ? $sums['bakes'] ?? 0 : $query->count();
        // bakes of one pie mostly have one design, and its section is made once
        $sections = [];
        $listed = [];
        foreach ($rows as $bake) {
            $section = $sections[hash('xxh128', $bake->design)] ??= BakeRow::section($bake, $words);
            $listed[] = BakeRow::of($bake, $section, $words);
        }

        return new BookAnswer(
            $listed, $found, self::filters($kitchen, $sums), $sums['first'] ?? null, $sums['last'] ?? null, $sums['in_range'] ?? 0, $sums['bakes'] ?? 0,
        );
    }

    /** The forecast of a bake is large, and no row of a list wants it. */
    private const LISTED = [
        'kitchen_id', 'id', 'pie_id', 'name', 'count', 'design', 'foretold', 'oven', 'in_at', 'out_at', 'designed_minutes', 'low_minutes', 'high_minutes', 'underside', 'slice', 'colour', 'salt', 'faults', 'next_time', 'judged_at',
    ];

    /** @return array<string, int|null> of all bakes, asked once */
    private static function sums(Kitchen $kitchen): array
    {
        $row = self::all($kitchen)->toBase()->selectRaw(
            'count(*) as bakes, count(*) filter (where in_range) as in_range, count(*) filter (where judged_at is null) as to_judge, count(*) filter (where '.self::wrong().') as wrong, extract(epoch from min(out_at)) * 1000 as first, extract(epoch from max(out_at)) * 1000 as last',
        )->first();

        $sums = [];
        foreach ($row === null ? [] : get_object_vars($row) as $name => $one) {
            $sums[(string) $name] = is_numeric($one) ? (int) $one : null;
        }

        return $sums;
    }

    /** @return Builder<StoredBake> those that came out */
    public static function all(Kitchen $kitchen): Builder
    {
        return StoredBake::of($kitchen)->whereNotNull('out_at')->whereIn('state', ['resting', 'ended']);
    }

    /**
     * @param  Builder<StoredBake>  $query
     * @return Builder<StoredBake>
     */
    private static function part(Builder $query, string $which): Builder
    {
        [$kind, $of] = explode(':', $which, 2) + ['', ''];

        return match ($kind) {
            'to-judge' => $query->whereNull('judged_at'),
            'wrong' => $query->whereRaw(self::wrong()),
            'pie' => $query->where('name', $of),
            'oven' => $query->where('oven', $of),
            default => $query,
        };
    }

    /**
     * Every word has to be there, in part.
     *
     * @param  Builder<StoredBake>  $query
     * @return Builder<StoredBake>
     */
    private static function found(Builder $query, string $find): Builder
    {
        foreach (preg_split('/[\s,]+/', mb_strtolower(trim($find)), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $query->where('looked_for', 'like', '%'.addcslashes($word, '%_\\').'%');
        }

        return $query;
    }

    /**
     * @param  array<string, int|null>  $sums
     * @return list<BakeFilter>
     */
    private static function filters(Kitchen $kitchen, array $sums): array
    {
        $of = static fn (string $column): array => self::all($kitchen)->where($column, '!=', '')->selectRaw("$column as part, count(*) as bakes")->groupBy($column)->orderByDesc('bakes')->orderBy($column)->limit(self::MOST)->toBase()->get()->all();
        $rows = static fn (string $kind, array $found): array => array_map(static fn (object $row): BakeFilter => new BakeFilter("$kind:".self::text($row, 'part'), self::text($row, 'part'), (int) self::text($row, 'bakes')), array_values(array_filter($found, is_object(...))));

        return [
            new BakeFilter('all', '', $sums['bakes'] ?? 0), new BakeFilter('to-judge', '', $sums['to_judge'] ?? 0), new BakeFilter('wrong', '', $sums['wrong'] ?? 0),
            ...$rows('pie', $of('name')), ...$rows('oven', $of('oven')),
        ];
    }

    private static function text(object $row, string $key): string
    {
        $value = get_object_vars($row)[$key] ?? '';

        return is_scalar($value) ? (string) $value : '';
    }

    /** SQL: something of it came out other than well. */
    private static function wrong(): string
    {
        $words = array_map(static fn (string $tap): string => "$tap in ('".implode("', '", self::TROUBLES[$tap])."')", array_keys(self::TROUBLES));

        return '('.implode(' or ', $words)." or faults::text <> '[]')";
    }
}
