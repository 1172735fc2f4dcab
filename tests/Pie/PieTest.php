<?php

declare(strict_types=1);

namespace Tests\Pie;

use App\Kitchen\Kitchen;
use App\Kitchen\Role;
use App\Pie\PieRevision;
use App\Pie\StoredPie;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

final class PieTest extends TestCase
{
    private Kitchen $kitchen;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen = $this->kitchen();
        $this->actingAs($this->member($this->kitchen));
    }

    public function test_a_pie_is_put_down_listed_shown_and_found_again_as_it_was(): void
    {
        $id = $this->postJson($this->at('/pies'), $this->design())->assertCreated()->assertJsonPath('revision.number', 1)->json('id');
        $this->getJson($this->at('/pies'))->assertOk()->assertJsonCount(1, 'pies')->assertJsonPath('pies.0.verdicts.2.verdict', 'dry');
        $shown = $this->getJson($this->at("/pies/$id"))->assertOk();
        self::assertSame(json_encode($this->design()), json_encode(json_decode((string) $shown->getContent(), false)->design));
        self::assertSame('Ada', $shown->json('revision.savedBy'));
    }

    public function test_a_pie_file_comes_out_as_it_went_in_to_the_bit(): void
    {
        $created = $this->call('POST', $this->at('/pies'), content: $this->troutFile(), server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'])->assertCreated();
        $file = $this->get($this->at('/pies/'.$created->json('id').'/file'))->assertOk()->assertHeader('Content-Disposition', 'attachment; filename="smoked-trout-and-leek-quiche.pie.json"');
        self::assertSame($this->troutFile(), $file->getContent());
    }

    public function test_a_broken_file_is_refused_with_every_place_and_mend_and_nothing_is_stored(): void
    {
        $broken = str_replace(['"thicknessMm": 3', '"portions": 8'], ['"thicknessMm": "thin"', '"portions": 0'], $this->troutFile());
        $this->call('POST', $this->at('/pies'), content: $broken, server: ['CONTENT_TYPE' => 'application/json'])
            ->assertStatus(422)->assertJsonPath('refusals.0.at', '/portions')->assertJsonPath('refusals.1.at', '/crust/thicknessMm');
        $this->call('POST', $this->at('/pies'), content: substr($this->troutFile(), 0, 900), server: ['CONTENT_TYPE' => 'application/json'])
            ->assertStatus(422)->assertJsonPath('code', 'not-json');
        self::assertSame(0, $this->kitchen->pies()->count());
    }

    public function test_saving_adds_a_revision_and_keeps_the_old_ones(): void
    {
        $pie = $this->stored($this->kitchen);
        $changed = [...$this->design(), 'name' => 'Trout, pressed harder', 'notes' => ''];
        $this->postJson($this->at("/pies/$pie->id/revisions"), ['basedOn' => 1, 'design' => $changed])
            ->assertOk()->assertJsonPath('revision.number', 2)->assertJsonPath('design.name', 'Trout, pressed harder')->assertJsonPath('design.notes', '');
        $this->getJson($this->at("/pies/$pie->id/revisions"))->assertOk()->assertJsonPath('revisions.*.number', [2, 1]);
        $this->getJson($this->at("/pies/$pie->id/revisions/1"))->assertOk()->assertJsonPath('design.name', 'Smoked trout and leek quiche');
        $this->getJson($this->at("/pies/$pie->id/revisions/9"))->assertStatus(404)->assertJsonPath('mend', 'This pie has no revision 9; the newest is 2.');
        $this->getJson($this->at('/pies'))->assertJsonPath('pies.0.name', 'Trout, pressed harder');
    }

    public function test_a_clash_is_shown_with_who_and_when_and_overwrites_nothing(): void
    {
        $pie = $this->stored($this->kitchen);
        $this->actingAs($this->member($this->kitchen, Role::Cook));
        $this->postJson($this->at("/pies/$pie->id/revisions"), ['basedOn' => 1, 'design' => [...$this->design(), 'name' => 'Theirs']])->assertOk();
        $this->postJson($this->at("/pies/$pie->id/revisions"), ['basedOn' => 1, 'design' => [...$this->design(), 'name' => 'Mine']])
            ->assertStatus(409)->assertJsonPath('code', 'clash')->assertJsonPath('revision.number', 2)->assertJsonPath('revision.savedBy', 'Cook')->assertJsonPath('revision.name', 'Theirs');
        $this->getJson($this->at("/pies/$pie->id"))->assertJsonPath('design.name', 'Theirs');
        self::assertSame(2, PieRevision::query()->count());
    }

    public function test_a_refused_design_is_pointed_at_from_what_was_sent(): void
    {
        $pie = $this->stored($this->kitchen);
        $design = $this->design();
        $design['bake']['stages'][0]['ovenCelsius'] = 900;
        $this->postJson($this->at("/pies/$pie->id/revisions"), ['basedOn' => 1, 'design' => $design])->assertStatus(422)->assertJsonPath('at', '/design/bake/stages/0/ovenCelsius');
        $this->postJson($this->at("/pies/$pie->id/revisions"), ['design' => $design])->assertStatus(422)->assertJsonPath('at', '/basedOn');
        $this->postJson($this->at("/pies/$pie->id/revisions"), ['basedOn' => 1])->assertStatus(422)->assertJsonPath('at', '/design');
        self::assertSame(1, $pie->fresh()?->revision);
    }

    public function test_the_database_itself_refuses_to_change_a_saved_revision(): void
    {
        $pie = $this->stored($this->kitchen);
        $this->expectException(QueryException::class);
        $this->expectExceptionMessage('never changed');
        DB::table('pie_revisions')->where('pie_id', $pie->id)->update(['saved_by' => 'someone else']);
    }

    public function test_a_copy_is_a_pie_of_its_own(): void
    {
        $pie = $this->stored($this->kitchen);
        $copy = $this->postJson($this->at("/pies/$pie->id/duplicate"))->assertCreated()->assertJsonPath('design.name', 'Smoked trout and leek quiche, copy')->json('id');
        self::assertNotSame($pie->id, $copy);
        $this->getJson($this->at('/pies'))->assertJsonCount(2, 'pies');
    }

    public function test_a_pie_put_away_leaves_the_list_and_comes_back_whole(): void
    {
        $pie = $this->stored($this->kitchen);
        $this->putJson($this->at("/pies/$pie->id/archived"), ['archived' => true])->assertOk()->assertJsonPath('archived', true);
        $this->getJson($this->at('/pies'))->assertJsonCount(0, 'pies');
        $this->getJson($this->at('/pies?archived=1'))->assertJsonCount(1, 'pies');
        $this->putJson($this->at("/pies/$pie->id/archived"), ['archived' => false])->assertOk()->assertJsonPath('design.name', 'Smoked trout and leek quiche');
        $this->getJson($this->at('/pies'))->assertJsonCount(1, 'pies');
        $this->putJson($this->at("/pies/$pie->id/archived"), [])->assertStatus(422)->assertJsonPath('at', '/archived');
    }

    public function test_the_forecast_of_an_unsaved_design_is_the_cores_and_stores_nothing(): void
    {
        $answer = $this->postJson($this->at('/forecast'), $this->design())->assertOk();
        $core = Forecast::of($this->trout());
        self::assertSame(array_map(static fn (Reading $one): string => $one->name->value, $core->readings), $answer->json('readings.*.name'));
        self::assertEqualsWithDelta($core->reading(ReadingName::Base)?->value, $answer->json('readings.2.value'), 0.051, 'rounded to what means something');
        self::assertSame(0, $this->kitchen->pies()->count());
        $this->postJson($this->at('/forecast'), ['format' => 'cake'])->assertStatus(422)->assertJsonPath('refusals.0.at', '/format');
    }

    public function test_a_blank_pie_can_be_put_down_and_forecast(): void
    {
        $blank = $this->blank();
        $this->postJson($this->at('/pies'), $blank)->assertCreated()->assertJsonPath('forecast.readings.0.state', 'unknown');
    }

    public function test_a_design_is_scaled_to_portions_by_a_factor_or_from_another_tin(): void
    {
        $design = $this->design();
        $this->postJson($this->at('/scale'), ['design' => $design, 'to' => 'portions', 'factor' => null, 'were' => 4, 'was' => null])->assertOk()
            ->assertJsonPath('portions', 8)->assertJsonPath('layers.2.eggs.0.amount.words', '10 large');
        $this->postJson($this->at('/scale'), ['design' => $design, 'to' => 'factor', 'factor' => 0.5, 'were' => null, 'was' => null])->assertOk()->assertJsonPath('layers.0.steps.0.after.grams', 157.5);
        $was = ['shape' => 'springform', 'diameterMm' => 240, 'depthMm' => 35];
        $this->postJson($this->at('/scale'), ['design' => $design, 'to' => 'tin', 'factor' => null, 'were' => null, 'was' => $was])->assertOk()->assertJsonPath('layers.0.steps.0.after.grams', 315);
        $this->postJson($this->at('/scale'), ['design' => $design, 'to' => 'tin', 'factor' => null, 'were' => null, 'was' => ['shape' => 'heart']])->assertStatus(422)->assertJsonPath('at', '/was/shape');
        $this->postJson($this->at('/scale'), ['design' => $design, 'to' => 'portions', 'factor' => null, 'were' => null, 'was' => null])->assertStatus(422)->assertJsonPath('at', '/were');
        $this->postJson($this->at('/scale'), ['design' => $design, 'to' => 'factor', 'factor' => 1000, 'were' => null, 'was' => null])->assertStatus(422)->assertJsonPath('at', '/factor');
        $this->postJson($this->at('/scale'), ['design' => ['format' => 'cake'], 'to' => 'factor', 'factor' => 1, 'were' => null, 'was' => null])->assertStatus(422)->assertJsonPath('at', '/design/format');
    }

    public function test_the_gap_is_filled_from_what_is_in_the_fridge(): void
    {
        $ask = ['design' => $this->design(), 'eggs' => 6, 'yolks' => 2, 'fatPercent' => null, 'dairies' => [
            ['food' => DocumentWriter::write(Pantry::food('whole-milk')), 'mostGrams' => 500], ['food' => DocumentWriter::write(Pantry::food('double-cream')), 'mostGrams' => null],
        ]];
        $this->postJson($this->at('/custards'), $ask)->assertOk()->assertJsonCount(3, 'answers')->assertJsonPath('aim.gramsPerEgg', 92.5)->assertJsonPath('schools.*.style', ['firm', 'sliceable', 'tender', 'trembling']);
        $this->postJson($this->at('/custards'), [...$ask, 'eggs' => 99])->assertStatus(422)->assertJsonPath('at', '/eggs');
        $this->postJson($this->at('/custards'), [...$ask, 'dairies' => [['food' => ['id' => 'x'], 'mostGrams' => 1]]])->assertStatus(422)->assertJsonPath('at', '/dairies/0/food/name');
        $this->postJson($this->at('/custards'), [...$ask, 'eggs' => 0, 'yolks' => 0])->assertOk()->assertJsonCount(0, 'answers');
    }

    public function test_what_can_stand_in_for_a_food_is_listed_with_what_it_moves(): void
    {
        $this->postJson($this->at('/swaps'), ['design' => $this->design(), 'at' => '/layers/0'])->assertOk()->assertJsonCount(6, 'swaps');
        $this->postJson($this->at('/swaps'), ['design' => $this->design(), 'at' => '/crust'])->assertStatus(422)->assertJsonPath('at', '/at');
        $this->postJson($this->at('/swaps'), ['at' => '/layers/0'])->assertStatus(422)->assertJsonPath('at', '/design');
    }

    public function test_ways_out_of_a_reading_are_found_by_baking_again_and_only_where_it_is_in_trouble(): void
    {
        $design = DocumentWriter::write(TroutQuiche::soggy());
        $ways = $this->postJson($this->at('/ways-out'), ['design' => $design, 'reading' => 'base'])->assertOk()->json('waysOut');
        self::assertStringContainsString('more from the leeks', $ways[0]['act']);
        self::assertSame(['soggy', 'soft', true], [$ways[0]['effects'][2]['verdictBefore'], $ways[0]['effects'][2]['verdictAfter'], $ways[0]['effects'][2]['inWords']]);
        $this->postJson($this->at('/ways-out'), ['design' => $design, 'reading' => 'salt'])->assertOk()->assertJsonCount(0, 'waysOut');
        $this->postJson($this->at('/ways-out'), ['design' => $design, 'reading' => 'mood'])->assertStatus(422)->assertJsonPath('at', '/reading');
        $this->postJson($this->at('/ways-out'), ['design' => ['format' => 'cake'], 'reading' => 'base'])->assertStatus(422)->assertJsonPath('at', '/design/format');
    }

    public function test_the_film_of_a_bake_goes_from_the_empty_shell_to_the_end_of_its_rest(): void
    {
        $film = $this->postJson($this->at('/bake'), $this->design())->assertOk()->json('film');
        $stages = array_values(array_unique(array_column($film['frames'], 'stage')));
        self::assertSame(['weighted', 'bare', 'filled', 'bake', 'rest'], $stages);
        $last = $film['frames'][count($film['frames']) - 1];
        self::assertEqualsWithDelta(15 + 6 + 46 + 20, $last['minute'], 0.01);
        self::assertCount($film['grid']['rows'] * $film['grid']['columns'], $last['waterPercent']);
        self::assertSame([0, 100], [min($film['frames'][0]['setPercent']), min(100, max($last['setPercent']))]);
        $blank = $this->blank();
        $this->postJson($this->at('/bake'), $blank)->assertOk()->assertJsonPath('film', null);
    }

    public function test_whether_to_par_bake_is_answered_with_minutes_looks_and_weights(): void
    {
        $shell = $this->postJson($this->at('/shell'), DocumentWriter::write(TroutQuiche::soggy()))->assertOk()->json('shell');
        self::assertSame(['raw', 'par-baked', 'fully-baked'], array_column($shell['options'], 'name'));
        self::assertSame('fully-baked', $shell['choice'], $shell['why']);
        self::assertStringStartsWith('Without it: ', $shell['without']);
        self::assertStringNotContainsString('shell', $shell['without']);
        self::assertEqualsWithDelta(M_PI * 11.7 ** 2 * 3.2, $shell['roomMl'], 10);
        $fold = DocumentWriter::write(OtherPies::folds());
        $this->postJson($this->at('/shell'), $fold)->assertOk()->assertJsonPath('shell', null);
    }

    public function test_a_new_pie_is_wanted_as_brown_as_the_cook_wanted_the_last_one(): void
    {
        $this->getJson($this->at('/beginnings'))->assertOk()->assertJsonPath('beginnings.0.design.bake.colour', 'gold');
        $id = $this->postJson($this->at('/pies'), $this->design())->assertCreated()->json('id');
        $design = $this->design();
        $design['bake']['colour'] = 'deep';
        $this->postJson($this->at("/pies/$id/revisions"), ['basedOn' => 1, 'design' => $design])->assertOk();
        $this->getJson($this->at('/beginnings'))->assertJsonPath('beginnings.0.design.bake.colour', 'deep');
        // another cook has wishes of their own
        $this->actingAs($this->member($this->kitchen, Role::Cook));
        $this->getJson($this->at('/beginnings'))->assertJsonPath('beginnings.0.design.bake.colour', 'gold');
    }

    public function test_what_came_out_is_matched_to_an_oven_and_accepted_by_the_design(): void
    {
        $design = $this->design();
        $match = $this->postJson($this->at('/matches'), ['design' => $design, 'told' => ['set' => 'runny', 'base' => 'soft', 'top' => 'pale', 'underside' => null]])->assertOk()->json('match');
        self::assertLessThan(0, $match['matched']['ovenKelvins']);
        self::assertStringStartsWith('Your oven behaves like ', $match['says']);
        $design['bake']['matched'] = $match['matched'];
        $with = $this->postJson($this->at('/forecast'), $design)->assertOk();
        self::assertSame('not set', $with->json('readings.1.verdict'));
        self::assertStringContainsString('as it was matched', implode(' ', $with->json('assumptions')));
        $this->postJson($this->at('/matches'), ['design' => $design, 'told' => ['set' => null, 'base' => null, 'top' => null, 'underside' => null]])->assertStatus(422)->assertJsonPath('at', '/told');
        $this->postJson($this->at('/matches'), ['design' => $design, 'told' => ['set' => 'like soup', 'base' => null, 'top' => null, 'underside' => null]])->assertStatus(422)->assertJsonPath('at', '/told/set');
        $blank = $this->blank();
        $this->postJson($this->at('/matches'), ['design' => $blank, 'told' => ['set' => 'runny', 'base' => null, 'top' => null, 'underside' => null]])->assertOk()->assertJsonPath('match', null);
    }

    public function test_one_thing_changed_by_steps_shows_every_reading_at_each(): void
    {
        $points = $this->postJson($this->at('/what-if'), ['design' => $this->design(), 'lever' => 'oven'])->assertOk()->json('points');
        self::assertSame(['135 °C', '215 °C'], [$points[0]['label'], $points[8]['label']]);
        self::assertSame([4 => true], array_filter(array_column($points, 'isNow')));
        self::assertSame('not set', $points[0]['readings'][1]['verdict']);
        self::assertSame([['at' => '/bake/stages/0/ovenCelsius', 'to' => 135]], $points[0]['changes']);
        $this->postJson($this->at('/what-if'), ['design' => $this->design(), 'lever' => 'moon'])->assertStatus(422)->assertJsonPath('at', '/lever');
    }

    public function test_the_list_knows_the_words_without_baking_and_what_an_older_model_read_is_read_anew_by_the_command(): void
    {
        $pie = StoredPie::query()->findOrFail($this->postJson($this->at('/pies'), $this->design())->json('id'));
        self::assertSame(Forecast::MODEL, $pie->verdicts_model);
        StoredPie::query()->update(['verdicts' => '[]', 'verdicts_model' => Forecast::MODEL - 1]);
        $this->getJson($this->at('/pies'))->assertJsonPath('pies.0.verdicts', null);
        self::assertSame(Forecast::MODEL - 1, StoredPie::query()->value('verdicts_model'), 'looking at a list writes nothing');
        $saved = StoredPie::query()->value('updated_at');
        self::assertSame(0, $this->withoutMockingConsoleOutput()->artisan('pies:read-verdicts'));
        self::assertSame([Forecast::MODEL, (string) $saved], [StoredPie::query()->value('verdicts_model'), (string) StoredPie::query()->value('updated_at')]);
        $this->getJson($this->at('/pies'))->assertJsonPath('pies.0.verdicts.2.verdict', 'dry');
    }

    private function at(string $path): string
    {
        return "/api/kitchens/{$this->kitchen->id}$path";
    }

    /** @return array<string, mixed> a quiche with nothing in it yet */
    private function blank(): array
    {
        $design = json_decode((string) $this->getJson($this->at('/beginnings'))->assertOk()->getContent(), true)['beginnings'][0]['design'];
        assert(is_array($design));

        return $design;
    }
}
