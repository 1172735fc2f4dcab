<?php

declare(strict_types=1);

namespace Tests\Kitchen;

use App\Kitchen\Role;
use Illuminate\Routing\Route as Address;
use Illuminate\Support\Facades\Route;
use Tests\TestCase;

/** Asks every route of a kitchen as someone who has no business there. New routes are found by themselves. */
final class ClosedToOthersTest extends TestCase
{
    public function test_there_are_routes_to_ask(): void
    {
        self::assertGreaterThanOrEqual(12, count(self::routes()));
    }

    public function test_every_route_of_a_kitchen_is_hidden_from_a_member_of_another(): void
    {
        $ours = $this->kitchen();
        $theirs = $this->kitchen('The Other Hatch', 'bea@hatch.example');
        $pie = $this->stored($ours)->id;
        $this->actingAs($this->member($theirs));
        foreach (self::routes() as $route) {
            foreach (self::verbs($route) as $verb) {
                $this->json($verb, self::address($route, $ours->id, $pie))->assertStatus(404)->assertJsonPath('code', 'not-found');
            }
        }
    }

    public function test_a_pie_of_another_kitchen_is_not_reached_through_ones_own(): void
    {
        $ours = $this->kitchen();
        $theirs = $this->kitchen('The Other Hatch', 'bea@hatch.example');
        $pie = $this->stored($ours)->id;
        $this->actingAs($this->member($theirs));
        $asked = 0;
        foreach (self::routes() as $route) {
            if (! str_contains($route->uri(), '{pie}')) {
                continue;
            }
            foreach (self::verbs($route) as $verb) {
                $this->json($verb, self::address($route, $theirs->id, $pie), ['archived' => true, 'basedOn' => 1, 'design' => $this->design()])->assertStatus(404);
                $asked++;
            }
        }
        self::assertGreaterThanOrEqual(7, $asked);
        self::assertSame(1, $ours->pies()->count());
        self::assertNull($ours->pies()->firstOrFail()->archived_at);
    }

    public function test_every_route_of_a_kitchen_wants_someone_signed_in(): void
    {
        $kitchen = $this->kitchen();
        $pie = $this->stored($kitchen)->id;
        foreach (self::routes() as $route) {
            foreach (self::verbs($route) as $verb) {
                $this->json($verb, self::address($route, $kitchen->id, $pie))->assertStatus(401)->assertJsonPath('code', 'not-signed-in');
            }
        }
    }

    public function test_a_guest_looks_and_tries_out_but_stores_nothing(): void
    {
        $kitchen = $this->kitchen();
        $pie = $this->stored($kitchen)->id;
        $this->actingAs($this->member($kitchen, Role::Guest));
        $this->getJson("/api/kitchens/$kitchen->id/pies/$pie")->assertOk();
        $this->postJson("/api/kitchens/$kitchen->id/forecast", $this->design())->assertOk();
        $stopped = 0;
        foreach (self::routes() as $route) {
            if (in_array('write', $route->gatherMiddleware(), true)) {
                foreach (self::verbs($route) as $verb) {
                    $this->json($verb, self::address($route, $kitchen->id, $pie))->assertStatus(403)->assertJsonPath('code', 'not-allowed');
                    $stopped++;
                }
            }
        }
        self::assertSame(52, $stopped);
    }

    public function test_every_route_that_is_not_a_question_is_closed_to_guests(): void
    {
        $questions = ['api/kitchens/{kitchen}/forecast', 'api/kitchens/{kitchen}/entries', 'api/kitchens/{kitchen}/edits', 'api/kitchens/{kitchen}/scale', 'api/kitchens/{kitchen}/custards', 'api/kitchens/{kitchen}/swaps', 'api/kitchens/{kitchen}/preparations', 'api/kitchens/{kitchen}/bill', 'api/kitchens/{kitchen}/bake', 'api/kitchens/{kitchen}/shell', 'api/kitchens/{kitchen}/ways-out', 'api/kitchens/{kitchen}/matches', 'api/kitchens/{kitchen}/what-if', 'api/kitchens/{kitchen}/questions', 'api/kitchens/{kitchen}/recipes', 'api/kitchens/{kitchen}/additions', 'api/kitchens/{kitchen}/pans', 'api/kitchens/{kitchen}/on-hand', 'api/kitchens/{kitchen}/pastry', 'api/kitchens/{kitchen}/prep', 'api/kitchens/{kitchen}/day-beginning', 'api/kitchens/{kitchen}/day-plan', 'api/kitchens/{kitchen}/day-ways', 'api/kitchens/{kitchen}/day-orders', 'api/kitchens/{kitchen}/labels', 'api/kitchens/{kitchen}/label-sheets'];
        // whoever is in may go
        $own = ['api/kitchens/{kitchen}/membership'];
        foreach (self::routes() as $route) {
            $writes = array_diff(self::verbs($route), ['GET']) !== [] && ! in_array($route->uri(), [...$questions, ...$own], true);
            self::assertSame($writes, in_array('write', $route->gatherMiddleware(), true), $route->uri());
        }
    }

    /** @return list<Address> */
    private static function routes(): array
    {
        return array_values(array_filter(Route::getRoutes()->getRoutes(), static fn (Address $route): bool => str_contains($route->uri(), '{kitchen}')));
    }

    /** @return list<string> */
    private static function verbs(Address $route): array
    {
        return array_values(array_diff($route->methods(), ['HEAD']));
    }

    private static function address(Address $route, string $kitchen, string $pie): string
    {
        return '/'.strtr($route->uri(), ['{kitchen}' => $kitchen, '{pie}' => $pie, '{number}' => '1', '{food}' => 'leeks', '{tin}' => $pie, '{oven}' => $pie, '{invite}' => $pie, '{batch}' => $pie, '{day}' => $pie, '{bake}' => $pie, '{kind}' => 'csv', '{dough}' => 'shortcrust', '{water}' => $pie, '{list}' => 'shop.csv', '{leftover}' => $pie, '{trial}' => $pie, '{tasting}' => $pie, '{photo}' => $pie, '{member}' => '1']);
    }
}
