<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Pastry;

use Hojaldre\Core\Document\DocumentReader;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Food\Allergen;
use Hojaldre\Core\Food\DoughKind;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Pastry\Dough\DoughFood;
use Hojaldre\Core\Pastry\Dough\DoughPart;
use Hojaldre\Core\Pastry\Dough\DoughRemarks;
use Hojaldre\Core\Pastry\Dough\DoughStyle;
use Hojaldre\Core\Pastry\Dough\Formula;
use Hojaldre\Core\Pastry\Dough\Go;
use Hojaldre\Core\Pastry\Dough\HouseDoughs;
use Hojaldre\Core\Pastry\Dough\MixMethod;
use Hojaldre\Core\Pastry\Dough\Vessel;
use Hojaldre\Core\Pastry\Dough\WaterLog;
use Hojaldre\Core\Pastry\Dough\WaterNeed;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Statement\Statement;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DoughTest extends TestCase
{
    /** Two tables written apart: what the pantry says a dough is made of, and what its formula comes to. */
    #[DataProvider('houseDoughs')]
    public function test_a_dough_by_its_formula_is_the_dough_of_the_pantry(string $id): void
    {
        $formula = HouseDoughs::of($id);
        self::assertNotNull($formula);
        self::assertSame([], $formula->refusals());
        self::assertSame([], DoughRemarks::of($formula), 'a usual dough passes without a word');
        $made = DoughFood::of($formula);
        $kept = Pantry::food($id);
        self::assertEqualsWithDelta($kept->per100g->water, $made->per100g->water, 3.8);
        self::assertEqualsWithDelta($kept->per100g->fat, $made->per100g->fat, 1.5);
        self::assertEqualsWithDelta($kept->gramsPerMl, $made->gramsPerMl, 0.1);
        self::assertSame($kept->doughKind, $made->doughKind);
        self::assertEqualsWithDelta(100, $made->per100g->sum(), 2.0);
    }

    /** @return iterable<string, array{string}> */
    public static function houseDoughs(): iterable
    {
        foreach (HouseDoughs::ids() as $id) {
            yield $id => [$id];
        }
    }

    /** By hand of 100 flour, 50 butter, 25 water, 1.8 salt: 176.8 g hold 11.9 + 8.745 + 25 of water and 1 + 40.75 of fat. */
    public function test_a_shortcrust_is_the_sum_of_its_parts(): void
    {
        $made = DoughFood::of(self::shortcrust(50, 25, 1.8))->per100g;
        self::assertEqualsWithDelta(100 * 45.645 / 176.8, $made->water, 0.01);
        self::assertEqualsWithDelta(100 * 41.75 / 176.8, $made->fat, 0.01);
        self::assertEqualsWithDelta(100 * (1.8 + 0.015 + 0.01) / 176.8, $made->salt, 0.02);
    }

    public function test_allergens_are_those_of_all_its_parts_in_the_usual_order(): void
    {
        $formula = HouseDoughs::of('rich-shortcrust');
        self::assertNotNull($formula);
        $allergens = DoughFood::of($formula)->allergens;
        self::assertEqualsCanonicalizing([Allergen::Gluten, Allergen::Milk, Allergen::Egg], $allergens);
        self::assertNotContains(Allergen::Milk, DoughFood::of(HouseDoughs::of('oil-crust') ?? self::shortcrust(50, 25, 1))->allergens);
    }

    /** A yolk is 52.3 % water: of 12 % of it 6.28 are water and 5.72 solids. */
    public function test_egg_counts_as_liquid_and_as_solids(): void
    {
        $rich = HouseDoughs::of('rich-shortcrust');
        self::assertNotNull($rich);
        self::assertEqualsWithDelta(13 + 12 * 0.523, $rich->waterPercent(), 1e-9);
        self::assertEqualsWithDelta(12 * 0.477, $rich->eggSolidsPercent(), 1e-9);
        self::assertSame(13.0, $rich->liquidPercent(), 'only what is poured in by the spoon');
        self::assertSame(60.0, $rich->fatPercent());
    }

    /** Six folds in three make 729 layers of butter (classic puff, common knowledge of the trade). */
    public function test_layers_of_a_puff_are_counted(): void
    {
        $puff = HouseDoughs::of('puff');
        self::assertNotNull($puff);
        self::assertSame(729, $puff->fatLayers());
        self::assertSame(DoughKind::Puff, DoughFood::of($puff)->doughKind);
        self::assertEqualsWithDelta(72 / 219, $puff->fatShare(), 1e-9);
        self::assertSame(3 * 3 * 4, self::folded(2, 1)->fatLayers());
        self::assertSame(0, self::shortcrust(50, 25, 1)->fatLayers());
    }

    /** Common practice, no source: fat 42 to 92, water 18 to 32, salt to 2.5. */
    public function test_what_is_usual_passes_without_a_word_and_what_is_not_gets_a_reason(): void
    {
        foreach ([[42, 25, 1.5], [92, 25, 1.5], [60, 18, 0.9], [60, 32, 2.5]] as [$fat, $water, $salt]) {
            self::assertSame([], self::said(self::shortcrust($fat, $water, $salt)), "$fat $water $salt");
        }
        self::assertSame(['dough.fat-low'], self::said(self::shortcrust(41, 25, 1.5)));
        self::assertSame(['dough.fat-high'], self::said(self::shortcrust(93, 25, 1.5)));
        self::assertSame(['dough.water-low'], self::said(self::shortcrust(60, 17, 1.5)));
        self::assertSame(['dough.water-high'], self::said(self::shortcrust(60, 33, 1.5)));
        self::assertSame(['dough.salt-high'], self::said(self::shortcrust(60, 25, 2.6)));
        self::assertSame(['dough.fat-low', 'dough.water-high', 'dough.salt-high'], self::said(self::shortcrust(30, 45, 3)));
    }

    public function test_yolk_and_soft_butter_take_water_to_forty(): void
    {
        $yolk = static fn (float $water): Formula => self::formula(water: $water, eggs: [new DoughPart(Pantry::food('egg-yolk'), 10)]);
        self::assertSame([], self::said($yolk(40 - 5.23)));
        self::assertSame(['dough.water-high'], self::said($yolk(40.1 - 5.23)));
        self::assertSame([], self::said(self::formula(water: 40, method: MixMethod::Soft)));
        self::assertSame(['dough.water-high'], self::said(self::formula(water: 40, method: MixMethod::Rubbed)));
    }

    public function test_a_puff_that_is_not_folded_is_told(): void
    {
        self::assertContains('dough.not-folded', self::said(self::folded(0, 0)));
        self::assertSame([], self::said(self::folded(4, 0)));
    }

    /** 45 to 60 ml to 225 g of flour (common practice, no source): 20 to 26.7 %. */
    public function test_a_recipe_range_is_forty_five_to_sixty_to_a_half_pound_of_flour(): void
    {
        $need = WaterNeed::of(self::shortcrust(50, 52.5 / 2.25, 1), []);
        self::assertEqualsWithDelta(45 / 2.25, $need->leastPercent, 0.15);
        self::assertEqualsWithDelta(60 / 2.25, $need->mostPercent, 0.15);
        self::assertEqualsWithDelta(52.5 / 2.25, $need->usualPercent, 1e-9);
        self::assertGreaterThan($need->leastPercent, $need->likelyFromPercent);
        self::assertLessThan($need->mostPercent, $need->likelyToPercent);
    }

    public function test_two_spoons_then_one_then_one_moves_next_times_estimate(): void
    {
        $log = new WaterLog(225, 75, [new Go(30), new Go(15), new Go(15)]);
        self::assertSame([], $log->refusals());
        self::assertSame(60.0, $log->usedGrams());
        self::assertSame(15.0, $log->leftGrams());
        self::assertEqualsWithDelta(26.667, $log->usedPercent(), 0.001);
        $formula = self::shortcrust(50, 24, 1);
        $next = WaterNeed::of($formula, [$log->usedPercent()]);
        self::assertEqualsWithDelta((24 + 26.667) / 2, $next->usualPercent, 0.001, 'one making counts as much as the recipe');
        self::assertEqualsWithDelta((24 + 3 * 26.667) / 4, WaterNeed::of($formula, [26.667, 26.667, 26.667])->usualPercent, 0.001);
        $width = static fn (WaterNeed $one): float => $one->likelyToPercent - $one->likelyFromPercent;
        self::assertEqualsWithDelta(2.0, $width(WaterNeed::of($formula, [])) / $width(WaterNeed::of($formula, [24.0, 24.0, 24.0])), 1e-9, 'four times the evidence, half the doubt');
    }

    public function test_a_dough_that_always_takes_more_is_never_told_that_it_takes_too_much(): void
    {
        $need = WaterNeed::of(self::shortcrust(50, 24, 1), array_fill(0, 8, 31.0));
        self::assertGreaterThan(30, $need->usualPercent);
        self::assertGreaterThanOrEqual($need->likelyToPercent, $need->mostPercent);
    }

    public function test_no_more_is_used_than_was_offered(): void
    {
        $refusals = (new WaterLog(225, 40, [new Go(30), new Go(15)]))->refusals();
        self::assertSame(['more-than-offered'], array_map(static fn (Refusal $one): string => $one->code, $refusals));
        self::assertSame('/offeredGrams', $refusals[0]->at);
        self::assertSame([], (new WaterLog(225, 45, [new Go(30), new Go(15.04)]))->refusals(), 'three spoons are three spoons, rounded or not');
    }

    /** Common practice, no source: what is only stirred, or boiled, is never tough; what is folded and rolled is tightest. */
    public function test_the_more_a_dough_is_worked_the_more_gluten_it_has(): void
    {
        $work = static fn (MixMethod $one): float => $one->work();
        $ways = [MixMethod::Stirred, MixMethod::Boiled, MixMethod::Soft, MixMethod::Grated, MixMethod::Rubbed, MixMethod::Processor, MixMethod::Folds];
        for ($i = 1; $i < count($ways); $i++) {
            self::assertLessThan($work($ways[$i]), $work($ways[$i - 1]), $ways[$i]->value);
        }
        self::assertSame(2.0, $work(MixMethod::Rubbed) / $work(MixMethod::Stirred));
    }

    public function test_flours_come_to_a_hundred_fat_is_fat_and_something_is_wet(): void
    {
        $codes = static fn (Formula $one): array => array_map(static fn (Refusal $refusal): string => $refusal->code.' '.$refusal->at, $one->refusals());
        $flour = Pantry::food('flour');
        self::assertSame(['flours-not-a-hundred /flours'], $codes(self::formula(flours: [new DoughPart($flour, 60), new DoughPart(Pantry::food('wholemeal-flour'), 39)])));
        self::assertSame([], $codes(self::formula(flours: [new DoughPart($flour, 60), new DoughPart(Pantry::food('wholemeal-flour'), 40)])));
        self::assertSame(['no-fat /fats/1/food'], $codes(self::formula(fats: [new DoughPart(Pantry::food('lard'), 50), new DoughPart(Pantry::food('cream-cheese'), 20)])));
        self::assertSame(['dough-dry /liquids'], $codes(new Formula('x', 'X', DoughStyle::Short, MixMethod::Rubbed, [new DoughPart($flour, 100)], [], [], [], 1)));
    }

    /** 450 g of flour need a bowl of 2 litres (common practice, no source). */
    public function test_a_bowl_of_two_litres_takes_450_g_of_flour(): void
    {
        self::assertSame(1, Vessel::Bowl->goes(450, 2));
        self::assertSame(2, Vessel::Bowl->goes(460, 2));
        self::assertSame(1, Vessel::Bowl->goes(0, 2));
        self::assertGreaterThan(Vessel::Mixer->goes(1500, 2), Vessel::Processor->goes(1500, 2));
    }

    public function test_flour_for_a_weight_of_dough(): void
    {
        $formula = self::shortcrust(50, 25, 1.8);
        self::assertEqualsWithDelta(500.0, $formula->flourGrams(884), 1e-9);
        self::assertEqualsWithDelta(30.0, $formula->withLiquidPercent(30)->liquidPercent(), 1e-9);
        self::assertSame('own-x', $formula->called('own-x', 'X')->id);
    }

    public function test_a_formula_is_read_and_written_again_the_same(): void
    {
        foreach (HouseDoughs::ids() as $id) {
            $written = DocumentWriter::write(HouseDoughs::of($id) ?? self::fail());
            self::assertEquals($written, DocumentWriter::write(DocumentReader::read(Formula::class, json_decode((string) json_encode($written), true))));
        }
        self::assertNull(HouseDoughs::of('ready-puff'), 'what is bought has no formula');
        $this->expectException(Refused::class);
        DocumentReader::read(Formula::class, ['name' => 'Nothing']);
    }

    public function test_only_a_processor_has_a_blade_and_only_cold_fat_minds_the_heat(): void
    {
        self::assertSame([20, 90], MixMethod::Processor->bladeSeconds());
        self::assertNull(MixMethod::Rubbed->bladeSeconds());
        self::assertTrue(MixMethod::Grated->keepsFatCold());
        self::assertFalse(MixMethod::Soft->keepsFatCold());
        foreach (MixMethod::cases() as $one) {
            self::assertLessThan($one->minutes()[1], $one->minutes()[0]);
        }
    }

    /** @return list<string> */
    private static function said(Formula $formula): array
    {
        return array_map(static fn (Statement $one): string => $one->code, DoughRemarks::of($formula));
    }

    private static function shortcrust(float $fat, float $water, float $salt): Formula
    {
        return self::formula(fats: [new DoughPart(Pantry::food('unsalted-butter'), $fat)], water: $water, salt: $salt);
    }

    /**
     * @param  list<DoughPart>|null  $flours
     * @param  list<DoughPart>|null  $fats
     * @param  list<DoughPart>  $eggs
     */
    private static function formula(?array $flours = null, ?array $fats = null, float $water = 25, array $eggs = [], float $salt = 1.5, MixMethod $method = MixMethod::Rubbed): Formula
    {
        return new Formula(
            'test-dough', 'Test dough', DoughStyle::Short, $method, $flours ?? [new DoughPart(Pantry::food('flour'), 100)],
            $fats ?? [new DoughPart(Pantry::food('unsalted-butter'), 60)], [new DoughPart(Pantry::food('water'), $water)], $eggs, $salt,
        );
    }

    private static function folded(int $letters, int $books): Formula
    {
        return new Formula('p', 'P', DoughStyle::Folded, MixMethod::Folds, [new DoughPart(Pantry::food('flour'), 100)], [new DoughPart(Pantry::food('unsalted-butter'), 80)], [new DoughPart(Pantry::food('water'), 45)], [], 2, [], $letters, $books);
    }
}
