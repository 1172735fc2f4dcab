<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\AtOven;

use Hojaldre\Core\AtOven\TraceTable;
use Hojaldre\Core\Refusal\Refused;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Files as thermometers write them. */
final class TraceTableTest extends TestCase
{
    /** 2026-11-21 11:00:00 in Greenwich. */
    private const IN = 1795258800.0;

    /** @param  list<array{float, float}>  $wanted */
    #[TestWith(["minute,celsius\n0,12.5\n1.5,14\n", [[0.0, 12.5], [1.5, 14.0]]], 'minutes')]
    #[TestWith(["Time (s);Core °C\n0;12,5\n90;14\n", [[0.0, 12.5], [1.5, 14.0]]], 'seconds, semicolons and a decimal comma')]
    #[TestWith(["elapsed\tprobe fahrenheit\n0:30\t50\n1:01:00\t212\n", [[0.5, 10.0], [61.0, 100.0]]], 'spans, tabs and Fahrenheit')]
    #[TestWith(["\xEF\xBB\xBFDate,Ambient,Temp °F\n2026-11-21 11:30:00,180,50\n2026-11-21T12:00:00Z,181,68\n", [[30.0, 10.0], [60.0, 20.0]]], 'dates and another column')]
    public function test_a_file_is_read_by_its_head(string $csv, array $wanted): void
    {
        $read = TraceTable::read($csv, self::IN);
        self::assertEqualsWithDelta($wanted, $read->readings, 1e-6);
        self::assertSame(0, $read->leftOut);
    }

    public function test_clock_times_without_a_zone_are_of_the_kitchens_zone(): void
    {
        self::assertEqualsWithDelta([[30.0, 10.0]], TraceTable::read("time,celsius\n2026-11-21 12:30:00,10\n", self::IN, 3600.0)->readings, 1e-6);
    }

    public function test_rows_without_a_number_are_counted_and_left_out(): void
    {
        $read = TraceTable::read("minute,celsius\n0,12\n1,--\nsoon,13\n\n2,14\n", self::IN);
        self::assertSame([[0.0, 12.0], [2.0, 14.0]], $read->readings);
        self::assertSame(2, $read->leftOut);
    }

    #[TestWith(["weight,celsius\n1,2\n", 'trace-no-time'])]
    #[TestWith(["minute,weight\n1,2\n", 'trace-no-celsius'])]
    #[TestWith(["minute,celsius\nx,y\n", 'trace-no-rows'])]
    #[TestWith(['', 'trace-no-time'])]
    public function test_what_is_no_trace_says_what_is_missing(string $csv, string $code): void
    {
        try {
            TraceTable::read($csv, self::IN);
            self::fail('It was taken.');
        } catch (Refused $refused) {
            self::assertSame($code, $refused->refusals[0]->code);
            self::assertSame('/csv', $refused->refusals[0]->at);
        }
    }
}
