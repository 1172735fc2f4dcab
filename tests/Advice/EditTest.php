<?php

declare(strict_types=1);

namespace Tests\Advice;

use App\Kitchen\Kitchen;
use App\Kitchen\Role;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Food\EggSizes;
use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Food\Pantry;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Words typed into a design: one question, and what came of it. */
final class EditTest extends TestCase
{
    private Kitchen $kitchen;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen = $this->kitchen();
        $this->actingAs($this->member($this->kitchen));
    }

    public function test_words_go_out_once_and_grams_changes_and_a_first_forecast_come_back(): void
    {
        $this->edit('/layers/0/steps/0/after', 'mass', '280 g', 'leeks')->assertOk()
            ->assertJsonPath('entry.value', 280)
            ->assertJsonPath('changes', [['at' => '/layers/0/steps/0/after', 'to' => ['words' => '280 g', 'grams' => 280, 'leastGrams' => null, 'mostGrams' => null]]])
            ->assertJsonPath('forecast.bake', null)
            ->assertJsonPath('forecast.readings.2.name', 'base')
            ->assertJsonPath('forecast.weights.fillingGrams', 1143.8);
    }

    public function test_the_first_forecast_lies_near_the_fine_one(): void
    {
        $design = $this->design();
        $rough = $this->postJson($this->at('/edits'), ['design' => $design, 'at' => '', 'entry' => null])->assertOk()->assertJsonPath('entry', null)->assertJsonPath('changes', []);
        $fine = $this->postJson($this->at('/forecast'), $design)->assertOk();
        foreach ([1 => 3.0, 2 => 0.05, 6 => 3.0] as $reading => $within) {
            self::assertEqualsWithDelta($fine->json("readings.$reading.value"), $rough->json("forecast.readings.$reading.value"), $within);
        }
        self::assertSame($fine->json('readings.5.value'), $rough->json('forecast.readings.5.value'), 'sums are sums');
    }

    public function test_an_oven_takes_its_mode_from_the_words(): void
    {
        $this->edit('/bake/stages/0/ovenCelsius', 'temperature', '160 °C fan')->assertOk()
            ->assertJsonPath('changes.0', ['at' => '/bake/stages/0/ovenCelsius', 'to' => 160])
            ->assertJsonPath('changes.1', ['at' => '/bake/stages/0/mode', 'to' => 'fan']);
    }

    public function test_a_yolk_written_beside_the_eggs_is_put_down_in_the_cooks_own_sizes(): void
    {
        $this->putJson('/api/session/units', ['volumes' => 'metric', 'temperatures' => 'celsius', 'eggs' => 'eu'])->assertOk();
        $egg = DocumentWriter::write(EggSizes::apply(Pantry::food('egg'), EggSizing::Eu));
        $to = $this->postJson($this->at('/edits'), ['design' => $this->design(), 'at' => '/layers/2/eggs/0/amount', 'entry' => ['kind' => 'mass', 'words' => '3 large + 1 yolk', 'food' => $egg, 'boughtGrams' => null, 'preparation' => '']])
            ->assertOk()->assertJsonPath('changes.0.at', '/layers/2/eggs')->json('changes.0.to');
        self::assertSame([['3 large', 183], ['1 large', 21]], array_map(static fn (array $one): array => [$one['amount']['words'], (int) round($one['amount']['grams'])], $to));
    }

    public function test_words_not_understood_point_at_the_words(): void
    {
        $this->edit('/layers/0/bought', 'mass', '450', 'leeks')->assertStatus(422)->assertJsonPath('code', 'unit-missing')->assertJsonPath('at', '/entry/words');
        $this->edit('/layers/0/bought', 'mass', '450 g')->assertStatus(422)->assertJsonPath('at', '/entry/food');
    }

    public function test_a_place_that_takes_no_words_and_a_design_that_would_be_none_are_refused(): void
    {
        $this->edit('/layers/7/bought', 'mass', '450 g', 'leeks')->assertStatus(422)->assertJsonPath('code', 'no-such-place')->assertJsonPath('at', '/at');
        $this->edit('/layers/0/steps/0/after', 'mass', '2 kg', 'leeks')->assertStatus(422)->assertJsonPath('code', 'heavier-than-before');
        $this->edit('/tin/depthMm', 'length', '3 m')->assertStatus(422);
        $this->postJson($this->at('/edits'), ['design' => ['format' => 'cake'], 'at' => '', 'entry' => null])->assertStatus(422)->assertJsonPath('at', '/design/format');
    }

    public function test_a_guest_may_try_and_nothing_is_stored(): void
    {
        $this->actingAs($this->member($this->kitchen, Role::Guest));
        $this->edit('/layers/0/bought', 'mass', '500 g', 'leeks')->assertOk();
        self::assertSame(0, $this->kitchen->pies()->count());
    }

    /** @return TestResponse<Response> */
    private function edit(string $at, string $kind, string $words, ?string $food = null): TestResponse
    {
        return $this->postJson($this->at('/edits'), ['design' => $this->design(), 'at' => $at, 'entry' => [
            'kind' => $kind, 'words' => $words, 'food' => $food === null ? null : DocumentWriter::write(Pantry::food($food)), 'boughtGrams' => null, 'preparation' => '',
        ]]);
    }

    private function at(string $path): string
    {
        return "/api/kitchens/{$this->kitchen->id}$path";
    }
}
