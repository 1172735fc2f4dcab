<?php

declare(strict_types=1);

namespace Tests\Recipe;

use App\Kitchen\Role;
use App\Pie\Defaults;
use Hojaldre\Core\Food\Pantry;
use Tests\TestCase;

/** Ways to begin that are asked of the server: what is on hand, a food like another, one pan. */
final class BeginningsTest extends TestCase
{
    public function test_what_is_on_hand_becomes_pies_with_their_grams_and_words(): void
    {
        $kitchen = $this->kitchen();
        $this->actingAs($this->member($kitchen));
        $have = array_map(static fn (string $id): array => ['id' => $id], ['leeks', 'gruyere', 'egg', 'double-cream', 'shortcrust']);
        $pies = $this->postJson("/api/kitchens/$kitchen->id/on-hand", ['foods' => $have, 'tin' => null])->assertOk()->json('pies');
        self::assertIsArray($pies);
        $quiche = array_values(array_filter($pies, static fn (mixed $one): bool => is_array($one) && $one['kind'] === 'quiche'))[0];
        self::assertIsArray($quiche);
        self::assertSame('Quiche: leeks and gruyère', $quiche['design']['name']);
        self::assertMatchesRegularExpression('/^\d+ g leeks, \d+ g gruyère, \d large eggs, \d+ g double cream, [\d.]+ g /iu', $quiche['grams']);
        self::assertSame('24 cm straight tin, 3.5 cm deep', $quiche['tinLabel']);
        // in a smaller tin there is less of it: 200 mm hold under 0.7 of what 240 do
        $small = $this->postJson("/api/kitchens/$kitchen->id/on-hand", ['foods' => $have, 'tin' => ['shape' => 'round-straight', 'diameterMm' => 200, 'depthMm' => 35]])->assertOk()->json('pies');
        self::assertIsArray($small);
        $smaller = array_values(array_filter($small, static fn (mixed $one): bool => is_array($one) && $one['kind'] === 'quiche'))[0];
        self::assertSame('20 cm straight tin, 3.5 cm deep', $smaller['tinLabel']);
        self::assertEqualsWithDelta(0.69, $smaller['design']['layers'][0]['bought']['grams'] / $quiche['design']['layers'][0]['bought']['grams'], 0.04);
        // it is a design like any other
        $this->postJson("/api/kitchens/$kitchen->id/pies", $quiche['design'])->assertStatus(201);
    }

    public function test_all_that_may_be_ticked_is_in_the_pantry_once_and_a_food_ticked_twice_is_there_once(): void
    {
        $common = Defaults::usual()->commonFoods;
        self::assertSame($common, array_values(array_unique($common)));
        foreach ($common as $id) {
            self::assertNotNull(Pantry::family($id), $id);
        }
        $kitchen = $this->kitchen();
        $this->actingAs($this->member($kitchen));
        $this->postJson("/api/kitchens/$kitchen->id/on-hand", ['foods' => [['id' => 'leeks'], ['id' => 'leeks']], 'tin' => null])->assertOk();
    }

    public function test_a_food_that_is_not_known_is_named(): void
    {
        $kitchen = $this->kitchen();
        $this->actingAs($this->member($kitchen));
        $this->postJson("/api/kitchens/$kitchen->id/on-hand", ['foods' => [['id' => 'flumpets']], 'tin' => null])->assertStatus(422)->assertJsonPath('code', 'no-such-food')->assertJsonPath('at', '/foods');
        $this->postJson("/api/kitchens/$kitchen->id/on-hand", ['foods' => [], 'tin' => null])->assertOk()->assertJsonPath('pies', []);
    }

    public function test_a_food_like_another_is_in_the_stores_and_is_found_by_its_name(): void
    {
        $kitchen = $this->kitchen();
        $this->actingAs($this->member($kitchen));
        $this->putJson("/api/kitchens/$kitchen->id/foods/own-flumpets/like", ['name' => 'Flumpets', 'like' => 'spinach'])->assertOk();
        $layers = $this->postJson("/api/kitchens/$kitchen->id/additions", ['design' => $this->design(), 'text' => '200 g flumpets'])->assertOk()->json('layers');
        self::assertIsArray($layers);
        $added = array_values(array_filter($layers, static fn (mixed $one): bool => is_array($one) && $one['id'] === 'own-flumpets'))[0];
        self::assertIsArray($added);
        self::assertSame('Flumpets', $added['food']['name']);
        self::assertSame(200, $added['bought']['grams']);
    }

    public function test_a_food_like_nothing_known_or_under_a_name_of_the_pantry_is_refused(): void
    {
        $kitchen = $this->kitchen();
        $this->actingAs($this->member($kitchen));
        $this->putJson("/api/kitchens/$kitchen->id/foods/own-flumpets/like", ['name' => 'Flumpets', 'like' => 'moon-dust'])->assertStatus(422)->assertJsonPath('at', '/like');
        $this->putJson("/api/kitchens/$kitchen->id/foods/leeks/like", ['name' => 'Leeks', 'like' => 'spinach'])->assertStatus(422)->assertJsonPath('code', 'own-food-id');
        $this->actingAs($this->member($kitchen, Role::Guest))->putJson("/api/kitchens/$kitchen->id/foods/own-flumpets/like", ['name' => 'Flumpets', 'like' => 'spinach'])->assertStatus(403);
    }

    public function test_a_pie_is_written_out_for_so_many_in_order_and_a_count_that_is_none_is_refused(): void
    {
        $kitchen = $this->kitchen();
        $this->actingAs($this->member($kitchen));
        $pie = $this->stored($kitchen)->id;
        $at = "/api/kitchens/$kitchen->id/pies/$pie/recipe";
        $one = $this->getJson($at)->assertOk();
        $three = $this->getJson("$at?count=3")->assertOk();
        // 3 leeks, 180 g of trout and 5 eggs are 9, 540 g and 15
        self::assertSame(['3 medium leeks (450 g)', '180 g smoked trout', '5 large egg (250 g)'], array_slice((array) $one->json('ingredients'), 1, 3));
        self::assertSame(['9 medium leeks (1,350 g)', '540 g smoked trout', '15 large egg (750 g)'], array_slice((array) $three->json('ingredients'), 1, 3));
        self::assertContains('Lay in, in this order: leeks and smoked trout.', (array) $one->json('method'));
        self::assertContains('For the filling, leeks: sweated and pressed, until 945 g are left. Let it cool.', (array) $three->json('method'));
        foreach (['0', '201', 'many', '-1', '1.5'] as $count) {
            $this->getJson("$at?count=$count")->assertStatus(422)->assertJsonPath('at', '/count');
        }
    }

    public function test_one_pan_is_weighed_in_the_cooks_own_words(): void
    {
        $kitchen = $this->kitchen();
        $this->actingAs($this->member($kitchen));
        $wish = ['design' => $this->design(), 'layers' => [['id' => 'leeks'], ['id' => 'smoked-trout']], 'words' => '570 g now'];
        $layers = $this->postJson("/api/kitchens/$kitchen->id/pans", $wish)->assertOk()->json('layers');
        self::assertIsArray($layers);
        self::assertSame([390, 180], [$layers[0]['steps'][0]['after']['grams'], $layers[1]['steps'][0]['after']['grams']]);
        $this->postJson("/api/kitchens/$kitchen->id/pans", [...$wish, 'words' => '3 large'])->assertStatus(422)->assertJsonPath('at', '/words');
    }
}
