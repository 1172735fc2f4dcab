<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

/** The log of a bake, read: where each leg stands. The order of events is that in which they happened, whenever they arrived. */
final readonly class OvenLog
{
    /** @param  list<LogEvent>  $events  without those that were undone */
    private function __construct(public array $events)
    {
    }

    /** Two who pressed the same within so long meant the same, s (judgement). */
    private const SAME_SECONDS = 60.0;

    /** @param  list<LogEvent>  $events  in the order in which they came */
    public static function of(array $events): self
    {
        $undone = [];
        foreach ($events as $event) {
            if ($event->kind === LogKind::Undo) {
                $undone[$event->what] = true;
            }
        }

        $standing = array_values(array_filter($events, static fn (LogEvent $one): bool => $one->kind !== LogKind::Undo && ! isset($undone[$one->id])));
        // what was pressed without a line comes late; it happened when it was pressed
        usort($standing, static fn (LogEvent $a, LogEvent $b): int => $a->atSeconds <=> $b->atSeconds);

        return new self($standing);
    }

    /** What stands for the middle of a pie in a measurement. */
    public const MIDDLE = 'middle';

    /**
     * The same thing said twice and not alike: it went in at two times, or two looks were answered otherwise. Nobody but the people knows
     * which is right; until they say so the later "in" and the first look count, the cautious ones.
     *
     * @return list<array{LogEvent, LogEvent}> the one that counts, the other
     */
    public function disputes(): array
    {
        $first = $disputes = [];
        foreach ($this->events as $event) {
            $key = match ($event->kind) {
                LogKind::In => 'in '.$event->leg->value,
                LogKind::Seen => "seen {$event->leg->value} $event->what",
                LogKind::Done => "done {$event->leg->value} $event->what",
                default => null,
            };
            // back in the oven, or later: the next look is another one
            $first = match ($event->kind) {
                LogKind::Later, LogKind::BackIn => array_filter($first, static fn (string $one): bool => ! str_starts_with($one, 'seen') && ! str_starts_with($one, 'done'), ARRAY_FILTER_USE_KEY),
                default => $first,
            };
            $before = $key === null ? null : $first[$key] ?? null;
            if ($before !== null && $before->by !== $event->by && ($event->atSeconds - $before->atSeconds > self::SAME_SECONDS || $event->answer !== $before->answer)) {
                $disputes[] = $event->kind === LogKind::In ? [$event, $before] : [$before, $event];
            }
            if ($key !== null) {
                $first[$key] ??= $event;
            }
        }

        return $disputes;
    }

    public function isPlugged(): bool
    {
        $last = $this->lastOf([LogKind::Plugged, LogKind::Unplugged]);

        return $last?->kind === LogKind::Plugged;
    }

    public function isEnded(): bool
    {
        return $this->lastOf([LogKind::Ended]) !== null;
    }

    /** What can be taken back: the last press. */
    public function last(): ?LogEvent
    {
        return $this->events[count($this->events) - 1] ?? null;
    }

    /** @param  float  $movedMinutes  how much later it comes out by what was seen and measured */
    public function leg(Leg $leg, float $movedMinutes = 0.0): LegState
    {
        $own = array_values(array_filter($this->events, static fn (LogEvent $one): bool => $one->leg === $leg->name));
        $ticked = $stopped = $seen = $done = $later = $answers = [];
        $in = $out = $backUntil = $middle = null;
        $outside = 0.0;
        foreach ($own as $event) {
            match ($event->kind) {
                LogKind::Tick => $ticked[$event->what] = true,
                LogKind::Stopped => $stopped[$event->what] = true,
                LogKind::In => $in = $event->atSeconds,
                LogKind::Done => $done[$event->what] ??= $event->atSeconds,
                LogKind::Later => $later[] = [$event->what, $event->value ?? 0.0],
                default => null,
            };
            if ($event->kind === LogKind::BackIn && $in !== null && isset($done[ActName::Out->value])) {
                $outside += ($event->atSeconds - $done[ActName::Out->value]) / 60;
                $backUntil = ($event->atSeconds - $in) / 60 + ($event->value ?? 0.0);
                $middle = null;
                unset($done[ActName::Out->value]);
            }
            if ($event->kind === LogKind::Measured && $event->what === self::MIDDLE) {
                $middle = $event->value;
            }
            if ($event->kind === LogKind::Untick) {
                unset($ticked[$event->what]);
            }
            if ($event->kind === LogKind::Seen) {
                $answers[$event->what] = $event->answer;
                $compared = Compared::tryFrom($event->answer);
                if ($in !== null && $event->value !== null && $compared !== null) {
                    $seen[] = new Seen(($event->atSeconds - $in) / 60, $event->value, $compared);
                }
            }
            $out = $done[ActName::Out->value] ?? null;
        }

        return new LegState($leg, array_keys($ticked), array_keys($stopped), $in, $out, self::acts($leg, $in, $out, $done, $later, $answers, $movedMinutes, $backUntil), $seen, $outside, $middle);
    }

    /**
     * @param  array<string, float>  $done  seconds, by act
     * @param  list<array{string, float}>  $later  act and minutes
     * @param  array<string, string>  $answers
     * @param  float|null  $backUntil  minute until which it went in again
     * @return list<ActState>
     */
    private static function acts(Leg $leg, ?float $in, ?float $out, array $done, array $later, array $answers, float $moved, ?float $backUntil): array
    {
        $states = [];
        foreach ($leg->acts as $index => $act) {
            $minute = $act->minute;
            foreach ($later as [$what, $minutes]) {
                $from = array_search($what, array_map(static fn (OvenAct $one): string => $one->id, $leg->acts), true);
                // what is put off puts off what comes after it, as long as that is in the oven too
                $minute += $from !== false && $index >= $from && $act->isAfterOut === $leg->acts[$from]->isAfterOut ? $minutes : 0.0;
            }
            $isOut = $act->name === ActName::Out && ! $act->isAfterOut;
            $minute = $isOut ? max($minute + $moved, $backUntil ?? 0.0) : $minute;
            $since = $act->isAfterOut ? $out : $in;
            $at = $done[$act->id] ?? null;
            $states[] = new ActState($act, $minute, $at === null || $since === null ? null : ($at - $since) / 60, $answers[$act->id] ?? '');
        }

        return $states;
    }

    /** @param  list<LogKind>  $kinds */
    private function lastOf(array $kinds): ?LogEvent
    {
        $found = array_values(array_filter($this->events, static fn (LogEvent $one): bool => in_array($one->kind, $kinds, true)));

        return $found[count($found) - 1] ?? null;
    }
}
