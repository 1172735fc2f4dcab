<?php

declare(strict_types=1);

namespace Tests\AtOven;

use App\AtOven\StoredBake;
use App\Kitchen\Kitchen;
use App\Kitchen\Role;
use App\StandIn\SimulatedDevice;
use App\StandIn\SimulatedOven;
use App\StandIn\SimulatedProbe;
use Hojaldre\Core\Tests\TroutQuiche;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

final class AtOvenTest extends TestCase
{
    private Kitchen $kitchen;

    private string $pie;

    private int $now;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen = $this->kitchen();
        $this->actingAs($this->member($this->kitchen));
        $this->pie = $this->stored($this->kitchen)->id;
        $this->now = (int) now()->subHours(3)->getTimestampMs();
    }

    private function at(string $path): string
    {
        return "/api/kitchens/{$this->kitchen->id}$path";
    }

    /** @param  array<string, mixed>  $with */
    private function begin(array $with = []): string
    {
        $ids = $this->postJson($this->at('/bakes'), ['bakes' => [['id' => null, 'pie' => $this->pie, 'design' => null, 'count' => 1, 'oven' => null, 'isFrozen' => false, 'plannedAt' => null, 'batch' => null, ...$with]]])->assertCreated()->json('ids');

        $id = is_array($ids) && is_string($ids[0]) ? $ids[0] : self::fail('no id');
        self::putDownLongAgo($id);

        return $id;
    }

    /** @return array<string, mixed> */
    private function event(string $kind, string $what = '', float $minute = 0.0, ?float $value = null, string $answer = '', string $leg = 'bake'): array
    {
        return ['id' => Str::uuid()->toString(), 'kind' => $kind, 'leg' => $leg, 'what' => $what, 'answer' => $answer, 'value' => $value, 'at' => $this->now + (int) (60_000 * $minute)];
    }

    /** @return array<string, mixed> */
    private function live(float $minute = 0.0): array
    {
        $bake = $this->getJson($this->at('/at-oven/live?at='.($this->now + (int) (60_000 * $minute))))->assertOk()->json('bakes.0');

        return is_array($bake) ? $bake : self::fail('nothing at the oven');
    }

    public function test_a_pie_that_is_put_down_brings_its_gates_and_acts_in_the_cooks_words(): void
    {
        $this->begin();
        $bake = $this->getJson($this->at('/at-oven'))->assertOk()->json('bakes.0');
        self::assertSame(['shell', 'bake'], array_column($bake['legs'], 'name'));
        self::assertContains('Base docked twice', array_column($bake['legs'][1]['gate'], 'title'));
        self::assertContains('Oven at 175 °C', array_column($bake['legs'][1]['gate'], 'title'));
        $acts = array_column($bake['legs'][1]['acts'], null, 'id');
        self::assertSame('Edge set, the middle trembling as one.', $acts['look']['says']);
        self::assertSame(['less', 'like', 'more'], array_column($acts['look']['answers'], 'code'));
        self::assertCount(5, $bake['band'][20]['celsius']);
        self::assertFalse($bake['asksProbe'], 'nobody uses a probe for a custard');
        self::assertSame('', $bake['nextTime']);
    }

    public function test_every_press_is_stored_once_in_its_order_and_says_how_far_the_bake_is(): void
    {
        $id = $this->begin();
        $events = [$this->event('tick', 'rack'), $this->event('in'), $this->event('later', 'out', 44, 2.0), $this->event('done', 'out', 48)];
        $this->postJson($this->at("/bakes/$id/events"), ['events' => array_slice($events, 0, 2)])->assertOk()->assertJsonPath('new', 2);
        self::assertSame('in', StoredBake::inKitchen($this->kitchen, $id)->state);
        // sent again, as a phone does that never heard the answer
        $this->postJson($this->at("/bakes/$id/events"), ['events' => $events])->assertOk()->assertJsonPath('new', 2);
        $this->postJson($this->at("/bakes/$id/events"), ['events' => $events])->assertOk()->assertJsonPath('new', 0);
        $live = $this->live(50);
        self::assertSame(array_column($events, 'id'), array_column($live['events'], 'id'));
        $row = StoredBake::inKitchen($this->kitchen, $id);
        self::assertSame('resting', $row->state);
        self::assertEqualsWithDelta(48 * 60, $row->out_at?->diffInSeconds($row->in_at, true), 0.01);
        self::assertEquals(48.0, $live['outMinute'], 'planned for 46, put off by two');
        $undo = $this->event('undo', (string) $events[3]['id'], 49);
        $this->postJson($this->at("/bakes/$id/events"), ['events' => [$undo]])->assertOk();
        self::assertSame('in', StoredBake::inKitchen($this->kitchen, $id)->state);
        $this->postJson($this->at("/bakes/$id/events"), ['events' => [$this->event('done', 'out', 50), $this->event('ended', '', 70)]])->assertOk();
        self::assertSame('ended', StoredBake::inKitchen($this->kitchen, $id)->state);
        $this->getJson($this->at('/at-oven'))->assertJsonPath('bakes', []);
    }

    /** Ten minutes are what clocks differ by; a press that nobody can place is refused with what to do. */
    public function test_a_press_from_the_future_or_from_before_the_bake_is_refused(): void
    {
        $id = $this->begin();
        $press = fn (int $at): TestResponse => $this->postJson($this->at("/bakes/$id/events"), ['events' => [[...$this->event('in'), 'at' => $at]]]);
        $now = (int) now()->getTimestampMs();
        $press($now + 20 * 60_000)->assertStatus(422)->assertJsonPath('code', 'clock-is-off')->assertJsonPath('refusals.0.at', '/events/0/at');
        $press($now - 80 * 3_600_000)->assertStatus(422)->assertJsonPath('code', 'clock-is-off');
        $press($now + 5 * 60_000)->assertOk();
    }

    /** Two phones: what was pressed without a line comes late and counts at its time; where two said otherwise, both are asked. */
    public function test_presses_count_in_the_order_in_which_they_happened_and_two_that_differ_are_asked(): void
    {
        $id = $this->begin();
        $this->postJson($this->at("/bakes/$id/events"), ['events' => [$this->event('in', minute: 10)]])->assertOk();
        $this->actingAs($this->member($this->kitchen, Role::Cook));
        $late = $this->event('in', minute: 0);
        $this->postJson($this->at("/bakes/$id/events"), ['events' => [$late]])->assertOk();
        self::assertEqualsWithDelta($this->now + 600_000, (int) StoredBake::inKitchen($this->kitchen, $id)->in_at?->getTimestampMs(), 1, 'the later one counts');
        $disputes = $this->live(12)['disputes'];
        self::assertCount(1, $disputes);
        self::assertSame($late['id'], $disputes[0]['other']['id']);
        self::assertStringContainsString('Which is right?', $disputes[0]['says']);
        $this->postJson($this->at("/bakes/$id/events"), ['events' => [$this->event('undo', $disputes[0]['other']['id'], 13)]])->assertOk();
        self::assertSame([], $this->live(14)['disputes']);
    }

    /** A quiche out at twelve minutes of forty-six is not hot: it is said at once, with how long it goes back in. */
    public function test_a_pie_that_is_out_too_early_is_told_to_go_back_in(): void
    {
        $id = $this->begin();
        $this->postJson($this->at("/bakes/$id/events"), ['events' => [$this->event('in'), $this->event('done', 'out', 12)]])->assertOk();
        $hot = $this->live(12)['hot'];
        self::assertSame([false, true, 'not-measured'], [$hot['isHot'], $hot['isSurelyNot'], $hot['state']]);
        self::assertLessThan(71, $hot['middleCelsius']);
        self::assertGreaterThan(15, $hot['backInMinutes']);
        $this->postJson($this->at("/bakes/$id/events"), ['events' => [$this->event('back-in', '', 14, $hot['backInMinutes'])]])->assertOk();
        self::assertNull($this->live(15)['hot']);
        $this->postJson($this->at("/bakes/$id/events"), ['events' => [$this->event('done', 'out', 14 + $hot['backInMinutes'])]])->assertOk();
        self::assertTrue($this->live(60)['hot']['isHot']);
        // measured, it counts by what was measured
        $other = $this->begin();
        $this->postJson($this->at("/bakes/$other/events"), ['events' => [$this->event('in'), $this->event('done', 'out', 30), $this->event('measured', 'middle', 31, 74.0)]])->assertOk();
        $bakes = array_column($this->getJson($this->at('/at-oven/live?at='.($this->now + 60_000 * 32)))->json('bakes'), null, 'id');
        self::assertSame('measured', $bakes[$other]['hot']['state']);
    }

    public function test_what_was_pressed_is_never_changed(): void
    {
        $id = $this->begin();
        $this->postJson($this->at("/bakes/$id/events"), ['events' => [$this->event('in')]])->assertOk();
        $this->expectExceptionMessage('never changed');
        $this->kitchen->getConnection()->table('bake_events')->where('bake_id', $id)->update(['what' => 'out']);
    }

    public function test_what_is_seen_and_what_is_measured_move_when_it_comes_out(): void
    {
        $id = $this->begin();
        $this->postJson($this->at("/bakes/$id/events"), ['events' => [$this->event('in'), $this->event('seen', 'look', 39, 120.0, 'more')]])->assertOk();
        $seen = $this->live(39);
        self::assertGreaterThan(1.0, $seen['movedMinutes']);
        self::assertSame('not-measured', $seen['safety']['state']);
        self::assertStringContainsString('was not measured', $seen['safety']['says']);
        $band = $this->getJson($this->at('/at-oven'))->json('bakes.0.band');
        $readings = array_map(fn (int $minute): array => ['at' => $this->now + 60_000 * $minute, 'celsius' => $band[$minute]['celsius'][4] + 2], range(0, 30));
        $this->postJson($this->at("/bakes/$id/readings"), ['readings' => $readings])->assertOk()->assertJsonPath('new', 31);
        $this->postJson($this->at("/bakes/$id/readings"), ['readings' => $readings])->assertOk()->assertJsonPath('new', 0);
        $measured = $this->live(30);
        self::assertLessThan($seen['movedMinutes'], $measured['movedMinutes'], 'it runs ahead of the forecast');
        self::assertCount(31, $measured['trace']);
        self::assertSame('not-yet', $measured['safety']['state']);
        self::assertSame('probe-silent', $this->live(35)['safety']['state']);
        $this->postJson($this->at("/bakes/$id/readings"), ['readings' => [['at' => $this->now + 60_000 * 31, 'celsius' => 850], ...array_map(fn (int $half): array => ['at' => $this->now + 60_000 * 40 + 30_000 * $half, 'celsius' => 73 + 0.3 * $half], range(0, 4))]])->assertOk();
        self::assertSame(1, $this->live(42)['leftOut']);
        self::assertStringContainsString('no food', $this->live(42)['leftOutSays']);
        self::assertSame('measured', $this->live(42)['safety']['state']);
    }

    public function test_cooling_is_told_once_it_is_out(): void
    {
        $id = $this->begin();
        $this->postJson($this->at("/bakes/$id/events"), ['events' => [$this->event('in')]])->assertOk();
        self::assertNull($this->live(10)['cooling']);
        $this->postJson($this->at("/bakes/$id/events"), ['events' => [$this->event('done', 'out', 46)]])->assertOk();
        $cooling = $this->live(47)['cooling'];
        self::assertFalse($cooling['isMeasured']);
        self::assertEquals(240.0, $cooling['coldByMinute'] - $cooling['warmByMinute'], 'two hours, and six in all');
    }

    public function test_bad_input_names_the_field_and_stores_nothing(): void
    {
        $id = $this->begin();
        $this->postJson($this->at("/bakes/$id/events"), ['events' => [$this->event('in'), [...$this->event('done', 'out'), 'at' => $this->now + 999_000_000]]])
            ->assertStatus(422)->assertJsonPath('refusals.0.at', '/events/1/at')->assertJsonPath('code', 'clock-is-off');
        $this->postJson($this->at("/bakes/$id/events"), ['events' => [[...$this->event('in'), 'kind' => 'jump']]])->assertStatus(422)->assertJsonPath('at', '/events/0/kind');
        $this->postJson($this->at("/bakes/$id/readings"), ['readings' => [['at' => 5, 'celsius' => 20]]])->assertStatus(422)->assertJsonPath('at', '/readings/0/at');
        self::assertSame([], $this->live()['events']);
        $this->postJson($this->at('/bakes'), ['bakes' => [['id' => null, 'pie' => Str::uuid()->toString(), 'design' => null, 'count' => 1, 'oven' => null, 'isFrozen' => false, 'plannedAt' => null, 'batch' => null]]])->assertStatus(422)->assertJsonPath('at', '/bakes/0/pie');
        $this->postJson($this->at('/bakes'), ['bakes' => [['id' => null, 'pie' => $this->pie, 'design' => null, 'count' => 1, 'oven' => Str::uuid()->toString(), 'isFrozen' => false, 'plannedAt' => null, 'batch' => null]]])->assertStatus(422)->assertJsonPath('at', '/bakes/0/oven');
        $this->postJson($this->at('/bakes'), ['bakes' => [['id' => null, 'pie' => $this->pie, 'design' => null, 'count' => 1, 'oven' => null, 'isFrozen' => true, 'plannedAt' => null, 'batch' => null]]])->assertStatus(422)->assertJsonPath('code', 'not-from-frozen');
        $this->postJson($this->at('/bakes'), ['bakes' => []])->assertStatus(422)->assertJsonPath('at', '/bakes');
    }

    public function test_a_wish_that_is_sent_twice_begins_one_bake(): void
    {
        $id = Str::uuid()->toString();
        self::assertSame($id, $this->begin(['id' => $id]));
        self::assertSame($id, $this->begin(['id' => $id]));
        self::assertSame(1, StoredBake::of($this->kitchen)->count());
    }

    public function test_a_bake_of_another_kitchen_is_not_reached_and_a_guest_presses_nothing(): void
    {
        $id = $this->begin();
        $theirs = $this->kitchen('The Other Hatch', 'bea@hatch.example');
        $this->actingAs($this->member($theirs));
        $this->postJson("/api/kitchens/$theirs->id/bakes/$id/events", ['events' => [$this->event('in')]])->assertStatus(404);
        $this->actingAs($this->member($this->kitchen, Role::Guest));
        $this->postJson($this->at("/bakes/$id/events"), ['events' => [$this->event('in')]])->assertStatus(403);
    }

    public function test_thermometers_that_are_gone_hold_nobody_up(): void
    {
        config(['app.probe' => 'http://127.0.0.1:9', 'app.oven' => '']);
        $this->getJson($this->at('/thermometers'))->assertOk()->assertExactJson(['probeCelsius' => null, 'ovenCelsius' => null]);
    }

    private static function reads(SimulatedDevice $device, float $at): float
    {
        $read = json_decode($device->line($at), true);

        return is_array($read) && is_numeric($read['celsius'] ?? null) ? (float) $read['celsius'] : NAN;
    }

    public function test_the_stand_in_of_a_probe_follows_a_bake_and_does_what_loose_contacts_do(): void
    {
        $probe = new SimulatedProbe(TroutQuiche::pie(), -8.0, 0.0, 0.0, 60.0);
        $cold = self::reads($probe, 100.0);
        $probe->take('in', [], 100.0);
        self::assertSame($cold, self::reads($probe, 100.0));
        self::assertGreaterThan($cold + 20, self::reads($probe, 120.0), 'twenty seconds are twenty minutes');
        $probe->take('jump', ['kelvins' => 20, 'seconds' => 1], 120.0);
        self::assertEqualsWithDelta(20.0, self::reads($probe, 120.5) - self::reads($probe, 121.5), 3.0);
        $probe->take('rubbish', ['seconds' => 2], 130.0);
        self::assertNan(self::reads($probe, 130.0), 'half a line');
        self::assertSame(1372.0, self::reads($probe, 131.0));
        $probe->take('out', [], 145.0);
        self::assertLessThan(self::reads($probe, 145.0), self::reads($probe, 175.0));
    }

    public function test_the_stand_in_of_an_oven_heats_and_its_dial_lies(): void
    {
        $oven = new SimulatedOven(-12.0, 60.0);
        self::assertSame(21.0, self::reads($oven, 0.0));
        self::assertNotNull($oven->take('dial', [], 0.0));
        $oven->take('dial', ['celsius' => 175], 0.0);
        self::assertSame(71.0, self::reads($oven, 5.0), 'ten degrees a minute');
        self::assertEqualsWithDelta(163.0, self::reads($oven, 60.0), 4.1);
        $before = self::reads($oven, 100.0);
        $oven->take('door', [], 100.0);
        self::assertEqualsWithDelta($before - 30, self::reads($oven, 100.0), 0.1);
    }
}
