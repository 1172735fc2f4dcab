<?php

declare(strict_types=1);

namespace Tests\Stores;

use App\Kitchen\Kitchen;
use Illuminate\Support\Str;
use Tests\TestCase;

final class StoresTest extends TestCase
{
    private const BRESAOLA = ['name' => 'Bresaola', 'role' => 'solid', 'raw' => 'cooked', 'body' => 'pours', 'fat' => 2.6, 'carbohydrate' => 0.5, 'fibre' => 0, 'protein' => 32, 'salt' => 3.9, 'allergens' => [], 'doughKind' => 'short', 'allergenNames' => [], 'allergensRead' => true, 'saturates' => 1.1, 'sugars' => 0.2];

    private Kitchen $kitchen;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen = $this->kitchen();
        $this->actingAs($this->member($this->kitchen));
    }

    public function test_an_own_food_is_written_down_from_its_label_changed_and_taken_out_again(): void
    {
        $this->putJson($this->at('/foods/own-bresaola'), self::BRESAOLA)->assertOk();
        $food = $this->food('own-bresaola');
        self::assertEqualsWithDelta(60.5, $food['food']['per100g']['water'], 0.01);
        self::assertEquals(self::BRESAOLA, $food['label']);
        $this->putJson($this->at('/foods/own-bresaola'), [...self::BRESAOLA, 'salt' => 4.2])->assertOk();
        self::assertSame(4.2, $this->food('own-bresaola')['food']['per100g']['salt']);
        $this->deleteJson($this->at('/foods/own-bresaola'))->assertOk();
        self::assertNull($this->food('own-bresaola'));
    }

    public function test_a_label_that_cannot_be_is_refused_with_its_field(): void
    {
        $this->putJson($this->at('/foods/own-bresaola'), [...self::BRESAOLA, 'fat' => 90])->assertStatus(422)->assertJsonPath('code', 'label-does-not-sum');
        $this->putJson($this->at('/foods/own-bresaola'), [...self::BRESAOLA, 'protein' => 'much'])->assertStatus(422)->assertJsonPath('at', '/protein');
        $this->putJson($this->at('/foods/leeks'), self::BRESAOLA)->assertStatus(422);
        self::assertNull($this->food('own-bresaola'));
    }

    public function test_prices_are_kept_for_any_food_and_price_the_bill(): void
    {
        $this->putJson($this->at('/foods/leeks/price'), ['pricePerKg' => 3.2])->assertOk();
        self::assertSame(3.2, $this->food('leeks')['pricePerKg']);
        $bill = $this->postJson($this->at('/bill'), ['design' => $this->design(), 'tins' => 6])->assertOk();
        self::assertGreaterThan(0, $bill->json('cost'));
        // a margin of 60 %: of the price 40 % pay its food and 0.50 of hands and heat
        $this->putJson($this->at('/pricing'), ['marginPercent' => 60, 'otherCost' => 0.5])->assertOk();
        $portion = (float) $bill->json('costOfAPortion');
        self::assertEqualsWithDelta(($portion + 0.5) / 0.4, $this->postJson($this->at('/bill'), ['design' => $this->design(), 'tins' => 6])->assertOk()->assertJsonPath('pricing.marginPercent', 60)->json('priceOfAPortion'), 0.02);
        $this->putJson($this->at('/pricing'), ['marginPercent' => 100, 'otherCost' => 0.5])->assertStatus(422)->assertJsonPath('at', '/marginPercent');
        $this->putJson($this->at('/foods/leeks/price'), ['pricePerKg' => -1])->assertStatus(422)->assertJsonPath('at', '/pricePerKg');
        $this->putJson($this->at('/foods/leeks/price'), ['pricePerKg' => null])->assertOk();
        $this->postJson($this->at('/bill'), ['design' => $this->design(), 'tins' => 6])->assertJsonPath('cost', null);
    }

    public function test_two_kitchens_keep_foods_of_the_same_id_apart(): void
    {
        $other = $this->kitchen('The Other Hatch', 'bea@hatch.example');
        $this->putJson($this->at('/foods/own-bresaola'), self::BRESAOLA)->assertOk();
        $this->actingAs($this->member($other));
        $this->putJson("/api/kitchens/$other->id/foods/own-bresaola", [...self::BRESAOLA, 'salt' => 5])->assertOk();
        $this->deleteJson("/api/kitchens/$other->id/foods/own-bresaola")->assertOk();
        $this->actingAs($this->member($this->kitchen));
        self::assertSame(3.9, $this->food('own-bresaola')['food']['per100g']['salt']);
    }

    public function test_tins_and_ovens_are_written_down_and_taken_out(): void
    {
        $id = Str::uuid()->toString();
        $this->putJson($this->at("/tins/$id"), ['name' => 'The deep one', 'tin' => ['shape' => 'springform', 'diameterMm' => 230, 'depthMm' => 70]])->assertOk();
        $this->getJson($this->at('/tins'))->assertOk()->assertJsonPath('tins.0.holdsMl', 2908)->assertJsonPath('tins.0.name', 'The deep one');
        $this->putJson($this->at("/tins/$id"), ['name' => 'The deep one', 'tin' => ['shape' => 'springform', 'diameterMm' => 2, 'depthMm' => 70]])->assertStatus(422)->assertJsonPath('at', '/tin/diameterMm');
        $this->deleteJson($this->at("/tins/$id"))->assertOk();
        $this->getJson($this->at('/tins'))->assertJsonCount(0, 'tins');
        $this->putJson($this->at("/ovens/$id"), ['name' => 'Old', 'mode' => 'static', 'runsByKelvins' => -12.5, 'notes' => 'hot back corner'])->assertOk();
        $this->getJson($this->at('/ovens'))->assertOk()->assertJsonPath('ovens.0.runsByKelvins', -12.5);
        $this->putJson($this->at("/ovens/$id"), ['name' => 'Old', 'mode' => 'static', 'runsByKelvins' => 200, 'notes' => ''])->assertStatus(422)->assertJsonPath('at', '/runsByKelvins');
        $this->deleteJson($this->at("/ovens/$id"))->assertOk();
        $this->getJson($this->at('/ovens'))->assertJsonCount(0, 'ovens');
    }

    public function test_eggs_come_in_the_sizes_a_person_means(): void
    {
        self::assertSame(50, $this->food('egg')['food']['pieces']['large']);
        $this->putJson('/api/session/units', ['volumes' => 'metric', 'temperatures' => 'celsius', 'eggs' => 'eu'])->assertOk();
        self::assertSame(61, $this->food('egg')['food']['pieces']['large']);
    }

    public function test_a_step_and_a_weight_to_stop_at_are_worked_out(): void
    {
        $design = $this->design();
        $layer = $design['layers'][0]['id'];
        $step = $this->postJson($this->at('/preparations'), ['design' => $design, 'layer' => $layer, 'to' => 'step', 'preparation' => 'pressed again', 'weepGrams' => null])->assertOk();
        self::assertCount(count($design['layers'][0]['steps']) + 1, $step->json('layers.0.steps'));
        $this->postJson($this->at('/preparations'), ['design' => $design, 'layer' => $layer, 'to' => 'weep', 'preparation' => null, 'weepGrams' => 10])->assertOk();
        $this->postJson($this->at('/preparations'), ['design' => $design, 'layer' => $layer, 'to' => 'weep', 'preparation' => null, 'weepGrams' => 4000])->assertStatus(422)->assertJsonPath('at', '/weepGrams');
        $this->postJson($this->at('/preparations'), ['design' => $design, 'layer' => 'nobody', 'to' => 'step', 'preparation' => null, 'weepGrams' => null])->assertStatus(422)->assertJsonPath('code', 'no-such-layer');
    }

    /** @return array<string, mixed>|null */
    private function food(string $id): ?array
    {
        foreach ($this->getJson($this->at('/foods'))->assertOk()->json('foods') as $one) {
            if ($one['food']['id'] === $id) {
                return $one;
            }
        }

        return null;
    }

    private function at(string $path): string
    {
        return "/api/kitchens/{$this->kitchen->id}$path";
    }
}
