<?php

declare(strict_types=1);

namespace Tests\Day;

use App\Kitchen\Kitchen;
use App\Kitchen\Role;
use App\Pie\StoredPie;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Tests\TroutQuiche;
use Tests\TestCase;

final class DayTest extends TestCase
{
    private Kitchen $kitchen;

    private StoredPie $pie;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen = $this->kitchen();
        $this->actingAs($this->member($this->kitchen));
        $this->pie = $this->stored($this->kitchen);
    }

    public function test_one_pie_at_seven_says_when_to_begin_and_its_acts_in_order(): void
    {
        $begun = $this->postJson($this->at('/day-beginning'), ['batch' => null, 'pie' => $this->pie->id, 'count' => 1, 'atMinute' => 1140, 'date' => '2026-11-28'])->assertOk()->json();
        self::assertSame('Smoked trout and leek quiche', $begun['pies'][0]['name']);
        $plan = $this->plan($begun['day'])->json();
        self::assertTrue($plan['isPossible']);
        self::assertSame(0, $plan['lateMinutes']);
        // it is ready ten minutes before
        self::assertSame([1140, 1130], [$plan['served'][0]['dueMinute'], $plan['served'][0]['readyMinute']]);
        $kinds = array_values(array_filter(array_column($plan['tasks'], 'kind'), static fn (string $kind): bool => in_array($kind, ['mix', 'line', 'shell', 'fill', 'bake', 'unmould'], true)));
        self::assertSame(['mix', 'line', 'shell', 'fill', 'bake', 'unmould'], $kinds);
        self::assertSame(1140 - $plan['startMinute'], $plan['totalMinutes']);
        self::assertLessThan($plan['totalMinutes'], $plan['handsMinutes']);
        self::assertSame('oven', $plan['ovenTurns'][0]['oven']);
        $turned = array_values(array_filter($plan['acts'], static fn (array $act): bool => $act['oven'] !== ''));
        self::assertStringContainsString('Oven on: dial 190 °C', $turned[0]['title']);
        $starts = array_column($plan['acts'], 'fromMinute');
        $sorted = $starts;
        sort($sorted);
        self::assertSame($sorted, $starts);
    }

    public function test_a_day_is_put_down_changed_put_away_and_its_revisions_stay(): void
    {
        $id = $this->putDown();
        $this->putJson($this->at("/days/$id"), $this->toSave(1, 2))->assertOk()->assertJsonPath('revision', 2)->assertJsonPath('day.orders.0.count', 2);
        $this->getJson($this->at("/days/$id"))->assertJsonPath('pies.0.name', 'Smoked trout and leek quiche')->assertJsonPath('hasCalendar', false);
        $this->getJson($this->at('/days'))->assertJsonPath('days.0.date', '2026-11-28');
        $this->postJson($this->at("/days/$id/away"), ['away' => true])->assertOk();
        $this->getJson($this->at('/days'))->assertJsonPath('days', []);
        $this->expectExceptionMessage('never changed');
        $this->kitchen->getConnection()->table('day_revisions')->update(['saved_by' => 'nobody']);
    }

    public function test_a_day_as_it_was_saved_once_can_be_looked_at(): void
    {
        $id = $this->putDown();
        $this->putJson($this->at("/days/$id"), $this->toSave(1, 2))->assertOk();
        self::assertSame([2, 1], array_column((array) $this->getJson($this->at("/days/$id/revisions"))->assertOk()->json('revisions'), 'number'));
        $this->getJson($this->at("/days/$id/revisions/1"))->assertOk()->assertJsonPath('day.orders.0.count', 1)->assertJsonPath('pies.0.name', 'Smoked trout and leek quiche');
        $this->getJson($this->at("/days/$id/revisions/9"))->assertStatus(404);
    }

    public function test_two_cooks_on_one_day_overwrite_nothing(): void
    {
        $id = $this->putDown();
        $this->putJson($this->at("/days/$id"), $this->toSave(1, 2))->assertOk();
        $this->putJson($this->at("/days/$id"), $this->toSave(1, 3))->assertStatus(409)->assertJsonPath('code', 'clash');
        $this->getJson($this->at("/days/$id"))->assertJsonPath('day.orders.0.count', 2);
    }

    public function test_marks_are_seen_from_another_phone_with_the_revision_and_can_be_taken_back(): void
    {
        $id = $this->putDown();
        $mark = ['task' => 'dough:shortcrust', 'kind' => 'mix', 'startMinute' => 960, 'endMinute' => 975, 'plannedMinutes' => 15];
        $this->putJson($this->at("/days/$id/marks"), $mark)->assertOk()->assertJsonPath('marks.0.endMinute', 975);
        $this->getJson($this->at("/days/$id/marks"))->assertOk()->assertJsonPath('marks.0.task', 'dough:shortcrust')->assertJsonPath('revision', 1);
        $this->putJson($this->at("/days/$id/marks"), [...$mark, 'endMinute' => 950])->assertStatus(422)->assertJsonPath('at', '/endMinute');
        $this->putJson($this->at("/days/$id/marks"), [...$mark, 'startMinute' => null, 'endMinute' => null])->assertOk()->assertJsonPath('marks', []);
    }

    public function test_from_now_on_what_is_done_stands_and_the_rest_moves(): void
    {
        $id = $this->putDown();
        $day = $this->toSave(0, 1)['day'];
        $before = $this->plan($day)->json();
        $mix = $this->taskOf($before, 'dough:shortcrust');
        // the dough came twenty minutes late
        $this->putJson($this->at("/days/$id/marks"), ['task' => 'dough:shortcrust', 'kind' => 'mix', 'startMinute' => $mix['startMinute'] + 20, 'endMinute' => $mix['endMinute'] + 20, 'plannedMinutes' => 15])->assertOk();
        $now = $mix['endMinute'] + 20;
        $after = $this->postJson($this->at('/day-plan'), ['day' => $day, 'batch' => null, 'stored' => $id, 'nowMinute' => $now, 'isAsTold' => false, 'isQuick' => false, 'why' => null])->assertOk()->json();
        self::assertSame('done', $this->taskOf($after, 'dough:shortcrust')['state']);
        self::assertSame($mix['startMinute'] + 20, $this->taskOf($after, 'dough:shortcrust')['startMinute']);
        foreach ($after['tasks'] as $task) {
            self::assertTrue($task['state'] === 'done' || $task['startMinute'] >= $now, $task['id']);
        }
        // ten minutes were to spare, ten it is late
        self::assertSame($before['served'][0]['readyMinute'] + 20, $after['served'][0]['readyMinute']);
        self::assertSame(10, $after['lateMinutes']);
    }

    public function test_from_now_on_what_was_told_before_is_taken_as_done_unless_it_was_put_later(): void
    {
        $save = $this->toSave(0, 1);
        $plan = $this->plan($save['day'])->json();
        $save['told'] = array_map(static fn (array $one): array => ['task' => $one['id'], 'startMinute' => $one['startMinute']], $plan['tasks']);
        $id = $this->postJson($this->at('/days'), $save)->assertOk()->json('id');
        $now = $this->taskOf($plan, 'dough:shortcrust')['endMinute'] + 1;
        $again = fn (mixed $day): mixed => $this->postJson($this->at('/day-plan'), ['day' => $day, 'batch' => null, 'stored' => $id, 'nowMinute' => $now, 'isAsTold' => true, 'isQuick' => false, 'why' => null])->assertOk()->json();
        $after = $again($save['day']);
        self::assertSame('done', $this->taskOf($after, 'dough:shortcrust')['state']);
        self::assertSame($plan['served'], $after['served']);
        $later = $again([...$save['day'], 'pins' => [['task' => 'dough:shortcrust', 'startMinute' => $now + 4]]]);
        self::assertSame(['ahead', $now + 4], [$this->taskOf($later, 'dough:shortcrust')['state'], $this->taskOf($later, 'dough:shortcrust')['startMinute']]);
    }

    public function test_a_late_day_has_ways_out_that_were_planned(): void
    {
        $day = $this->toSave(0, 1)['day'];
        $day['kitchen']['cooks'][0]['hours'] = [['fromMinute' => 1020, 'toMinute' => 1300]];
        self::assertGreaterThan(0, $this->plan($day)->json('lateMinutes'));
        $ways = $this->postJson($this->at('/day-ways'), ['day' => $day, 'batch' => null, 'stored' => null, 'nowMinute' => null, 'isAsTold' => false, 'isQuick' => false, 'why' => null])->assertOk()->json('ways');
        self::assertNotSame([], $ways);
        self::assertStringContainsString('Serve Smoked trout and leek quiche at', $ways[0]['act']);
        self::assertSame(0, $ways[0]['lateMinutes']);
        self::assertSame(0, $this->plan($ways[0]['day'])->json('lateMinutes'));
    }

    public function test_a_task_says_why_it_is_not_earlier_and_not_later(): void
    {
        $why = $this->postJson($this->at('/day-plan'), ['day' => $this->toSave(0, 1)['day'], 'batch' => null, 'stored' => null, 'nowMinute' => null, 'isAsTold' => false, 'isQuick' => false, 'why' => 'unmould:o1.1'])->json('why');
        self::assertStringContainsString('12 min after: Bake: Smoked trout and leek quiche', $why['notEarlier'][0]);
        self::assertStringContainsString('wanted at 19:00, with 10 min to spare', $why['notLater'][0]);
    }

    public function test_the_kitchen_learns_its_minutes_from_what_was_logged(): void
    {
        foreach ([1, 2, 3] as $count) {
            $id = $this->putDown();
            $this->putJson($this->at("/days/$id/marks"), ['task' => 'line:o1.1', 'kind' => 'line', 'startMinute' => 960, 'endMinute' => 972, 'plannedMinutes' => 6])->assertOk();
        }
        // nothing is planned otherwise before a cook accepts it
        self::assertSame([], $this->plan($this->toSave(0, 1)['day'])->json('pace'));
        $lesson = array_column((array) $this->getJson($this->at('/lessons'))->json('lessons'), null, 'thing')['pace:line'];
        self::assertSame(['200 % of the usual minutes', '3 marks', 'Days are planned with it: 10 min become 20 min.'], [$lesson['value'], $lesson['evidence'], $lesson['effect']]);
        $this->putJson($this->at('/lessons'), ['thing' => 'pace:line', 'state' => 'accepted'])->assertOk();
        self::assertSame(['line: 200 % of the usual minutes'], $this->plan($this->toSave(0, 1)['day'])->json('pace'));
        // twice the six minutes of rolling and lining, beside sixteen on the bench
        self::assertSame(28, $this->minutes($this->taskOf($this->plan($this->toSave(0, 1)['day'])->json(), 'line:o1.1')));
        $this->putJson($this->at('/lessons'), ['thing' => 'pace:line', 'state' => 'offered'])->assertOk();
        self::assertSame([], $this->plan($this->toSave(0, 1)['day'])->json('pace'));
    }

    public function test_orders_are_read_from_a_table_and_what_is_not_understood_is_told(): void
    {
        $read = $this->postJson($this->at('/day-orders'), ['table' => "pie,count,time\nSmoked trout,2,11:15\nSmoked trout and leek quiche,1,9.30,frozen\nMince,1,10:00\nTrout,none,10:00\nTrout,1,26:00"])->assertOk()->json();
        self::assertSame([[2, 675, 'scratch'], [1, 570, 'frozen']], array_map(static fn (array $one): array => [$one['count'], $one['atMinute'], $one['from']], $read['orders']));
        self::assertCount(3, $read['refused']);
        self::assertStringContainsString('Line 4: there is no pie "Mince"', $read['refused'][0]);
    }

    public function test_a_plan_leaves_as_a_table_and_as_a_calendar(): void
    {
        $id = $this->putDown();
        $csv = $this->get($this->at("/days/$id/plan.csv"))->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8')->getContent();
        self::assertStringStartsWith("from,to,who,act,mind\r\n", (string) $csv);
        $ics = (string) $this->get($this->at("/days/$id/plan.ics"))->assertOk()->getContent();
        self::assertStringContainsString('BEGIN:VCALENDAR', $ics);
        self::assertStringContainsString('DTSTART:20261128T', $ics);
    }

    public function test_a_calendar_address_lets_in_whoever_has_it_until_it_is_withdrawn(): void
    {
        $id = $this->putDown();
        $address = $this->postJson($this->at("/days/$id/calendar"))->assertOk()->json('address');
        self::assertIsString($address);
        $path = (string) parse_url($address, PHP_URL_PATH);
        $this->app?->make('auth')->forgetGuards();
        self::assertStringContainsString('BEGIN:VEVENT', (string) $this->get($path)->assertOk()->getContent());
        $this->getJson('/api/calendar/'.str_repeat('x', 40).'.ics')->assertStatus(404);
        $this->actingAs($this->member($this->kitchen));
        $this->deleteJson($this->at("/days/$id/calendar"))->assertOk();
        $this->getJson($path)->assertStatus(404)->assertJsonPath('mend', 'This calendar was closed. Ask for a new address.');
    }

    public function test_bad_input_names_its_field(): void
    {
        $put = $this->toSave(0, 1);
        $wrong = $put;
        $wrong['day']['date'] = '2026-02-30';
        $this->postJson($this->at('/days'), $wrong)->assertStatus(422)->assertJsonPath('at', '/day/date');
        $wrong = $put;
        $wrong['day']['orders'][0]['pie'] = '00000000-0000-4000-8000-000000000000';
        $this->postJson($this->at('/days'), $wrong)->assertStatus(422)->assertJsonPath('code', 'no-such-pie')->assertJsonPath('at', '/day/orders/0/pie');
        $wrong = $put;
        $wrong['day']['kitchen']['cooks'][0]['hours'][0]['toMinute'] = 0;
        $this->postJson($this->at('/days'), $wrong)->assertStatus(422)->assertJsonPath('at', '/day/kitchen/cooks/0/hours/0/toMinute');
        $this->postJson($this->at('/days'), [...$put, 'batch' => '00000000-0000-4000-8000-000000000000'])->assertStatus(422)->assertJsonPath('code', 'no-such-batch');
    }

    /** The plan, its acts, its table, the recipe and the forecast say the same words first, and name the minutes that are safe. */
    public function test_minutes_that_are_not_safe_are_said_first_on_every_paper(): void
    {
        $raw = TroutQuiche::withRawFish();
        $high = Forecast::of($raw)->reading(ReadingName::Safe)?->high;
        self::assertNotNull($high);
        $short = $raw->withBake($raw->bake->withMinutes($high - 2));
        $pie = StoredPie::putDown($this->kitchen, $this->member($this->kitchen), $short);
        $save = $this->toSave(0, 1);
        $save['day']['orders'][0]['pie'] = $pie->id;
        $plan = $this->plan($save['day'])->json();
        self::assertSame([$pie->id, $high], [$plan['warnings'][0]['pie'], (float) $plan['warnings'][0]['safeMinutes']]);
        $says = $plan['warnings'][0]['says'][0];
        self::assertStringContainsString('Not safe at '.($high - 2).' min', $says);
        $in = array_values(array_filter($plan['acts'], static fn (array $act): bool => str_starts_with((string) $act['task'], 'bake:')));
        self::assertSame($says, $in[0]['says'][0]);
        $day = $this->postJson($this->at('/days'), $save)->assertOk()->json('id');
        self::assertStringContainsString($says, (string) $this->get($this->at("/days/$day/plan.csv"))->getContent());
        self::assertSame([$says], $this->getJson($this->at("/pies/$pie->id"))->json('forecast.warnings'));
        self::assertStringContainsString("1. $says", (string) $this->getJson($this->at("/pies/$pie->id/recipe"))->json('text'));
        self::assertSame([], $this->plan($this->toSave(0, 1)['day'])->json('warnings'));
    }

    public function test_a_guest_plans_but_marks_nothing(): void
    {
        $id = $this->putDown();
        $this->actingAs($this->member($this->kitchen, Role::Guest));
        $this->plan($this->toSave(0, 1)['day'])->assertOk();
        $this->putJson($this->at("/days/$id/marks"), ['task' => 'x', 'kind' => 'mix', 'startMinute' => 1, 'endMinute' => null, 'plannedMinutes' => 1])->assertStatus(403);
    }

    private function at(string $path): string
    {
        return "/api/kitchens/{$this->kitchen->id}$path";
    }

    private function putDown(): string
    {
        $id = $this->postJson($this->at('/days'), $this->toSave(0, 1))->assertOk()->json('id');
        self::assertIsString($id);

        return $id;
    }

    /** @return array<string, mixed> */
    private function toSave(int $basedOn, int $count): array
    {
        return ['basedOn' => $basedOn, 'batch' => null, 'told' => [], 'day' => [
            'name' => 'Saturday', 'date' => '2026-11-28', 'spareMinutes' => 10, 'pins' => [], 'failures' => [],
            'orders' => [['id' => 'o1', 'pie' => $this->pie->id, 'count' => $count, 'atMinute' => 1140, 'from' => 'scratch', 'ending' => 'warm', 'tins' => null]],
            'kitchen' => [
                'cooks' => [['name' => 'Ada', 'hours' => [['fromMinute' => 360, 'toMinute' => 1300]]]],
                'ovens' => [['id' => 'oven', 'name' => 'Oven', 'mode' => 'static', 'runsByKelvins' => 0, 'shelves' => 2, 'widthMm' => 440, 'depthMm' => 360, 'toleranceKelvins' => 5]],
                'rings' => 4, 'mixers' => 1, 'fridgeTins' => 12, 'rackTins' => 12,
            ],
        ]];
    }

    private function plan(mixed $day): \Illuminate\Testing\TestResponse
    {
        return $this->postJson($this->at('/day-plan'), ['day' => $day, 'batch' => null, 'stored' => null, 'nowMinute' => null, 'isAsTold' => false, 'isQuick' => false, 'why' => null])->assertOk();
    }

    /** @return array<string, mixed> */
    private function taskOf(mixed $plan, string $id): array
    {
        self::assertIsArray($plan);
        foreach ($plan['tasks'] as $task) {
            if ($task['id'] === $id) {
                return $task;
            }
        }
        self::fail("$id is not planned");
    }

    /** @param  array<string, mixed>  $task */
    private function minutes(array $task): int
    {
        self::assertIsInt($task['endMinute']);
        self::assertIsInt($task['startMinute']);

        return $task['endMinute'] - $task['startMinute'];
    }
}
