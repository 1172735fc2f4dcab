<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\AtOven;

use Hojaldre\Core\AtOven\ActName;
use Hojaldre\Core\AtOven\ActState;
use Hojaldre\Core\AtOven\Leg;
use Hojaldre\Core\AtOven\LegName;
use Hojaldre\Core\AtOven\LogEvent;
use Hojaldre\Core\AtOven\LogKind;
use Hojaldre\Core\AtOven\OutAt;
use Hojaldre\Core\AtOven\Outlook;
use Hojaldre\Core\AtOven\OvenAct;
use Hojaldre\Core\AtOven\OvenLog;
use Hojaldre\Core\Statement\Statement;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every press is the log. */
final class OvenLogTest extends TestCase
{
    private const IN = 1_000_000.0;

    private int $events = 0;

    private static function leg(): Leg
    {
        $act = static fn (ActName $name, float $minute, bool $after = false): OvenAct => new OvenAct($name->value, $name, $minute, $after, new Statement('x'), []);

        return new Leg(LegName::Bake, [], [$act(ActName::Turn, 15), $act(ActName::Look, 25), $act(ActName::Out, 30), $act(ActName::Rested, 12, true)]);
    }

    private function event(LogKind $kind, string $what = '', float $minute = 0.0, ?float $value = null, string $answer = '', LegName $leg = LegName::Bake): LogEvent
    {
        return new LogEvent('e'.++$this->events, $kind, $leg, $what, $answer, $value, self::IN + 60 * $minute);
    }

    /** @return iterable<string, array{array<string, mixed>}> the device reads the log by the same cases (web/src/rooms/oven/log.test.ts) */
    public static function cases(): iterable
    {
        $cases = json_decode((string) file_get_contents(__DIR__.'/data/logs.json'), true);
        foreach (is_array($cases) ? $cases : [] as $case) {
            if (is_array($case) && is_string($case['says'])) {
                yield $case['says'] => [$case];
            }
        }
    }

    /** @param  array{events: list<array{string, string, float, float|null, string}>, movedMinutes: float, minutes: list<float>, done: list<float|null>, inMinute: float|null, outMinute: float|null, ticked: list<string>, stopped: list<string>}  $case */
    #[DataProvider('cases')]
    public function test_the_log_is_read_as_by_hand(array $case): void
    {
        $events = array_map(static fn (array $row, int $n): LogEvent => new LogEvent("e$n", LogKind::from($row[0]), LegName::Bake, $row[1], $row[4], $row[3], self::IN + 60 * $row[2]), $case['events'], array_keys($case['events']));
        $state = OvenLog::of($events)->leg(self::leg(), $case['movedMinutes']);
        self::assertEquals($case['minutes'], array_map(static fn (ActState $one): float => $one->minute, $state->acts));
        self::assertEquals($case['done'], array_map(static fn (ActState $one): ?float => $one->doneMinute, $state->acts));
        self::assertSame([$case['ticked'], $case['stopped']], [$state->ticked, $state->stopped]);
        $minute = static fn (?float $seconds): ?float => $seconds === null ? null : ($seconds - self::IN) / 60;
        self::assertEquals([$case['inMinute'], $case['outMinute']], [$minute($state->inSeconds), $minute($state->outSeconds)]);
        self::assertEquals($case['outMinute'] === null ? null : $case['outMinute'] - $case['inMinute'], $state->outMinute());
    }

    public function test_a_wrong_press_is_undone_and_the_one_before_it_can_be_too(): void
    {
        $first = $this->event(LogKind::Done, 'turn', 15);
        $wrong = $this->event(LogKind::Done, 'out', 16);
        $events = [$this->event(LogKind::In), $first, $wrong, $this->event(LogKind::Undo, $wrong->id, 16.2)];
        $log = OvenLog::of($events);
        self::assertSame($first, $log->last());
        self::assertSame('look', $log->leg(self::leg())->next()?->act->id);
        $both = OvenLog::of([...$events, $this->event(LogKind::Undo, $first->id, 16.4)]);
        self::assertSame('turn', $both->leg(self::leg())->next()?->act->id);
        self::assertSame(LogKind::In, $both->last()?->kind);
    }

    public function test_what_was_seen_is_kept_with_its_minute_and_its_picture(): void
    {
        $log = OvenLog::of([$this->event(LogKind::In), $this->event(LogKind::Seen, 'look', 26, 120.0, 'more'), $this->event(LogKind::Seen, 'shell-look', 27, null, 'matt')]);
        $state = $log->leg(self::leg());
        self::assertCount(1, $state->seen);
        self::assertSame([26.0, 120.0, 'more'], [$state->seen[0]->minute, $state->seen[0]->pictureMm, $state->seen[0]->compared->value]);
        self::assertSame('more', $state->acts[1]->answer);
    }

    public function test_the_probe_is_in_while_nobody_took_it_out_and_a_bake_ends_once(): void
    {
        self::assertFalse(OvenLog::of([])->isPlugged());
        $in = [$this->event(LogKind::Plugged)];
        self::assertTrue(OvenLog::of($in)->isPlugged());
        self::assertFalse(OvenLog::of([...$in, $this->event(LogKind::Unplugged)])->isPlugged());
        self::assertFalse(OvenLog::of($in)->isEnded());
        self::assertTrue(OvenLog::of([...$in, $this->event(LogKind::Ended)])->isEnded());
        self::assertSame([], OvenLog::of([$this->event(LogKind::Tick, 'rack', leg: LegName::Shell)])->leg(self::leg())->ticked, 'each leg has its own');
    }

    public function test_a_pie_is_planned_out_at_its_own_minutes_but_never_before_its_middle_is_ready(): void
    {
        $pie = TroutQuiche::pie();
        self::assertSame(46.0, OutAt::of($pie, new Outlook(42.0, 38.0, 47.0, 0.0))->minute);
        self::assertSame(50.0, OutAt::of($pie, new Outlook(46.0, 43.0, 49.0, 4.0))->minute, 'what runs four minutes behind comes out four later');
        $late = OutAt::of($pie, new Outlook(55.0, 50.0, 61.0, 0.0));
        self::assertSame([55.0, 50.0, 61.0], [$late->minute, $late->lowMinute, $late->highMinute]);
        self::assertSame(47.0, $late->lookMinute());
        self::assertSame(9.0, (new Outlook(42.0, 38.0, 47.0, 0.0))->width());
    }
}
