<?php

declare(strict_types=1);

namespace Tests\Prep;

use App\Kitchen\Kitchen;
use App\Pie\StoredPie;
use App\Prep\ScaleAnswer;
use App\StandIn\SimulatedScale;
use Tests\TestCase;

final class PrepTest extends TestCase
{
    private Kitchen $kitchen;

    private StoredPie $pie;

    private string $id;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen = $this->kitchen();
        $this->actingAs($this->member($this->kitchen));
        $this->pie = $this->stored($this->kitchen);
        $id = $this->postJson($this->at('/batches'), ['basedOn' => 0, 'batch' => $this->batch()])->json('id');
        self::assertIsString($id);
        $this->id = $id;
    }

    public function test_the_list_says_what_to_stop_at_in_each_pan_and_by_eye(): void
    {
        $act = $this->act('cook:leeks:sweated and pressed:0');
        self::assertSame([2, 450, 315], [$act['goes'], $act['goBeforeGrams'], $act['goStopGrams']]);
        self::assertSame(['open', 'covered', 'press, pour away'], array_column($act['phases'], 'says'));
        self::assertStringContainsString('two thirds', $act['byEye']);
    }

    public function test_marks_are_seen_from_another_phone_and_can_be_taken_back(): void
    {
        $mark = ['act' => 'cut:leeks', 'goesDone' => 1, 'isDone' => true, 'tareGrams' => null, 'readsGrams' => null];
        $this->putJson($this->at("/batches/$this->id/marks"), $mark)->assertOk()->assertJsonPath('marks.0.isDone', true);
        $this->getJson($this->at("/batches/$this->id/marks"))->assertOk()->assertJsonPath('marks.0.act', 'cut:leeks');
        $this->putJson($this->at("/batches/$this->id/marks"), [...$mark, 'isDone' => false])->assertJsonPath('marks.0.isDone', false);
        $this->putJson($this->at("/batches/$this->id/marks"), [...$mark, 'readsGrams' => -3])->assertStatus(422)->assertJsonPath('at', '/readsGrams');
    }

    /** The pan reads 806 with 500 of it pan: of 450 g of leeks 306 are left, 68 %. */
    public function test_a_weight_at_the_pan_is_kept_as_evidence_and_goes_when_it_is_taken_back(): void
    {
        $mark = ['act' => 'cook:leeks:sweated and pressed:0', 'goesDone' => 2, 'isDone' => true, 'tareGrams' => 500, 'readsGrams' => 806];
        $this->putJson($this->at("/batches/$this->id/marks"), $mark)->assertOk();
        self::assertStringContainsString('68 %', $this->act($mark['act'])['here']);
        $this->putJson($this->at("/batches/$this->id/marks"), [...$mark, 'isDone' => false])->assertOk();
        self::assertSame('', $this->act($mark['act'])['here']);
        // another pan on the scale is no evidence
        $this->putJson($this->at("/batches/$this->id/marks"), [...$mark, 'readsGrams' => 2000])->assertOk();
        self::assertSame('', $this->act($mark['act'])['here']);
    }

    public function test_what_is_counted_in_the_stores_is_not_bought(): void
    {
        $leeks = fn (): array => array_column($this->postJson($this->at('/prep'), ['batch' => $this->batch()])->json('shopping'), null, 'food')['leeks'];
        self::assertSame('1,300 g', $leeks()['says']);
        $this->putJson($this->at('/foods/leeks/stock'), ['stockGrams' => 2000])->assertOk();
        self::assertSame('enough is there', $leeks()['says']);
        $this->putJson($this->at('/foods/leeks/stock'), ['stockGrams' => -1])->assertStatus(422)->assertJsonPath('at', '/stockGrams');
        // what it costs is kept beside
        $this->putJson($this->at('/foods/leeks/price'), ['pricePerKg' => 3])->assertOk();
        self::assertSame('enough is there', $leeks()['says']);
    }

    public function test_lists_go_out_as_csv_and_as_text(): void
    {
        $csv = (string) $this->get($this->at("/batches/$this->id/lists/shop.csv"))->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8')->getContent();
        $rows = array_map(static fn (string $line): array => str_getcsv($line, escape: ''), explode("\r\n", trim($csv)));
        self::assertSame(['food', 'need_g', 'have_g', 'buy_g', 'buy', 'cost'], $rows[0]);
        self::assertCount(1, array_unique(array_map(count(...), $rows)));
        self::assertContains('1,300 g', array_column($rows, 4));
        $text = (string) $this->get($this->at("/batches/$this->id/lists/prep.txt"))->assertOk()->getContent();
        self::assertStringContainsString('The leeks: sweated and pressed, 900 g to 630 g', $text);
        self::assertStringContainsString('Leeks', (string) $this->get($this->at("/batches/$this->id/lists/weigh.csv"))->assertOk()->getContent());
        $this->getJson($this->at("/batches/$this->id/lists/other.csv"))->assertStatus(404);
    }

    public function test_what_is_left_over_has_a_use_by_and_is_offered_until_it_is_gone(): void
    {
        $this->travelTo('2026-11-26 15:00');
        $left = $this->postJson($this->at('/prep'), ['batch' => $this->batch()])->json('left.0');
        self::assertSame(['trimmings', 'Shortcrust', 2, 90], [$left['kept'], $left['name'], $left['fridgeDays'], $left['freezerDays']]);
        $wish = ['kept' => 'trimmings', 'place' => 'freezer', 'name' => 'Shortcrust', 'grams' => 97, 'pieces' => null, 'food' => null, 'bake' => null];
        $id = $this->postJson($this->at('/leftovers'), $wish)->assertOk()->assertJsonPath('useBy', '2027-02-24')->assertJsonPath('says', 'Shortcrust, trimmings, 97 g')->json('id');
        $this->postJson($this->at('/leftovers'), [...$wish, 'kept' => 'baked-pies', 'place' => 'fridge', 'grams' => null, 'pieces' => 3])->assertOk()->assertJsonPath('useBy', '2026-11-29');
        // what must be used first stands first
        $this->getJson($this->at('/leftovers'))->assertOk()->assertJsonPath('leftovers.0.useBy', '2026-11-29')->assertJsonPath('leftovers.0.isPast', false);
        $this->travelTo('2026-11-30 08:00');
        $this->getJson($this->at('/leftovers'))->assertJsonPath('leftovers.0.isPast', true)->assertJsonPath('leftovers.1.isPast', false);
        $this->putJson($this->at("/leftovers/$id/gone"), ['gone' => 'used'])->assertOk();
        self::assertCount(1, (array) $this->getJson($this->at('/leftovers'))->json('leftovers'));
        $this->putJson($this->at("/leftovers/$id/gone"), ['gone' => 'there'])->assertOk();
        self::assertCount(2, (array) $this->getJson($this->at('/leftovers'))->json('leftovers'));
    }

    public function test_dough_that_is_left_is_known_again_and_so_much_less_is_made_and_bought(): void
    {
        $shortcrust = array_column((array) $this->postJson($this->at('/prep'), ['batch' => $this->batch()])->assertOk()->json('left'), null, 'food')['shortcrust'];
        $wish = ['kept' => $shortcrust['kept'], 'place' => 'fridge', 'name' => $shortcrust['name'], 'grams' => 120, 'pieces' => null, 'food' => $shortcrust['food'], 'bake' => null];
        $this->postJson($this->at('/leftovers'), $wish)->assertOk()->assertJsonPath('food', 'shortcrust')->assertJsonPath('grams', 120);
        $this->postJson($this->at('/leftovers'), [...$wish, 'food' => 'No Id'])->assertStatus(422)->assertJsonPath('at', '/food');
        $made = fn (array $batch): float => (float) array_column((array) $this->postJson($this->at('/pastry'), ['batch' => $batch])->assertOk()->json('doughs'), 'madeGrams', 'dough')['shortcrust'];
        $flour = fn (array $batch): float => (float) array_column((array) $this->postJson($this->at('/prep'), ['batch' => $batch])->assertOk()->json('shopping'), 'needGrams', 'food')['flour'];
        $with = [...$this->batch(), 'doughs' => [['dough' => 'shortcrust', 'board' => ['widthMm' => 400, 'lengthMm' => 600], 'vessel' => 'bowl', 'vesselLitres' => 6, 'madeGrams' => null, 'sheet' => null, 'skipped' => [], 'fromBeforeGrams' => 120]]];
        self::assertEqualsWithDelta($made($this->batch()) - 120, $made($with), 0.2);
        self::assertEqualsWithDelta($flour($this->batch()) - 120 / 1.763, $flour($with), 0.5, 'flour 100, butter 50, water 24.5, salt 1.8');
    }

    public function test_custard_is_not_frozen_and_nothing_is_kept_without_an_amount(): void
    {
        $wish = ['kept' => 'custard', 'place' => 'freezer', 'name' => 'Custard', 'grams' => 200, 'pieces' => null, 'food' => null, 'bake' => null];
        $this->postJson($this->at('/leftovers'), $wish)->assertStatus(422)->assertJsonPath('code', 'not-frozen')->assertJsonPath('at', '/place');
        $this->postJson($this->at('/leftovers'), [...$wish, 'place' => 'fridge', 'grams' => null])->assertStatus(422)->assertJsonPath('at', '/grams');
    }

    public function test_a_scale_that_is_gone_holds_nobody_up(): void
    {
        self::assertNull(ScaleAnswer::from('http://127.0.0.1:9')->grams);
        self::assertNull(ScaleAnswer::from('')->grams);
        $this->getJson($this->at('/scale-reading'))->assertOk();
    }

    /** 450 g in a pan of 497, 290 of them stay: nine tenths of the 160 are gone after the minutes that were named. */
    public function test_the_stand_in_loses_weight_as_a_pan_would(): void
    {
        $scale = new SimulatedScale;
        $grams = static function (float $at) use ($scale): float {
            $read = json_decode($scale->line($at), true);

            return is_array($read) && is_numeric($read['grams']) ? (float) $read['grams'] : self::fail('no grams');
        };
        self::assertSame(0.0, $grams(5.0));
        self::assertNotNull($scale->take('pan', ['tareGrams' => 497], 1000.0), 'says what is missing');
        self::assertNull($scale->take('pan', ['tareGrams' => 497, 'rawGrams' => 450, 'floorGrams' => 290, 'minutes' => 8], 1000.0));
        self::assertSame(947.0, $grams(1000.0));
        self::assertEqualsWithDelta(497 + 290 + 16, $grams(1000.0 + 8 * 60), 1.0);
        self::assertLessThan($grams(1060.0), $grams(1120.0));
        self::assertGreaterThan($grams(1120.0) - $grams(1180.0), $grams(1000.0) - $grams(1060.0), 'quickly at first');
    }

    /** @return array{goes: int, goBeforeGrams: float, goStopGrams: float, phases: list<array<string, mixed>>, byEye: string, here: string} */
    private function act(string $id): array
    {
        $acts = array_column($this->postJson($this->at('/prep'), ['batch' => $this->batch()])->assertOk()->json('acts'), null, 'id');
        self::assertArrayHasKey($id, $acts);

        return $acts[$id];
    }

    /** @return array<string, mixed> */
    private function batch(): array
    {
        $lining = ['rim' => 'flush', 'doubleFloor' => false, 'stripMm' => 20, 'decorationGrams' => 0, 'patchGrams' => 0];
        $fold = ['eachGrams' => null, 'thicknessMm' => null, 'lengthMm' => null, 'settled' => null];

        return ['name' => 'Saturday', 'lines' => [['pie' => $this->pie->id, 'count' => 2, 'lining' => $lining, 'fold' => $fold]], 'doughs' => [], 'kitchenCelsius' => 21, 'panGrams' => 600];
    }

    private function at(string $path): string
    {
        return "/api/kitchens/{$this->kitchen->id}$path";
    }
}
