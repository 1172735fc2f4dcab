<?php

declare(strict_types=1);

namespace App\Record;

use App\AtOven\StoredBake;
use App\Kitchen\Kitchen;
use App\Wording\Words;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** The bakes of a kitchen: a page of them, found by words and by a part of the book. */
final readonly class Book
{
    private const PAGE = 25;

    /** Kinds of filters that are offered at most, of pies and of ovens (definition). */
    private const MOST = 4;

    private const WRONG = "(underside in ('soggy', 'raw') or slice in ('loose', 'weeps') or colour in ('pale', 'dark') or salt in ('bland', 'salty') or faults::text <> '[]')";

    public static function page(Kitchen $kitchen, string $find, string $which, int $page, Words $words): BookAnswer
    {
        $query = self::found(self::part(self::all($kitchen), $which), $find);
        $found = (clone $query)->count();
        $rows = $query->orderByDesc('out_at')->orderBy('id')->offset(self::PAGE * $page)->limit(self::PAGE)->get();
        $span = DB::selectOne('select extract(epoch from min(out_at)) * 1000 as first, extract(epoch from max(out_at)) * 1000 as last from bakes where kitchen_id = ? and out_at is not null', [$kitchen->id]);
        /** @var object{first: string|null, last: string|null} $span */

        return new BookAnswer(
            array_values($rows->map(static fn (StoredBake $bake): BakeRow => BakeRow::of($bake, $words))->all()), $found, self::filters($kitchen),
            $span->first === null ? null : (int) $span->first, $span->last === null ? null : (int) $span->last, self::all($kitchen)->where('in_range', true)->count(), self::all($kitchen)->count(),
        );
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
            'wrong' => $query->whereRaw(self::WRONG),
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

    /** @return list<BakeFilter> */
    private static function filters(Kitchen $kitchen): array
    {
        $of = static fn (string $column): array => self::all($kitchen)->where($column, '!=', '')->selectRaw("$column as part, count(*) as bakes")->groupBy($column)->orderByDesc('bakes')->orderBy($column)->limit(self::MOST)->toBase()->get()->all();
        $rows = static fn (string $kind, array $found): array => array_map(static fn (object $row): BakeFilter => new BakeFilter("$kind:".self::text($row, 'part'), self::text($row, 'part'), (int) self::text($row, 'bakes')), array_values(array_filter($found, is_object(...))));

        return [
            new BakeFilter('all', '', self::all($kitchen)->count()), new BakeFilter('to-judge', '', self::part(self::all($kitchen), 'to-judge')->count()), new BakeFilter('wrong', '', self::part(self::all($kitchen), 'wrong')->count()),
            ...$rows('pie', $of('name')), ...$rows('oven', $of('oven')),
        ];
    }

    private static function text(object $row, string $key): string
    {
        $value = get_object_vars($row)[$key] ?? '';

        return is_scalar($value) ? (string) $value : '';
    }
}
