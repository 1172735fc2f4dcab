<?php

declare(strict_types=1);

namespace Tests\Label;

use App\Kitchen\Kitchen;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\Springform;
use Tests\TestCase;

final class LabelTest extends TestCase
{
    private Kitchen $kitchen;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-11-27 10:00');
        $this->kitchen = $this->kitchen();
        $this->actingAs($this->member($this->kitchen));
    }

    /** @return array<string, mixed> */
    private function wish(string $as = 'chilled', string $madeOn = '2026-11-27'): array
    {
        return ['design' => $this->design(), 'soldAs' => $as, 'madeOn' => $madeOn];
    }

    public function test_a_label_names_what_is_in_it_with_allergens_in_bold_and_its_dates(): void
    {
        $label = $this->postJson("/api/kitchens/{$this->kitchen->id}/labels", $this->wish())->assertOk()->assertJsonPath('useBy', '2026-11-30')->assertJsonPath('contains', ['gluten', 'egg', 'fish', 'milk'])->assertJsonPath('pieces', 8);
        $runs = $label->json('ingredients');
        self::assertIsArray($runs);
        $text = implode('', array_column($runs, 'text'));
        // 450 g of leeks before 438 g of pastry, salt last; flour before butter within the pastry
        self::assertMatchesRegularExpression('/^Leeks, .*Egg \(egg\), .*Smoked trout \(fish\), Fine salt$/', $text);
        self::assertMatchesRegularExpression('/\[.*flour.*\(wheat\), .*butter.*\(milk\), Water, Fine salt\]/i', $text);
        foreach ($runs as $run) {
            self::assertSame(in_array($run['text'], ['wheat', 'egg', 'fish', 'milk'], true), $run['isBold'], $run['text']);
        }
        self::assertSame(['wheat', 'egg', 'fish', 'milk'], $label->json('containsOfNine'));
        self::assertSame(['Energy', 'Fat', 'of which saturates', 'Carbohydrate', 'of which sugars', 'Fibre', 'Protein', 'Salt'], array_column((array) $label->json('nutrients'), 'name'));
        self::assertSame('Keep at 5 °C or below.', $label->json('keep.0'));
        self::assertStringContainsString('74 °C', (string) $label->json('eat.0'));
        self::assertMatchesRegularExpression('~^[\d,]+ kJ / \d+ kcal$~', (string) $label->json('nutrients.0.ofPiece'));
    }

    /** Baked as it is written it is not hot, or cools too slowly: no label, and why. */
    public function test_no_label_for_what_is_not_safe_as_written_or_cools_too_slowly(): void
    {
        $to = "/api/kitchens/{$this->kitchen->id}/labels";
        $early = $this->design();
        $early['bake']['stages'][0]['minutes'] = 15;
        $this->postJson($to, [...$this->wish(), 'design' => $early])->assertStatus(422)->assertJsonPath('code', 'not-safe-as-written');
        $deep = new Pie('Deep', 12, '', new Springform(280, 90), new Crust(Pantry::food('shortcrust'), 6, [], Seal::None), [new SolidLayer('pork', Pantry::food('minced-pork'), Amount::of(4000), [], null, 5.0)], [], BakePlan::plain(180, OvenMode::Static, 200));
        $wish = [...$this->wish(), 'design' => DocumentWriter::write($deep)];
        $this->postJson($to, $wish)->assertStatus(422)->assertJsonPath('code', 'cools-too-slowly')->assertJsonPath('at', '/soldAs');
        $this->postJson($to, [...$wish, 'cooledInPortions' => true])->assertOk()->assertJsonPath('keep.1', 'Cooled in portions.');
    }

    /** A food whose packet nobody read is never marked sure. */
    public function test_what_is_not_known_of_allergens_stands_on_the_label(): void
    {
        $design = $this->design();
        $design['layers'][1]['food'] = [...$design['layers'][1]['food'], 'id' => 'own-thing', 'name' => 'Flumpets', 'allergens' => [], 'allergensKnown' => 'unknown', 'saturates' => null];
        $label = $this->postJson("/api/kitchens/{$this->kitchen->id}/labels", [...$this->wish(), 'design' => $design])->assertOk();
        self::assertStringContainsString('Flumpets (allergens not known)', implode('', array_column((array) $label->json('ingredients'), 'text')));
        self::assertStringContainsString('Flumpets', implode(' ', (array) $label->json('checks')));
        self::assertNotContains('of which sugars', array_column((array) $label->json('nutrients'), 'name'));
    }

    public function test_a_use_by_of_today_is_good_and_one_of_yesterday_is_past(): void
    {
        $this->postJson("/api/kitchens/{$this->kitchen->id}/labels", $this->wish(madeOn: '2026-11-24'))->assertOk()->assertJsonPath('useBy', '2026-11-27')->assertJsonPath('isPast', false);
        $this->postJson("/api/kitchens/{$this->kitchen->id}/labels", $this->wish(madeOn: '2026-11-23'))->assertOk()->assertJsonPath('isPast', true);
    }

    public function test_what_cannot_be_sold_so_is_refused_and_a_date_that_is_none_too(): void
    {
        $this->postJson("/api/kitchens/{$this->kitchen->id}/labels", $this->wish('unbaked-frozen'))->assertStatus(422)->assertJsonPath('at', '/soldAs');
        $this->postJson("/api/kitchens/{$this->kitchen->id}/labels", $this->wish('chilled', '2026-02-30'))->assertStatus(422)->assertJsonPath('at', '/madeOn');
    }

    public function test_a_pasty_that_is_sold_raw_and_frozen_says_how_long_it_bakes(): void
    {
        $pasty = new Pie('Beef pasty', 4, '', FoldedPieces::halfMoons(4, 180), new Crust(Pantry::food('lard-shortcrust'), 3, [], Seal::None), [new SolidLayer('beef', Pantry::food('beef-skirt'), Amount::of(400), [], null)], [], BakePlan::plain(190, OvenMode::Static, 50));
        $label = $this->postJson("/api/kitchens/{$this->kitchen->id}/labels", ['design' => DocumentWriter::write($pasty), 'soldAs' => 'unbaked-frozen', 'madeOn' => '2026-11-27'])->assertOk()->assertJsonPath('useBy', '2027-01-26');
        self::assertMatchesRegularExpression('/^Bake from frozen: \d+ min at 190 °C static, until the middle has 7\d °C\.$/', (string) $label->json('eat.0'));
    }

    public function test_a_sheet_is_a_pdf_with_as_many_pages_as_its_labels_take(): void
    {
        $pages = fn (int $count, bool $isSheet): int => preg_match_all('~/Type /Page\b(?!s)~', (string) $this->postJson("/api/kitchens/{$this->kitchen->id}/label-sheets", ['label' => $this->wish(), 'count' => $count, 'isSheet' => $isSheet])->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent()) ?: 0;
        self::assertSame(3, $pages(3, false));
        // this one takes an eighth of a sheet
        self::assertSame(1, $pages(8, true));
        self::assertSame(2, $pages(9, true));
        $this->postJson("/api/kitchens/{$this->kitchen->id}/label-sheets", ['label' => $this->wish(madeOn: '2026-11-23'), 'count' => 1, 'isSheet' => true])->assertStatus(422)->assertJsonPath('at', '/label/madeOn')->assertJsonPath('code', 'use-by-past');
        $this->postJson("/api/kitchens/{$this->kitchen->id}/label-sheets", ['label' => $this->wish(), 'count' => 0, 'isSheet' => true])->assertStatus(422)->assertJsonPath('at', '/count');
    }
}
