<?php

declare(strict_types=1);

namespace Tests\Batch;

use App\Kitchen\Kitchen;
use App\Pie\StoredPie;
use Tests\TestCase;

final class BatchTest extends TestCase
{
    private const LINING = ['rim' => 'flush', 'doubleFloor' => false, 'stripMm' => 20, 'decorationGrams' => 0, 'patchGrams' => 0];

    private const AS_DESIGNED = ['eachGrams' => null, 'thicknessMm' => null, 'lengthMm' => null, 'settled' => null];

    private Kitchen $kitchen;

    private StoredPie $pie;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen = $this->kitchen();
        $this->actingAs($this->member($this->kitchen));
        $this->pie = $this->stored($this->kitchen);
    }

    public function test_a_batch_is_put_down_changed_put_away_and_taken_out_again(): void
    {
        $id = $this->putDown(2);
        $this->getJson($this->at('/batches'))->assertOk()->assertJsonPath('batches.0.pieces', 2)->assertJsonPath('batches.0.pies', 1);
        $this->putJson($this->at("/batches/$id"), ['basedOn' => 1, 'batch' => $this->batch(3)])->assertOk()->assertJsonPath('revision', 2)->assertJsonPath('lines.0.portions', 24);
        $this->postJson($this->at("/batches/$id/away"), ['away' => true])->assertOk();
        $this->getJson($this->at('/batches'))->assertJsonPath('batches', []);
        $this->postJson($this->at("/batches/$id/away"), ['away' => false])->assertOk();
        $this->getJson($this->at('/batches'))->assertJsonPath('batches.0.pieces', 3);
    }

    public function test_two_cooks_on_one_batch_overwrite_nothing(): void
    {
        $id = $this->putDown(2);
        $this->putJson($this->at("/batches/$id"), ['basedOn' => 1, 'batch' => $this->batch(3)])->assertOk();
        $this->putJson($this->at("/batches/$id"), ['basedOn' => 1, 'batch' => $this->batch(9)])->assertStatus(409)->assertJsonPath('code', 'clash');
        $this->getJson($this->at("/batches/$id"))->assertJsonPath('batch.lines.0.count', 3);
    }

    public function test_a_batch_of_another_kitchen_does_not_exist(): void
    {
        $id = $this->putDown(2);
        $other = $this->kitchen('The Other Hatch', 'bea@hatch.example');
        $this->actingAs($this->member($other));
        $this->getJson("/api/kitchens/$other->id/batches/$id")->assertStatus(404);
        $this->putJson("/api/kitchens/$other->id/batches/$id", ['basedOn' => 1, 'batch' => $this->batch(2)])->assertStatus(404);
        $this->getJson("/api/kitchens/$other->id/batches/$id/marks")->assertStatus(404);
        $this->getJson("/api/kitchens/$other->id/batches/$id/lists/shop.csv")->assertStatus(404);
        // nor can one's own batch hold a pie of theirs
        $this->postJson("/api/kitchens/$other->id/batches", ['basedOn' => 0, 'batch' => $this->batch(2)])->assertStatus(422)->assertJsonPath('code', 'no-such-pie');
    }

    public function test_bad_input_names_its_field(): void
    {
        $this->postJson($this->at('/batches'), ['basedOn' => 0, 'batch' => $this->batch(0)])->assertStatus(422)->assertJsonPath('at', '/batch/lines/0/count');
        $stranger = $this->batch(1);
        $stranger['lines'][0]['pie'] = '00000000-0000-4000-8000-000000000000';
        $this->postJson($this->at('/batches'), ['basedOn' => 0, 'batch' => $stranger])->assertStatus(422)->assertJsonPath('code', 'no-such-pie')->assertJsonPath('at', '/batch/lines/0/pie');
        $twice = $this->batch(1);
        $twice['lines'][] = $twice['lines'][0];
        $this->postJson($this->at('/batches'), ['basedOn' => 0, 'batch' => $twice])->assertStatus(422)->assertJsonPath('code', 'pie-twice');
        $this->getJson($this->at('/batches/00000000-0000-4000-8000-000000000000'))->assertStatus(404);
    }

    public function test_the_pastry_of_a_batch_comes_with_its_formula_sheet_and_rests(): void
    {
        $dough = $this->postJson($this->at('/pastry'), ['batch' => $this->batch(2)])->assertOk()->json('doughs.0');
        self::assertSame('shortcrust', $dough['dough']);
        self::assertTrue($dough['isInPies']);
        self::assertSame(['Wheat flour', 'Butter, unsalted', 'Salt', 'Water'], array_column($dough['parts'], 'name'));
        self::assertEqualsWithDelta($dough['madeGrams'], array_sum(array_column($dough['parts'], 'grams')), 0.5);
        self::assertNull($dough['uses'][0]['cutting']);
        self::assertStringContainsString('33 cm', $dough['uses'][0]['pieces'][0]['says']);
        self::assertSame(['after-mixing', 'temper', 'in-the-tin'], array_column($dough['rests'], 'name'));
    }

    public function test_a_formula_of_the_kitchens_own_is_used_and_taken_into_the_pies_only_when_told(): void
    {
        $id = $this->putDown(2);
        $formula = $this->formula();
        $formula['fats'][0]['percent'] = 70;
        $this->putJson($this->at('/doughs/shortcrust'), $formula)->assertOk();
        $dough = $this->postJson($this->at('/pastry'), ['batch' => $this->batch(2)])->json('doughs.0');
        self::assertEquals(70, $dough['parts'][1]['percent']);
        self::assertTrue($dough['isOwn']);
        self::assertFalse($dough['isInPies']);
        self::assertSame(1, $this->pie->refresh()->revision);
        $this->postJson($this->at("/batches/$id/doughs/shortcrust/into-pies"))->assertOk();
        self::assertSame(2, $this->pie->refresh()->revision);
        self::assertTrue($this->postJson($this->at('/pastry'), ['batch' => $this->batch(2)])->json('doughs.0.isInPies'));
        self::assertGreaterThan(28, $this->pie->newest()->pie()->crust->dough->per100g->fat);
        $this->deleteJson($this->at('/doughs/shortcrust'))->assertOk();
        self::assertEquals(50, $this->postJson($this->at('/pastry'), ['batch' => $this->batch(2)])->json('doughs.0.parts.1.percent'));
    }

    public function test_a_formula_that_cannot_be_is_refused_at_its_field(): void
    {
        $formula = $this->formula();
        $formula['flours'][0]['percent'] = 90;
        $this->putJson($this->at('/doughs/shortcrust'), $formula)->assertStatus(422)->assertJsonPath('code', 'flours-not-a-hundred')->assertJsonPath('at', '/flours');
        $this->putJson($this->at('/doughs/puff'), $this->formula())->assertStatus(422)->assertJsonPath('code', 'other-dough');
    }

    public function test_what_a_dough_took_moves_next_times_estimate_and_can_be_taken_back(): void
    {
        $usual = fn (): float => (float) $this->postJson($this->at('/pastry'), ['batch' => $this->batch(2)])->json('doughs.0.water.usualPercent');
        self::assertSame(24.5, $usual());
        $log = ['flourGrams' => 200, 'offeredGrams' => 70, 'goes' => [['grams' => 30], ['grams' => 15], ['grams' => 15]]];
        $water = $this->postJson($this->at('/doughs/shortcrust/waters'), $log)->assertOk()->assertJsonPath('leftGrams', 10)->json('id');
        // nothing is reckoned otherwise before a cook accepts it
        self::assertSame(24.5, $usual());
        $this->putJson($this->at('/lessons'), ['thing' => 'water:shortcrust', 'state' => 'accepted'])->assertOk();
        self::assertSame(27.3, $usual(), 'half way from 24.5 to 30');
        $this->postJson($this->at('/doughs/shortcrust/waters'), [...$log, 'offeredGrams' => 50])->assertStatus(422)->assertJsonPath('at', '/offeredGrams');
        $this->deleteJson($this->at("/doughs/shortcrust/waters/$water"))->assertOk();
        self::assertSame(24.5, $usual());
    }

    private function putDown(int $count): string
    {
        $id = $this->postJson($this->at('/batches'), ['basedOn' => 0, 'batch' => $this->batch($count)])->assertOk()->json('id');
        self::assertIsString($id);

        return $id;
    }

    /** @return array<string, mixed> */
    private function formula(): array
    {
        $formula = $this->postJson($this->at('/pastry'), ['batch' => $this->batch(1)])->json('doughs.0.formula');
        self::assertIsArray($formula);

        return $formula;
    }

    /** @return array{name: string, lines: list<array<string, mixed>>, doughs: list<mixed>, kitchenCelsius: int, panGrams: int} */
    private function batch(int $count): array
    {
        return ['name' => 'Saturday', 'lines' => [['pie' => $this->pie->id, 'count' => $count, 'lining' => self::LINING, 'fold' => self::AS_DESIGNED]], 'doughs' => [], 'kitchenCelsius' => 21, 'panGrams' => 600];
    }

    private function at(string $path): string
    {
        return "/api/kitchens/{$this->kitchen->id}$path";
    }
}
