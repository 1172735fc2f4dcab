<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Advice;

use Hojaldre\Core\Advice\Change;
use Hojaldre\Core\Advice\Swaps;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Likeness;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Tests\RandomPie;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SwapsTest extends TestCase
{
    /** Common practice, no source: what stands in for what in a kitchen. */
    #[TestWith(['swede', 'turnip'])]
    #[TestWith(['swede', 'carrots'])]
    #[TestWith(['leeks', 'fennel'])]
    #[TestWith(['onions', 'shallots'])]
    #[TestWith(['smoked-trout', 'smoked-salmon'])]
    #[TestWith(['streaky-bacon', 'pancetta'])]
    #[TestWith(['soured-cream', 'single-cream'])]
    #[TestWith(['gruyere', 'emmental'])]
    #[TestWith(['minced-beef', 'minced-lamb'])]
    #[TestWith(['spinach', 'chard'])]
    #[TestWith(['dry-crumbs', 'rusk'])]
    #[TestWith(['unsalted-butter', 'butter'])]
    public function test_what_kitchens_swap_is_among_the_nearest(string $food, string $other): void
    {
        $near = array_map(static fn (Food $one): string => $one->id, Likeness::nearest(Pantry::food($food), 6));
        self::assertContains($other, $near, "$food: ".implode(', ', $near));
    }

    public function test_nobody_is_told_to_use_three_hundred_grams_of_tarragon_for_leeks(): void
    {
        $herbs = ['parsley', 'sage', 'thyme', 'tarragon', 'dill', 'chives', 'basil', 'rosemary', 'mint', 'coriander-leaves', 'oregano', 'chervil', 'lovage'];
        foreach (['leeks', 'spinach', 'fennel', 'onions', 'mushrooms', 'smoked-trout', 'hard-cheese'] as $food) {
            $near = array_map(static fn (Food $one): string => $one->id, Likeness::nearest(Pantry::food($food), 6));
            self::assertSame([], array_intersect($near, $herbs), "$food: ".implode(', ', $near));
        }
        self::assertSame([], array_diff(array_map(static fn (Food $one): string => $one->id, Likeness::nearest(Pantry::food('dill'), 6)), $herbs), 'herbs stand in for herbs');
    }

    public function test_a_food_is_no_distance_from_itself_and_as_far_there_as_back(): void
    {
        [$a, $b] = [Pantry::food('leeks'), Pantry::food('smoked-trout')];
        self::assertSame(0.0, Likeness::distance($a, $a));
        self::assertSame(Likeness::distance($a, $b), Likeness::distance($b, $a));
    }

    public function test_a_swapped_vegetable_weighs_the_same_in_the_pie_and_says_how_much_to_buy_and_what_to_do(): void
    {
        foreach (Swaps::of(TroutQuiche::pie(), '/layers/0') as $one) {
            $with = self::applied(TroutQuiche::pie(), $one->changes);
            self::assertSame(315.0, $with->solids()[0]->now->grams, $one->food->name);
            self::assertSame(315.0, round((float) ($one->use->with['nowGrams'] ?? $one->use->with['amountGrams'])), $one->food->name);
            self::assertNotSame([], $one->effects);
        }
    }

    public function test_a_swapped_dairy_brings_the_same_liquid(): void
    {
        $before = TroutQuiche::custard()->liquidGrams();
        foreach (Swaps::of(TroutQuiche::pie(), '/layers/2/dairies/0') as $one) {
            $with = self::applied(TroutQuiche::pie(), $one->changes);
            self::assertEqualsWithDelta($before, $with->custard()?->liquidGrams(), 1.0, $one->food->name);
        }
    }

    public function test_a_swapped_binder_holds_the_same_water(): void
    {
        $crumbed = TroutQuiche::pie()->withLayer(TroutQuiche::leeks()->withBinder(new \Hojaldre\Core\Pie\Ingredient(Pantry::food('dry-crumbs'), \Hojaldre\Core\Pie\Amount::of(18))));
        foreach (Swaps::of($crumbed, '/layers/0/binder') as $one) {
            $with = self::applied($crumbed, $one->changes);
            $binder = $with->solids()[0]->binder;
            self::assertEqualsWithDelta(18 * 1.75, ($binder?->grams() ?? 0) * ($binder?->food->bindsGramsPerGram ?? 0), 6.0, $one->food->name);
        }
    }

    public function test_every_swap_in_any_pie_is_a_pie_again(): void
    {
        $tried = 0;
        foreach (RandomPie::many(3, seed: 31) as $pie) {
            foreach (array_keys($pie->layers) as $i) {
                foreach (! $pie->layers[$i] instanceof CustardLayer ? ["/layers/$i"] : ["/layers/$i/dairies/0"] as $at) {
                    foreach (Swaps::of($pie, $at) as $one) {
                        self::assertGreaterThan(0, Weights::of(self::applied($pie, $one->changes))->fillingGrams);
                        $tried++;
                    }
                }
            }
        }
        self::assertGreaterThan(15, $tried);
    }

    #[TestWith(['/layers/9'])]
    #[TestWith(['/layers/2'])]
    #[TestWith(['/layers/0/binder'])]
    #[TestWith(['/layers/2/dairies/7'])]
    #[TestWith(['/crust'])]
    #[TestWith([''])]
    public function test_what_cannot_be_swapped_is_refused(string $at): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage('nothing-to-swap');
        Swaps::of(TroutQuiche::pie(), $at);
    }

    /** @param  list<Change>  $changes */
    private static function applied(Pie $pie, array $changes): Pie
    {
        return PieFile::fromDocument(Change::applied($changes, DocumentWriter::write($pie)));
    }

    /** Common practice, no source: raw meat stays in the fridge until it goes in. */
    public function test_raw_flesh_that_stands_in_for_another_food_comes_from_the_fridge(): void
    {
        $warm = TroutQuiche::pie()->withLayers([new SolidLayer('beef', Pantry::food('minced-beef'), Amount::of(400), [], null, 20.0)]);
        self::assertNotSame([], Swaps::of($warm, '/layers/0'));
        foreach (Swaps::of($warm, '/layers/0') as $swap) {
            $document = Change::applied($swap->changes, (array) json_decode(PieFile::write($warm), true));
            $layer = PieFile::fromDocument($document)->solids()[0];
            self::assertSame($layer->food->safeCelsius !== null ? 5.0 : 20.0, $layer->fromCelsius, $layer->food->id);
        }
    }
}
