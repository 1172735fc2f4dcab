<?php

declare(strict_types=1);

namespace App\AtOven;

use Hojaldre\Core\AtOven\Leg;
use Hojaldre\Core\AtOven\LegName;
use Hojaldre\Core\AtOven\OvenLog;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Support\Facades\DB;

/** Stores what was pressed, and what follows of it for the list of bakes: when it went in and came out, and how far it is. */
final readonly class TakenEvents
{
    /** A press comes no earlier than the bake was put down, and not from the future, but for clocks that differ a little, min (definition). */
    private const CLOCK_MINUTES = 10;

    /**
     * @param  list<EventWish>  $events
     * @return int how many were new
     */
    public static function put(StoredBake $bake, array $events, string $by): int
    {
        foreach ($events as $index => $event) {
            $ahead = ($event->at - (int) now()->getTimestampMs()) / 60_000;
            $before = ((int) $bake->created_at->getTimestampMs() - $event->at) / 60_000;
            if ($ahead > self::aheadMinutes() || $before > self::CLOCK_MINUTES) {
                throw Refused::because('clock-is-off', "/events/$index/at", ['offMinutes' => round(max($ahead, $before)), 'way' => $ahead > 0 ? 'ahead' : 'behind']);
            }
        }

        return self::putPast($bake, $events, $by);
    }

    /**
     * The same of a bake that was long ago.
     *
     * @param  list<EventWish>  $events
     */
    public static function putPast(StoredBake $bake, array $events, string $by): int
    {
        return DB::transaction(static function () use ($bake, $events, $by): int {
            $row = StoredBake::query()->where('kitchen_id', $bake->kitchen_id)->lockForUpdate()->findOrFail($bake->id);
            $new = StoredEvent::query()->insertOrIgnore(array_map(static fn (EventWish $one): array => [
                'kitchen_id' => $bake->kitchen_id, 'bake_id' => $bake->id, 'id' => $one->id, 'kind' => $one->kind->value, 'leg' => $one->leg->value, 'what' => $one->what, 'answer' => $one->answer,
                'value' => $one->value, 'at' => self::time($one->at / 1000), 'pressed_by' => $by,
            ], $events));
            if ($new > 0) {
                self::follow($row);
            }

            return $new;
        });
    }

    /** Tests with a fast clock are allowed more. */
    private static function aheadMinutes(): float
    {
        $more = config('app.clock_ahead_minutes');

        return max(self::CLOCK_MINUTES, is_numeric($more) ? (float) $more : 0.0);
    }

    private static function follow(StoredBake $bake): void
    {
        $log = OvenLog::of(array_map(static fn (StoredEvent $one) => $one->event(), StoredEvent::of($bake->kitchen_id, [$bake->id])[$bake->id]));
        $legs = array_map(static fn (Leg $leg) => $log->leg($leg), $bake->legsOf());
        $baked = $legs[count($legs) - 1];
        // a wrong press may have been undone: what was in is out of it again
        $bake->fill([
            'in_at' => $baked->inSeconds === null ? null : self::time($baked->inSeconds),
            'out_at' => $baked->inSeconds === null || $baked->outSeconds === null ? null : self::time(max($baked->inSeconds, $baked->outSeconds)),
            'in_range' => self::inRange($bake, $baked->outMinute()),
            'state' => match (true) {
                $log->isEnded() => $baked->outSeconds === null ? 'away' : 'ended',
                $baked->outSeconds !== null => 'resting',
                $baked->inSeconds !== null || ($legs[0]->leg->name === LegName::Shell && $legs[0]->inSeconds !== null) => 'in',
                default => 'waiting',
            },
        ])->save();
    }

    /** Within what was foretold, to the minute. */
    private static function inRange(StoredBake $bake, ?float $minutes): ?bool
    {
        return $minutes === null ? null : $minutes >= $bake->low_minutes - 0.5 && $minutes <= $bake->high_minutes + 0.5;
    }

    private static function time(float $seconds): string
    {
        return (\DateTimeImmutable::createFromFormat('U.v', sprintf('%.3f', $seconds)) ?: throw new \LogicException('No time.'))->format('Y-m-d H:i:s.vP');
    }
}
