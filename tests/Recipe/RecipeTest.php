<?php

declare(strict_types=1);

namespace Tests\Recipe;

use App\Kitchen\Kitchen;
use App\Kitchen\Role;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Pie\Beginning;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\PieKind;
use Hojaldre\Core\PieFile\PieFile;
use Tests\TestCase;

/** Ways to begin: a kind, a pasted recipe, what is said to a pie, and what is asked; none of it stores anything. */
final class RecipeTest extends TestCase
{
    private Kitchen $kitchen;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen = $this->kitchen();
        $this->actingAs($this->member($this->kitchen));
    }

    public function test_eight_kinds_are_told_each_with_all_that_it_assumes(): void
    {
        $kinds = $this->getJson($this->at('/beginnings'))->assertOk()->json('beginnings');
        self::assertIsArray($kinds);
        self::assertSame(array_column(PieKind::cases(), 'value'), array_column($kinds, 'kind'));
        foreach ($kinds as $one) {
            self::assertNotSame('', $one['sets']);
            self::assertGreaterThan(6, count($one['design']['assumed']), $one['kind']);
            PieFile::fromDocument($one['design']);
        }
    }

    public function test_a_recipe_comes_back_line_by_line_with_its_pie_and_a_first_forecast(): void
    {
        $answer = $this->postJson($this->at('/recipes'), ['text' => "Leek quiche\nIngredients\n3 leeks, sweated\n3 large eggs\n200 ml double cream\n1 jar of flumpets\nMethod\nBake at 170C for 40 minutes.", 'volumes' => null, 'kind' => null])->assertOk();
        self::assertSame(['title', 'heading', 'ingredient', 'ingredient', 'ingredient', 'waiting', 'heading', 'method'], $answer->json('lines.*.kind'));
        $answer->assertJsonPath('lines.2.named.0.food', 'leeks')->assertJsonPath('lines.2.named.0.into', 'layer')->assertJsonPath('design.name', 'Leek quiche')
            ->assertJsonPath('design.bake.stages.0.minutes', 40)->assertJsonPath('volumes', 'metric');
        self::assertContains('set', (array) $answer->json('forecast.readings.*.name'));
        self::assertSame(0, $this->kitchen->pies()->count());
    }

    public function test_a_kind_takes_what_goes_in_and_the_kitchens_own_foods_are_known_by_their_names(): void
    {
        $this->putJson($this->at('/foods/flumpets'), ['name' => 'Flumpets', 'role' => 'solid', 'raw' => 'cooked', 'body' => 'pours', 'fat' => 2, 'carbohydrate' => 6, 'fibre' => 2, 'protein' => 3, 'salt' => 0.1, 'allergens' => [], 'doughKind' => 'short']);
        $answer = $this->postJson($this->at('/recipes'), ['text' => "200 g flumpets\n4 eggs", 'volumes' => null, 'kind' => 'pasty'])->assertOk()->assertJsonPath('design.tin.shape', 'folded');
        self::assertContains($answer->json('lines.0.kind'), ['ingredient', 'waiting']);
    }

    public function test_nothing_pasted_is_refused_at_its_field(): void
    {
        $this->postJson($this->at('/recipes'), ['text' => "  \n ", 'volumes' => null, 'kind' => null])->assertStatus(422)->assertJsonPath('at', '/text')->assertJsonPath('code', 'recipe-empty');
        $this->postJson($this->at('/recipes'), ['text' => '3 leeks', 'volumes' => 'french', 'kind' => null])->assertStatus(422)->assertJsonPath('at', '/volumes');
    }

    public function test_what_is_said_to_a_pie_is_put_where_it_belongs_and_what_is_not_understood_is_refused(): void
    {
        $design = DocumentWriter::write(Beginning::of(PieKind::Quiche));
        $leeks = $this->postJson($this->at('/additions'), ['design' => $design, 'text' => '3 leeks, sweated'])->assertOk()->assertJsonPath('layers.0.food.id', 'leeks')->assertJsonPath('layers.1.kind', 'custard');
        $eggs = $this->postJson($this->at('/additions'), ['design' => json_decode((string) $leeks->getContent(), true), 'text' => '4 large eggs'])->assertOk();
        $eggs->assertJsonPath('layers.1.eggs.0.amount.grams', 200)->assertJsonPath('layers.0.food.id', 'leeks');
        $this->postJson($this->at('/additions'), ['design' => $design, 'text' => '300 g flumpets'])->assertStatus(422)->assertJsonPath('code', 'nothing-understood')->assertJsonPath('at', '/text');
    }

    public function test_what_is_assumed_is_asked_with_the_assumed_answer_among_the_others(): void
    {
        $read = $this->postJson($this->at('/recipes'), ['text' => "Quiche\n3 leeks\n3 eggs\n200 ml cream\nBake at 170 for 40 minutes, blind bake first for 15 minutes.", 'volumes' => null, 'kind' => null])->assertOk()->json('design');
        $questions = $this->postJson($this->at('/questions'), (array) $read)->assertOk()->json('questions');
        self::assertIsArray($questions);
        self::assertGreaterThan(3, count($questions));
        foreach ($questions as $one) {
            self::assertCount(1, array_filter($one['answers'], static fn (array $answer): bool => $answer['isAssumed']), $one['asks']);
        }
        $mode = array_values(array_filter($questions, static fn (array $one): bool => $one['place'] === '/bake/stages/0/mode'))[0];
        self::assertSame(['static', 'fan'], array_column($mode['answers'], 'says'));
        self::assertSame([['at' => '/bake/stages/0/mode', 'to' => 'fan']], $mode['answers'][1]['changes']);
    }

    public function test_a_guest_may_try_all_of_it(): void
    {
        $this->actingAs($this->member($this->kitchen, Role::Guest));
        $this->getJson($this->at('/beginnings'))->assertOk();
        $this->postJson($this->at('/recipes'), ['text' => '3 leeks', 'volumes' => null, 'kind' => 'quiche'])->assertOk();
    }

    public function test_a_pie_written_out_for_a_friend_reads_back_as_the_same_foods(): void
    {
        foreach (glob(database_path('data/demo/*.json')) ?: [] as $file) {
            $design = PieFile::read((string) file_get_contents($file));
            $id = $this->postJson($this->at('/pies'), DocumentWriter::write($design))->assertCreated()->json('id');
            self::assertIsString($id);
            foreach (['text', 'linked'] as $as) {
                $written = $this->getJson($this->at("/pies/$id/recipe"))->assertOk()->json($as);
                $read = $this->postJson($this->at('/recipes'), ['text' => $written, 'volumes' => null, 'kind' => null])->assertOk()->json('design');
                self::assertIsArray($read);
                self::assertSame($design->name, $read['name']);
                self::assertSame(self::foods($design), self::foods(PieFile::fromDocument($read)), "$file as $as");
                self::assertEqualsWithDelta($design->bake->minutes(), PieFile::fromDocument($read)->bake->minutes(), 0.6);
            }
        }
        $this->getJson($this->at('/pies/00000000-0000-4000-8000-000000000000/recipe'))->assertNotFound();
    }

    /** @return array<string, float> grams as bought, by food */
    private static function foods(Pie $pie): array
    {
        $grams = [];
        foreach ($pie->layers as $layer) {
            foreach ($layer->ingredients() as $one) {
                $grams[$one->food->id] = ($grams[$one->food->id] ?? 0.0) + round($one->grams());
            }
        }
        ksort($grams);

        return $grams;
    }

    private function at(string $path): string
    {
        return "/api/kitchens/{$this->kitchen->id}$path";
    }
}
