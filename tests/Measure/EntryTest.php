<?php

declare(strict_types=1);

namespace Tests\Measure;

use App\Kitchen\Kitchen;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Food\Pantry;
use Tests\TestCase;

final class EntryTest extends TestCase
{
    private Kitchen $kitchen;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen = $this->kitchen();
        $this->actingAs($this->member($this->kitchen));
    }

    public function test_a_cooks_words_become_grams_of_that_food(): void
    {
        $this->entry(['kind' => 'mass', 'words' => '3 medium', 'food' => DocumentWriter::write(Pantry::food('leeks')), 'boughtGrams' => null, 'preparation' => ''])
            ->assertOk()->assertExactJson(['words' => '3 medium', 'value' => 450, 'unit' => 'g', 'least' => 360, 'most' => 540, 'said' => '3 medium at 150 g each; between 360 g and 540 g', 'others' => [], 'mode' => null]);
        $this->entry(['kind' => 'length', 'words' => '9 1/2 in', 'food' => null, 'boughtGrams' => null, 'preparation' => ''])->assertOk()->assertJsonPath('value', 241.3);
        $this->entry(['kind' => 'temperature', 'words' => '350 F', 'food' => null, 'boughtGrams' => null, 'preparation' => ''])->assertOk()->assertJsonPath('unit', '°C');
        $this->entry(['kind' => 'temperature', 'words' => '160 °C fan', 'food' => null, 'boughtGrams' => null, 'preparation' => ''])->assertOk()->assertJsonPath('mode', 'fan')->assertJsonPath('said', '160 °C = 160 °C; about 180 °C static');
        $this->entry(['kind' => 'time', 'words' => '1 h 10', 'food' => null, 'boughtGrams' => null, 'preparation' => ''])->assertOk()->assertJsonPath('value', 70);
    }

    public function test_a_weight_of_no_food_in_particular_is_read_as_a_scale_tells_it(): void
    {
        $weight = fn (string $words) => $this->entry(['kind' => 'weight', 'words' => $words, 'food' => null, 'boughtGrams' => null, 'preparation' => '']);
        foreach (['497' => 497, '812 g' => 812, '1.2 kg' => 1200, '1 lb' => 453.592] as $words => $grams) {
            $weight((string) $words)->assertOk()->assertJsonPath('value', $grams)->assertJsonPath('unit', 'g');
        }
        $weight('2 cups')->assertStatus(422)->assertJsonPath('at', '/words');
        $weight('')->assertStatus(422);
    }

    public function test_words_not_understood_come_back_with_what_to_write(): void
    {
        $this->entry(['kind' => 'mass', 'words' => '450', 'food' => DocumentWriter::write(Pantry::food('leeks')), 'boughtGrams' => null, 'preparation' => ''])
            ->assertStatus(422)->assertJsonPath('at', '/words')->assertJsonPath('code', 'unit-missing');
        $this->entry(['kind' => 'mass', 'words' => '450 g', 'food' => ['id' => 'leeks'], 'boughtGrams' => null, 'preparation' => ''])->assertStatus(422)->assertJsonPath('at', '/food/name');
        $this->entry(['kind' => 'mass', 'words' => '450 g', 'food' => null, 'boughtGrams' => null, 'preparation' => ''])->assertStatus(422)->assertJsonPath('at', '/food');
        $this->entry(['kind' => 'heaviness', 'words' => '450 g', 'food' => null, 'boughtGrams' => null, 'preparation' => ''])->assertStatus(422)->assertJsonPath('at', '/kind');
        $this->entry(['kind' => 'length', 'words' => str_repeat('9', 300), 'food' => null, 'boughtGrams' => null, 'preparation' => ''])->assertStatus(422)->assertJsonPath('at', '/words');
    }

    public function test_the_pantry_is_listed_with_its_preparations(): void
    {
        $foods = $this->getJson("/api/kitchens/{$this->kitchen->id}/foods")->assertOk()->json('foods');
        self::assertIsArray($foods);
        self::assertCount(count(Pantry::all()), $foods);
        // what has to be hot all through comes from the fridge
        $from = array_column(array_map(static fn (array $one): array => ['id' => $one['food']['id'], 'from' => $one['fromCelsius']], $foods), 'from', 'id');
        self::assertEquals([20, 5, 5], [$from['leeks'], $from['chicken-thigh'], $from['salmon']]);
    }

    /** @param  array<string, mixed>  $body */
    private function entry(array $body): \Illuminate\Testing\TestResponse
    {
        return $this->postJson("/api/kitchens/{$this->kitchen->id}/entries", $body);
    }
}
