<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\AtOven\BakeWish;
use App\AtOven\BegunBake;
use App\AtOven\EventWish;
use App\AtOven\ReadingWish;
use App\AtOven\StoredBake;
use App\AtOven\StoredReading;
use App\AtOven\TakenEvents;
use App\Kitchen\Kitchen;
use App\Kitchen\User;
use App\Oven\KitchenOven;
use Hojaldre\Core\AtOven\LegName;
use Hojaldre\Core\AtOven\LogKind;
use Hojaldre\Core\Bake\BakeDeviation;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Normal;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Record\TrialBake;
use Hojaldre\Core\Record\WordsOf;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** A dozen bakes of the made-up Lock House: baked in simulation in its two ovens, whose truth nobody wrote down; some went wrong. */
final readonly class DemoBakes
{
    /** How far the ovens really are off what the stores say, K; and heat from below. */
    private const HIDDEN = ['Galley fan oven' => [-9.0, 0.8], 'Old static oven' => [3.0, 1.1]];

    /** Weeks ago, pie, oven, minutes longer than designed, probe, faults, words, next time. */
    private const BAKES = [
        [1, 'Beetroot and walnut hand pies', 'Galley fan oven', 0, false, null, '', ''],
        [1, 'Smoked trout and leek quiche', 'Galley fan oven', 1, true, ['soggy-base'], 'It came away wet in the middle.', 'Press the leeks to 300 g, not 348.'],
        [1, 'Celeriac and cider deep pie', 'Old static oven', 1, true, [], '', ''],
        [2, 'Spinach, nutmeg and curd double-crust pie', 'Old static oven', 0, false, [], '', 'As it was; squeeze the spinach hard again.'],
        [2, 'Fennel and blue cheese tart', 'Galley fan oven', -4, true, [], 'Out for the boat crew at eleven.', 'Stay to its minutes; no salt beside the cheese.'],
        [3, 'Chicken, tarragon and leek pasties', 'Old static oven', 0, true, ['burnt-rim'], 'The back row only.', 'Turn at 18: the back corner runs hot.'],
        [3, 'Pumpkin, sage and hazelnut tart', 'Galley fan oven', 6, true, [], '', 'First look at minute 34.'],
        [4, 'Smoked trout and leek quiche', 'Galley fan oven', 3, true, [], '', ''],
        [4, 'Beetroot and walnut hand pies', 'Old static oven', 0, false, [], '', ''],
        [5, 'Spinach, nutmeg and curd double-crust pie', 'Galley fan oven', 4, true, [], '', ''],
        [6, 'Pumpkin, sage and hazelnut tart', 'Old static oven', 0, false, ['stuck'], 'Left half the crust in the tin.', 'Grease the ring too.'],
        [7, 'Smoked trout and leek quiche', 'Galley fan oven', 0, true, [], '', ''],
    ];

    public static function put(Kitchen $kitchen, User $by): void
    {
        $draw = new Normal(17);
        foreach (self::BAKES as $index => [$weeks, $name, $oven, $longer, $probe, $faults, $words, $nextTime]) {
            $at = Carbon::now()->subWeeks($weeks - 1)->previous('Saturday')->setTime(8 + $index % 3, 11 * ($index % 5));
            $bake = self::begin($kitchen, $by, $name, $oven, $at);
            self::bake($bake, $by, $at, $longer, $probe, $draw);
            if ($faults !== null) {
                self::judge($bake->refresh(), $by, $faults, $words, $nextTime, $index === 1);
            }
        }
    }

    public static function begin(Kitchen $kitchen, User $by, string $pie, string $oven, Carbon $at): StoredBake
    {
        $own = KitchenOven::query()->where('kitchen_id', $kitchen->id)->where('name', $oven)->firstOrFail();

        return BegunBake::put($kitchen, $by, new BakeWish(null, $kitchen->pies()->where('name', $pie)->firstOrFail()->id, null, str_contains($pie, 'hand pies') || str_contains($pie, 'pasties') ? 12 : 1, $own->id, false, (int) $at->getTimestampMs(), null), '');
    }

    /** @param  list<array{LogKind, LegName, string, float, float|null}>  $events  kind, leg, what, minute since it went in filled, value */
    public static function press(StoredBake $bake, User $by, Carbon $in, array $events): void
    {
        $wishes = array_map(static fn (array $one): EventWish => new EventWish(Str::uuid()->toString(), $one[0], $one[1], $one[2], '', $one[4], (int) $in->getTimestampMs() + (int) (60_000 * $one[3])), $events);
        TakenEvents::putPast($bake, $wishes, $by->name);
    }

    private static function bake(StoredBake $bake, User $by, Carbon $in, int $longer, bool $probe, Normal $draw): void
    {
        $pie = $bake->pie();
        $minutes = $pie->bake->minutes() + $longer;
        $legs = $bake->legsOf();
        $ticks = array_map(static fn ($item): array => [LogKind::Tick, LegName::Bake, $item->name->value, -2.0, null], $legs[count($legs) - 1]->gate);
        $shell = count($legs) === 1 ? [] : [
            [LogKind::In, LegName::Shell, '', -75.0, null], [LogKind::Done, LegName::Shell, 'weights-out', -60.0, null], [LogKind::Done, LegName::Shell, 'shell-look', -54.0, null], [LogKind::Done, LegName::Shell, 'out', -54.0, null],
        ];
        self::press($bake, $by, $in, [
            ...$shell, ...$ticks, [LogKind::In, LegName::Bake, '', 0.0, null], ...($probe ? [[LogKind::Plugged, LegName::Bake, '', 1.0, null]] : []), [LogKind::Done, LegName::Bake, 'look', round(0.85 * $minutes), null],
            [LogKind::Done, LegName::Bake, 'out', (float) $minutes, null], [LogKind::Done, LegName::Bake, 'rested', $minutes + 13.0, null], [LogKind::Ended, LegName::Bake, '', $minutes + 20.0, null],
        ]);
        if ($probe) {
            $true = self::true($bake);
            $off = 0.6 * $draw->next();
            StoredReading::put($bake, array_map(static fn (int $half): ReadingWish => new ReadingWish((int) $in->getTimestampMs() + 30_000 * $half, round($true->possible->celsiusAt($half / 2) + $off + 0.25 * $draw->next(), 1)), range(2, (int) (2 * $minutes))));
        }
    }

    /** As it really went, in the oven as it really is. */
    private static function true(StoredBake $bake, float $weep = 1.0): TrialBake
    {
        $pie = $bake->pie();
        [$oven, $below] = self::HIDDEN[$bake->oven] ?? [0.0, 1.0];
        $minutes = $bake->in_at === null || $bake->out_at === null ? $pie->bake->minutes() : max(1.0, $bake->in_at->diffInSeconds($bake->out_at, true) / 60);

        return TrialBake::run(BakeInputs::of(Weights::of($pie->withBake($pie->bake->withMinutes($minutes)))), new BakeDeviation(ovenKelvins: $oven, fromBelowFactor: $below, weepFactor: $weep));
    }

    /** @param  list<string>  $faults */
    private static function judge(StoredBake $bake, User $by, array $faults, string $words, string $nextTime, bool $wet): void
    {
        $foretold = $bake->foretold();
        $came = WordsOf::of(self::true($bake, $wet ? 2.4 : 1.0), $bake->pie()->bake->colour);
        $underside = $foretold->underside === null ? null : ($wet || $came->underside === BaseVerdict::Raw ? 'soggy' : $came->underside->value);
        $slice = $foretold->setsAtCelsius === null ? null : $came->slice->value;
        $bake->fill([
            'underside' => $underside, 'slice' => $slice, 'colour' => $came->colour->value, 'salt' => str_contains($words, 'boat crew') ? 'salty' : 'enough', 'faults' => $faults, 'words' => $words, 'next_time' => $nextTime,
            'weighed' => $wet ? [['layer' => 'leeks', 'grams' => 348.0]] : null, 'judged_by' => $by->name, 'judged_at' => $bake->out_at,
            'looked_for' => $bake->looked_for.' | '.implode(' ', array_filter([$underside, $slice, $came->colour->value, ...$faults])),
        ])->save();
    }
}
