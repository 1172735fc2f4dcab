<?php

declare(strict_types=1);

namespace Tests\Record;

use App\AtOven\StoredBake;
use App\Kitchen\Kitchen;
use App\Oven\KitchenOven;
use App\Pie\StoredPie;
use App\Record\AcceptedSalt;
use Illuminate\Support\Str;
use Tests\TestCase;

final class BookTest extends TestCase
{
    private Kitchen $kitchen;

    private string $pie;

    private string $oven;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen = $this->kitchen();
        $this->actingAs($this->member($this->kitchen));
        $this->pie = $this->stored($this->kitchen)->id;
        $this->oven = Str::uuid()->toString();
        KitchenOven::put($this->kitchen, $this->oven, ['name' => 'Galley', 'mode' => 'static', 'runs_by_kelvins' => 0, 'notes' => '']);
    }

    private function at(string $path): string
    {
        return "/api/kitchens/{$this->kitchen->id}$path";
    }

    /** @param  list<array{string, string, float, float|null}>  $events  kind, what, minute, value */
    private function baked(float $minutes = 46.0, array $events = []): string
    {
        $ids = $this->postJson($this->at('/bakes'), ['bakes' => [['id' => null, 'pie' => $this->pie, 'design' => null, 'count' => 1, 'oven' => $this->oven, 'isFrozen' => false, 'plannedAt' => null, 'batch' => null]]])->assertCreated()->json('ids');
        $id = is_array($ids) && is_string($ids[0]) ? $ids[0] : self::fail('no id');
        self::putDownLongAgo($id);
        $in = (int) now()->getTimestampMs() - 7_200_000;
        $all = [['in', '', 0.0, null], ...$events, ['done', 'out', $minutes, null], ['done', 'rested', $minutes + 12, null]];
        $this->postJson($this->at("/bakes/$id/events"), ['events' => array_map(static fn (array $one): array => ['id' => Str::uuid()->toString(), 'kind' => $one[0], 'leg' => 'bake', 'what' => $one[1], 'answer' => '', 'value' => $one[3], 'at' => $in + (int) (60_000 * $one[2])], $all)])->assertOk();

        return $id;
    }

    /** @return array<string, mixed> */
    private static function judged(?string $underside, string $slice = 'holds', string $colour = 'golden', string $salt = 'enough'): array
    {
        return ['underside' => $underside, 'slice' => $slice, 'colour' => $colour, 'salt' => $salt, 'faults' => [], 'words' => '', 'nextTime' => ''];
    }

    public function test_a_bake_that_is_out_stands_in_the_book_and_is_judged_in_four_words(): void
    {
        $id = $this->baked(48.0);
        $this->getJson($this->at('/bakes'))->assertOk()->assertJsonPath('found', 1)->assertJsonPath('bakes.0.doneMinutes', 48)->assertJsonPath('bakes.0.underside', null)->assertJsonPath('filters.1.count', 1);
        $wish = [...self::judged('soggy'), 'faults' => ['stuck'], 'words' => 'Wet in the middle', 'nextTime' => 'Press the leeks to 300 g.'];
        $this->putJson($this->at("/bakes/$id/judgement"), $wish)->assertOk()->assertJsonPath('bake.wrong', ['underside'])->assertJsonPath('faults', ['stuck'])->assertJsonPath('bake.faults', ['stuck in the tin'])->assertJsonPath('restMinutes', 12);
        $this->getJson($this->at('/bakes?find=soggy'))->assertJsonPath('found', 1);
        $this->getJson($this->at('/bakes?find=leek galley soggy'))->assertJsonPath('found', 1);
        $this->getJson($this->at('/bakes?find=pumpkin'))->assertJsonPath('found', 0);
        $this->getJson($this->at('/bakes?which=wrong'))->assertJsonPath('found', 1);
        $this->getJson($this->at('/bakes?which=to-judge'))->assertJsonPath('found', 0);
        $this->getJson($this->at('/bakes?which=oven:Galley'))->assertJsonPath('found', 1);
        // judged otherwise it is found otherwise
        $this->putJson($this->at("/bakes/$id/judgement"), self::judged('dry'))->assertOk()->assertJsonPath('bake.wrong', []);
        $this->getJson($this->at('/bakes?find=soggy'))->assertJsonPath('found', 0);
    }

    public function test_the_line_for_next_time_stands_on_the_next_gate_of_the_same_pie(): void
    {
        $id = $this->baked();
        $this->putJson($this->at("/bakes/$id/judgement"), [...self::judged('dry'), 'nextTime' => 'Turn at 18.'])->assertOk();
        $this->postJson($this->at('/bakes'), ['bakes' => [['id' => null, 'pie' => $this->pie, 'design' => null, 'count' => 1, 'oven' => null, 'isFrozen' => false, 'plannedAt' => null, 'batch' => null]]])->assertCreated();
        $next = array_column((array) $this->getJson($this->at('/at-oven'))->json('bakes'), 'nextTime', 'id');
        self::assertContains('Turn at 18.', $next);
        $this->getJson($this->at("/pies/$this->pie"))->assertOk()->assertJsonPath('nextTime', 'Turn at 18.');
    }

    public function test_a_trace_of_any_thermometer_is_read_into_a_bake_once(): void
    {
        $id = $this->baked();
        $csv = "minute;celsius\n".implode("\n", array_map(static fn (int $minute): string => "$minute;".(10 + 1.4 * $minute), range(0, 46)))."\nsoon;70\n";
        $this->postJson($this->at("/bakes/$id/trace"), ['csv' => $csv, 'zoneMinutes' => 0])->assertOk()->assertExactJson(['new' => 47, 'leftOut' => 1]);
        $this->postJson($this->at("/bakes/$id/trace"), ['csv' => $csv, 'zoneMinutes' => 0])->assertOk()->assertJsonPath('new', 0);
        self::assertCount(47, (array) $this->getJson($this->at("/bakes/$id"))->json('trace'));
        $this->postJson($this->at("/bakes/$id/trace"), ['csv' => "weight\n5\n", 'zoneMinutes' => 0])->assertStatus(422)->assertJsonPath('at', '/csv')->assertJsonPath('code', 'trace-no-time');
    }

    public function test_a_bake_whose_middle_never_was_hot_enough_is_told_so_and_is_not_put_away(): void
    {
        $away = ['kept' => 'baked-pies', 'place' => 'fridge', 'name' => 'Quiche', 'grams' => null, 'pieces' => 3, 'food' => null];
        $traced = function (float $most, int $last): string {
            $id = $this->baked();
            $csv = "minute;celsius\n".implode("\n", array_map(static fn (int $minute): string => "$minute;".round(10 + ($most - 10) * $minute / $last, 1), range(0, $last)));
            $this->postJson($this->at("/bakes/$id/trace"), ['csv' => $csv, 'zoneMinutes' => 0])->assertOk();

            return $id;
        };
        $cold = $traced(64.0, 46);
        $this->getJson($this->at("/bakes/$cold"))->assertJsonPath('isDoubtful', true)->assertJsonPath('hotEnough', 'The probe saw 64 °C at most; 71 °C is safe. Heat it through to that before anybody eats of it, or throw it away.');
        $this->postJson($this->at('/leftovers'), [...$away, 'bake' => $cold])->assertStatus(422)->assertJsonPath('at', '/bake')->assertJsonPath('code', 'not-hot-enough');
        // by 73 a probe that reads a degree too high is safe; one that was gone after half an hour says nothing of the end
        $this->getJson($this->at('/bakes/'.$traced(73.0, 46)))->assertJsonPath('isDoubtful', false)->assertJsonPath('hotEnough', 'Its middle was hot enough, by the probe.');
        $this->getJson($this->at('/bakes/'.$traced(50.0, 30)))->assertJsonPath('isDoubtful', false)->assertJsonPath('hotEnough', 'Its middle was not measured. By the forecast it was hot when it came out, in 9 bakes of 10.');
        $early = $this->baked(12.0);
        self::assertStringStartsWith('Nobody knows that its middle was hot', (string) $this->getJson($this->at("/bakes/$early"))->assertJsonPath('isDoubtful', true)->json('hotEnough'));
        $this->postJson($this->at('/leftovers'), [...$away, 'bake' => $early])->assertStatus(422)->assertJsonPath('code', 'not-hot-enough');
        $design = $this->getJson($this->at("/bakes/$early"))->json('design');
        $this->postJson($this->at('/labels'), ['design' => $design, 'soldAs' => 'chilled', 'madeOn' => now()->toDateString(), 'bake' => $early])->assertStatus(422)->assertJsonPath('code', 'not-hot-enough');
        $raw = $this->baked();
        $this->putJson($this->at("/bakes/$raw/judgement"), [...self::judged('dry'), 'faults' => ['raw-middle']])->assertOk()->assertJsonPath('isDoubtful', true);
        $this->postJson($this->at('/leftovers'), [...$away, 'bake' => $raw])->assertStatus(422);
    }

    public function test_what_is_not_out_is_not_judged_and_a_wrong_word_names_its_field(): void
    {
        $ids = $this->postJson($this->at('/bakes'), ['bakes' => [['id' => null, 'pie' => $this->pie, 'design' => null, 'count' => 1, 'oven' => null, 'isFrozen' => false, 'plannedAt' => null, 'batch' => null]]])->json('ids');
        $this->putJson($this->at("/bakes/{$ids[0]}/judgement"), self::judged('dry'))->assertStatus(422)->assertJsonPath('code', 'not-out-yet');
        $id = $this->baked();
        $this->putJson($this->at("/bakes/$id/judgement"), [...self::judged('dry'), 'slice' => 'wobbly'])->assertStatus(422)->assertJsonPath('at', '/slice');
        $this->putJson($this->at("/bakes/$id/weighed"), ['layers' => [['layer' => 'nothing', 'grams' => 5]]])->assertStatus(422)->assertJsonPath('at', '/layers/0/layer');
    }

    public function test_weights_as_they_were_lead_to_the_cause(): void
    {
        $id = $this->baked();
        $this->putJson($this->at("/bakes/$id/weighed"), ['layers' => [['layer' => 'leeks', 'grams' => 375]]])->assertOk()->assertJsonPath('weights.0.doneGrams', 375)->assertJsonPath('weights.0.designedGrams', 315);
        $this->putJson($this->at("/bakes/$id/judgement"), self::judged('soggy'))->assertOk();
        $found = $this->getJson($this->at("/bakes/$id/causes"))->assertOk()->assertJsonPath('findings.0.causes.0.cause', 'wet-filling')->assertJsonPath('findings.0.troubles', ['soggy base'])->assertJsonCount(1, 'findings');
        self::assertSame('60 g over the target weight of leeks.', $found->json('findings.0.causes.0.for.0'));
        $this->putJson($this->at("/bakes/$id/judgement"), self::judged('soggy', 'loose'))->assertOk()->assertJsonPath('isDoubtful', false);
        $this->getJson($this->at("/bakes/$id/causes"))->assertJsonPath('findings.0.troubles', ['soggy base', 'loose slice']);
        $this->putJson($this->at("/bakes/$id/judgement"), self::judged('soggy'))->assertOk();
        self::assertSame('Drive off or press out more: leeks stop at 315 g.', $found->json('findings.0.causes.0.nextTime'));
        // nothing makes a base soggy and a filling salt at once
        $this->putJson($this->at("/bakes/$id/judgement"), [...self::judged('soggy'), 'salt' => 'salty'])->assertOk();
        $this->getJson($this->at("/bakes/$id/causes"))->assertJsonPath('findings.0.troubles', ['soggy base'])->assertJsonPath('findings.0.causes.0.cause', 'wet-filling')->assertJsonPath('findings.1.troubles', ['too salt'])->assertJsonPath('findings.1.causes.0.cause', 'salt-on-salt');
        $this->putJson($this->at("/bakes/$id/judgement"), self::judged('dry'))->assertOk();
        $this->getJson($this->at("/bakes/$id/causes"))->assertJsonPath('findings', []);
    }

    /** The pan reads 806 with 500 of it pan: of 450 g of leeks 306 are left. */
    public function test_what_was_weighed_at_a_pan_of_the_batch_is_known_of_its_bake(): void
    {
        $lining = ['rim' => 'flush', 'doubleFloor' => false, 'stripMm' => 20, 'decorationGrams' => 0, 'patchGrams' => 0];
        $fold = ['eachGrams' => null, 'thicknessMm' => null, 'lengthMm' => null, 'settled' => null];
        $batch = $this->postJson($this->at('/batches'), ['basedOn' => 0, 'batch' => ['name' => 'Saturday', 'lines' => [['pie' => $this->pie, 'count' => 1, 'lining' => $lining, 'fold' => $fold]], 'doughs' => [], 'kitchenCelsius' => 21, 'panGrams' => 600]])->assertOk()->json('id');
        $begin = fn (?string $of): string => (string) $this->postJson($this->at('/bakes'), ['bakes' => [['id' => null, 'pie' => $this->pie, 'design' => null, 'count' => 1, 'oven' => null, 'isFrozen' => false, 'plannedAt' => null, 'batch' => $of]]])->assertCreated()->json('ids.0');
        $this->getJson($this->at("/bakes/{$begin((string) $batch)}"))->assertJsonPath('weights.0.doneGrams', null);
        $this->putJson($this->at("/batches/$batch/marks"), ['act' => 'cook:leeks:sweated and pressed:0', 'goesDone' => 1, 'isDone' => true, 'tareGrams' => 500, 'readsGrams' => 806])->assertOk();
        $this->getJson($this->at("/bakes/{$begin((string) $batch)}"))->assertOk()->assertJsonPath('weights.0.doneGrams', 306)->assertJsonPath('weights.1.doneGrams', null);
        $this->getJson($this->at("/bakes/{$begin(null)}"))->assertJsonPath('weights.0.doneGrams', null);
    }

    public function test_a_baked_pie_that_is_put_away_keeps_its_days_from_the_bake(): void
    {
        $id = $this->baked();
        $away = ['kept' => 'baked-pies', 'place' => 'fridge', 'name' => 'Quiche', 'grams' => null, 'pieces' => 3, 'food' => null, 'bake' => $id];
        $out = now()->subMinutes(74)->startOfDay();
        $this->postJson($this->at('/leftovers'), $away)->assertOk()->assertJsonPath('useBy', $out->addDays(3)->toDateString());
        $this->getJson($this->at("/bakes/$id"))->assertOk()->assertJsonPath('kept.0.place', 'fridge');
        $this->travel(3)->days();
        $this->postJson($this->at('/leftovers'), [...$away, 'place' => 'freezer'])->assertOk();
        $this->travel(2)->days();
        $this->postJson($this->at('/leftovers'), [...$away, 'place' => 'freezer'])->assertStatus(422)->assertJsonPath('code', 'too-old-to-keep')->assertJsonPath('at', '/bake');
    }

    public function test_the_book_says_how_good_its_forecasts_were_and_what_fails_most(): void
    {
        foreach ([['soggy', 40.0], ['soggy', 46.0], ['dry', 47.0], ['dry', 60.0], ['dry', 48.0], ['dry', 44.0]] as $at => [$underside, $minutes]) {
            $id = $this->baked($minutes);
            $this->putJson($this->at("/bakes/$id/judgement"), [...self::judged($underside), 'faults' => $at === 0 ? ['stuck'] : []])->assertOk();
        }
        $said = $this->getJson($this->at('/book-figures'))->assertOk()->assertJsonCount(6, 'misses')->assertJsonPath('troubles.0.name', 'underside soggy')->assertJsonPath('troubles.0.bakes', 2)->assertJsonPath('troubles.1.name', 'stuck in the tin')->assertJsonPath('troubles.0.mostOf', 'Smoked trout and leek quiche');
        $designed = 46.0;
        $late = array_column((array) $said->json('misses'), 'lateMinutes');
        sort($late);
        self::assertEquals([-6, -2, 0, 1, 2, 14], $late, "of $designed designed");
        $underside = array_column((array) $said->json('told'), null, 'tap')['underside'];
        self::assertSame(6, $underside['judged']);
        self::assertSame(2, $underside['missed'], 'two were soggy, and the forecast said that none would be');
        self::assertSame(0, $underside['falseAlarms']);
    }

    public function test_an_oven_that_bakes_pale_is_learned_to_run_cold_and_its_dial_and_pies_change_only_when_a_cook_takes_it(): void
    {
        foreach ([1, 2, 3] as $ignored) {
            $id = $this->baked(50.0);
            $this->putJson($this->at("/bakes/$id/judgement"), self::judged('soft', 'loose', 'pale'))->assertOk();
        }
        $this->getJson($this->at('/lessons'))->assertOk()->assertJsonPath('left', 3);
        $left = 3;
        while ($left > 0) {
            $left = $this->postJson($this->at('/lessons'))->assertOk()->json('left');
        }
        $lesson = $this->lesson("oven:$this->oven");
        self::assertCount((int) $lesson['evidence'], (array) $lesson['ticks'], 'each bake is a tick');
        self::assertLessThan(-3.0, $lesson['says']);
        self::assertSame('offered', $lesson['state']);
        self::assertEquals(0.0, $lesson['inUse']);
        $this->putJson($this->at('/lessons'), ['thing' => "oven:$this->oven", 'state' => 'accepted'])->assertOk();
        $oven = KitchenOven::query()->where('kitchen_id', $this->kitchen->id)->where('id', $this->oven)->firstOrFail();
        self::assertEqualsWithDelta($lesson['says'], $oven->runs_by_kelvins, 0.51);
        self::assertSame('accepted', $this->lesson("oven:$this->oven")['state']);
        // the bakes say nothing more than what is in use now
        self::assertEqualsWithDelta($oven->runs_by_kelvins, $this->lesson("oven:$this->oven")['says'], 2.5);
        $this->putJson($this->at('/lessons'), ['thing' => "oven:$this->oven", 'state' => 'offered'])->assertOk();
        self::assertEquals(0.0, KitchenOven::query()->where('kitchen_id', $this->kitchen->id)->where('id', $this->oven)->firstOrFail()->runs_by_kelvins);
        $this->putJson($this->at('/lessons'), ['thing' => "oven:$this->oven", 'state' => 'refused'])->assertOk();
        self::assertSame('refused', $this->lesson("oven:$this->oven")['state']);
        $this->putJson($this->at('/lessons'), ['thing' => 'oven:nobody', 'state' => 'accepted'])->assertStatus(422)->assertJsonPath('at', '/thing');
    }

    public function test_salt_and_colour_are_offered_once_something_was_judged(): void
    {
        $id = $this->baked();
        $this->getJson($this->at('/lessons'))->assertJsonPath('lessons', []);
        $this->putJson($this->at("/bakes/$id/judgement"), self::judged('dry'))->assertOk();
        self::assertSame('1 judged', $this->lesson('salt')['evidence']);
        $this->putJson($this->at('/lessons'), ['thing' => 'salt', 'state' => 'accepted'])->assertOk();
        self::assertEquals($this->lesson('salt')['says'], $this->lesson('salt')['inUse']);
        self::assertEqualsWithDelta($this->lesson('salt')['says'], AcceptedSalt::in($this->kitchen), 0.001);
        $this->putJson($this->at('/lessons'), ['thing' => 'salt', 'state' => 'refused'])->assertOk();
        self::assertSame(1.05, AcceptedSalt::in($this->kitchen));
    }

    public function test_a_colour_that_is_accepted_is_what_new_pies_of_the_cook_begin_with_until_it_is_taken_back(): void
    {
        foreach ([1, 2, 3] as $ignored) {
            $id = $this->baked();
            // golden as the house has it is too dark here
            $this->putJson($this->at("/bakes/$id/judgement"), self::judged('dry', 'holds', 'dark'))->assertOk();
        }
        $this->putJson($this->at('/lessons'), ['thing' => 'colour', 'state' => 'accepted'])->assertOk();
        self::assertContains($this->member($this->kitchen)->refresh()->colour->value, ['straw', 'pale']);
        $this->putJson($this->at('/lessons'), ['thing' => 'colour', 'state' => 'offered'])->assertOk();
        self::assertSame('gold', $this->member($this->kitchen)->refresh()->colour->value);
    }

    public function test_what_was_accepted_of_an_oven_goes_into_the_pies_that_name_it(): void
    {
        $stored = StoredPie::inKitchen($this->kitchen, $this->pie);
        $design = [...$this->design()];
        $design['bake']['oven'] = ['name' => 'Galley', 'runsByKelvins' => 0];
        $this->postJson($this->at("/pies/$this->pie/revisions"), ['basedOn' => $stored->revision, 'design' => $design])->assertSuccessful();
        $id = $this->baked(50.0);
        $this->putJson($this->at("/bakes/$id/judgement"), self::judged('soft', 'loose', 'pale'))->assertOk();
        $this->postJson($this->at('/lessons'))->assertOk();
        $this->putJson($this->at('/lessons'), ['thing' => "oven:$this->oven", 'state' => 'accepted'])->assertOk();
        self::assertLessThan(0, StoredPie::inKitchen($this->kitchen, $this->pie)->newest()->pie()->bake->oven?->runsByKelvins);
        self::assertSame(1, StoredBake::of($this->kitchen)->count());
    }

    /** @return array<string, mixed> */
    private function lesson(string $thing): array
    {
        $all = array_column((array) $this->getJson($this->at('/lessons'))->assertOk()->json('lessons'), null, 'thing');

        return is_array($all[$thing] ?? null) ? $all[$thing] : self::fail("nothing learned of $thing");
    }
}
