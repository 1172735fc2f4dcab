<?php

declare(strict_types=1);

namespace Tests\Record;

use App\Kitchen\Kitchen;
use Tests\TestCase;

final class TrialTest extends TestCase
{
    private Kitchen $kitchen;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen = $this->kitchen();
        $this->actingAs($this->member($this->kitchen));
    }

    private function at(string $path = ''): string
    {
        return "/api/kitchens/{$this->kitchen->id}/trials$path";
    }

    public function test_tasters_put_pies_in_order_and_the_trial_says_whether_that_may_be_chance(): void
    {
        $id = $this->postJson($this->at(), ['name' => 'Which dough', 'pies' => [['name' => 'butter', 'bake' => null], ['name' => 'lard', 'bake' => null], ['name' => 'oil', 'bake' => null]]])->assertCreated()->assertJsonPath('says', 'Nobody has tasted yet.')->json('id');
        $said = $this->postJson($this->at("/$id/tastings"), ['taster' => 'Ada', 'bestFirst' => 'BAC'])->assertOk();
        self::assertStringContainsString('may be chance', (string) $said->json('says'));
        foreach (['Bea', 'Cid', 'Dee'] as $taster) {
            $said = $this->postJson($this->at("/$id/tastings"), ['taster' => $taster, 'bestFirst' => 'BAC'])->assertOk();
        }
        // four of one mind of three pies: 0.0046, once in 216
        $said->assertJsonPath('best', 1)->assertJsonPath('pies.1.firsts', 4)->assertJsonPath('pies.2.meanPlace', 3)->assertJsonPath('says', 'B, lard, is liked best: first with 4 of 4. By chance alone so much of one mind 1 time in 216.');
        $taken = $said->json('tastings.0.id');
        $this->deleteJson($this->at("/$id/tastings/$taken"))->assertOk()->assertJsonCount(3, 'tastings');
        $this->getJson($this->at())->assertOk()->assertJsonPath('trials.0.name', 'Which dough');
        $this->deleteJson($this->at("/$id"))->assertOk()->assertJsonPath('trials', []);
    }

    public function test_a_wrong_order_or_a_bake_of_nobody_is_refused_at_its_field(): void
    {
        $id = $this->postJson($this->at(), ['name' => 'Which dough', 'pies' => [['name' => 'butter', 'bake' => null], ['name' => 'lard', 'bake' => null]]])->json('id');
        $this->postJson($this->at("/$id/tastings"), ['taster' => 'Ada', 'bestFirst' => 'AA'])->assertStatus(422)->assertJsonPath('at', '/bestFirst')->assertJsonPath('code', 'each-once');
        $this->postJson($this->at("/$id/tastings"), ['taster' => 'Ada', 'bestFirst' => 'ABC'])->assertStatus(422)->assertJsonPath('code', 'rank-all');
        $this->postJson($this->at(), ['name' => 'One alone', 'pies' => [['name' => 'butter', 'bake' => null]]])->assertStatus(422)->assertJsonPath('at', '/pies');
        $this->postJson($this->at(), ['name' => 'Lost', 'pies' => [['name' => 'a', 'bake' => null], ['name' => 'b', 'bake' => $id]]])->assertStatus(422)->assertJsonPath('at', '/pies/1/bake');
    }

    public function test_pies_that_differ_in_more_than_one_thing_are_told_so(): void
    {
        $bake = fn (array $design): string => (string) $this->postJson("/api/kitchens/{$this->kitchen->id}/bakes", ['bakes' => [['id' => null, 'pie' => null, 'design' => $design, 'count' => 1, 'oven' => null, 'isFrozen' => false, 'plannedAt' => null, 'batch' => null]]])->assertCreated()->json('ids.0');
        $plain = $this->design();
        $thick = $plain;
        $thick['crust']['thicknessMm'] = 5;
        $both = $thick;
        $both['bake']['stages'][0]['minutes'] = 60;
        [$a, $b, $c] = [$bake($plain), $bake($thick), $bake($both)];
        $trial = fn (string ...$bakes): string => (string) $this->postJson($this->at(), ['name' => 'Thick or thin', 'pies' => array_map(static fn (string $one): array => ['name' => 'pie', 'bake' => $one], $bakes)])->assertCreated()->json('differs');
        self::assertSame('', $trial($a, $b));
        self::assertSame('They differ in more than one thing: crust and bake. What wins may owe it to any of them.', $trial($a, $c));
        self::assertSame('By their designs they are the same pie.', $trial($a, $a));
    }
}
