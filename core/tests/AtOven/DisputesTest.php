<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\AtOven;

use Hojaldre\Core\AtOven\LegName;
use Hojaldre\Core\AtOven\LogEvent;
use Hojaldre\Core\AtOven\LogKind;
use Hojaldre\Core\AtOven\OvenLog;
use PHPUnit\Framework\TestCase;

/** Two phones at one oven: what was pressed counts when it was pressed, and what cannot be known is asked. */
final class DisputesTest extends TestCase
{
    private static function press(string $id, LogKind $kind, string $what, float $minute, string $by, string $answer = ''): LogEvent
    {
        return new LogEvent($id, $kind, LegName::Bake, $what, $answer, null, 60 * $minute, $by);
    }

    public function test_presses_stand_in_the_order_in_which_they_happened(): void
    {
        $log = OvenLog::of([self::press('b', LogKind::In, '', 10, 'Ada'), self::press('a', LogKind::Tick, 'rack', 3, 'Ben')]);
        self::assertSame(['a', 'b'], array_map(static fn (LogEvent $one): string => $one->id, $log->events));
    }

    public function test_it_cannot_go_in_at_two_times(): void
    {
        $log = OvenLog::of([self::press('late', LogKind::In, '', 10, 'Ada'), self::press('early', LogKind::In, '', 0, 'Ben')]);
        self::assertCount(1, $log->disputes());
        self::assertSame(['late', 'early'], [$log->disputes()[0][0]->id, $log->disputes()[0][1]->id], 'the later one counts: it was in for less');
        $settled = OvenLog::of([...$log->events, self::press('u', LogKind::Undo, 'early', 12, 'Ada')]);
        self::assertSame([], $settled->disputes());
    }

    public function test_the_same_within_a_minute_is_the_same_and_so_is_what_one_person_corrects(): void
    {
        self::assertSame([], OvenLog::of([self::press('a', LogKind::In, '', 0, 'Ada'), self::press('b', LogKind::In, '', 0.9, 'Ben')])->disputes());
        self::assertSame([], OvenLog::of([self::press('a', LogKind::In, '', 0, 'Ada'), self::press('b', LogKind::In, '', 9, 'Ada')])->disputes());
    }

    public function test_two_first_looks_that_differ_are_asked_and_a_second_look_is_another_one(): void
    {
        $look = static fn (string $answer, string $by, float $minute): LogEvent => self::press("$by$minute", LogKind::Seen, 'look', $minute, $by, $answer);
        self::assertCount(1, OvenLog::of([$look('more', 'Ada', 30), $look('like', 'Ben', 30.2)])->disputes());
        self::assertSame([], OvenLog::of([$look('more', 'Ada', 30), $look('more', 'Ben', 30.2)])->disputes());
        self::assertSame([], OvenLog::of([$look('more', 'Ada', 30), self::press('l', LogKind::Later, 'look', 30.1, 'Ada'), $look('like', 'Ben', 34)])->disputes());
    }
}
