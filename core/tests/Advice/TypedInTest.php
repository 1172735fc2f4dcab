<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Advice;

use Hojaldre\Core\Advice\Change;
use Hojaldre\Core\Advice\TypedIn;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Food\AmountParser;
use Hojaldre\Core\Food\EggSizes;
use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\Entry;
use Hojaldre\Core\Measure\OvenHeat;
use Hojaldre\Core\Measure\QuantityParser;
use Hojaldre\Core\Measure\VolumeSystem;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Assumed;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\Step;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Tests\TroutQuiche;
use Hojaldre\Core\Tin\SlopedTin;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TypedInTest extends TestCase
{
    public function test_an_amount_keeps_its_words_and_everything_else_stays(): void
    {
        $typed = TypedIn::at(TroutQuiche::pie(), '/layers/0/bought', self::mass('4 medium', Pantry::food('leeks')), null, EggSizing::Us);
        self::assertEquals([new Change('/layers/0/bought', ['words' => '4 medium', 'grams' => 600.0, 'leastGrams' => 480.0, 'mostGrams' => 720.0])], $typed->changes);
        self::assertSame(600.0, $typed->pie->solids()[0]->bought->grams);
        self::assertEquals($typed->pie, TroutQuiche::pie()->withLayer($typed->pie->layers[0]));
    }

    public function test_an_oven_is_whole_degrees_and_brings_its_fan_along(): void
    {
        $typed = TypedIn::at(TroutQuiche::pie(), '/bake/stages/0/ovenCelsius', OvenHeat::read('325 °F fan'), null, EggSizing::Us);
        self::assertSame([163.0, OvenMode::Fan], [$typed->pie->bake->first()->ovenCelsius, $typed->pie->bake->first()->mode]);
        $plain = TypedIn::at(TroutQuiche::pie(), '/crust/shell/1/ovenCelsius', OvenHeat::read('200 °C'), null, EggSizing::Us);
        self::assertCount(1, $plain->changes, 'nothing was said of a fan');
    }

    public function test_a_yolk_written_beside_the_eggs_stands_beside_them_and_takes_the_place_of_yolks_there_were(): void
    {
        $egg = EggSizes::apply(Pantry::food('egg'), EggSizing::Us);
        $once = TypedIn::at(TroutQuiche::pie(), '/layers/2/eggs/0/amount', self::mass('3 large + 1 yolk', $egg), null, EggSizing::Us)->pie;
        self::assertSame([['egg', 150.0], ['egg-yolk', 17.0]], self::eggs($once));
        $twice = TypedIn::at($once, '/layers/2/eggs/0/amount', self::mass('2 large + 2 yolks', $egg), null, EggSizing::Us)->pie;
        self::assertSame([['egg', 100.0], ['egg-yolk', 34.0]], self::eggs($twice));
    }

    public function test_in_a_list_of_foods_it_is_one_food_more_and_brings_what_was_written_beside_it(): void
    {
        $cream = self::mass('100 ml', Pantry::food('double-cream'));
        $more = TypedIn::at(TroutQuiche::pie(), '/layers/2/dairies', $cream, Pantry::food('double-cream'), EggSizing::Us);
        self::assertSame(['single-cream', 'whole-milk', 'double-cream'], array_map(static fn (Ingredient $one): string => $one->food->id, $more->pie->custard()->dairies ?? []));
        $eggless = TroutQuiche::withCustard(0, 400);
        $egg = EggSizes::apply(Pantry::food('egg'), EggSizing::Us);
        self::assertSame([['egg', 150.0], ['egg-yolk', 17.0]], self::eggs(TypedIn::at($eggless, '/layers/2/eggs', self::mass('3 large + 1 yolk', $egg), $egg, EggSizing::Us)->pie));
        $this->expectExceptionMessage('no-such-place');
        TypedIn::at(TroutQuiche::pie(), '/layers/2/dairies', $cream, null, EggSizing::Us);
    }

    #[TestWith(['/layers/9/bought'])]
    #[TestWith(['/name'])]
    #[TestWith(['/crust'])]
    #[TestWith(['nonsense'])]
    public function test_a_place_that_takes_no_entry_is_refused(string $at): void
    {
        $this->expectExceptionMessage('no-such-place');
        TypedIn::at(TroutQuiche::pie(), $at, self::mass('4 medium', Pantry::food('leeks')), null, EggSizing::Us);
    }

    public function test_what_would_be_no_pie_is_refused_where_it_is_wrong(): void
    {
        try {
            TypedIn::at(TroutQuiche::pie(), '/layers/0/steps/0/after', self::mass('500 g', Pantry::food('leeks')), null, EggSizing::Us);
            self::fail('It was taken.');
        } catch (Refused $refused) {
            self::assertSame('heavier-than-before', $refused->refusals[0]->code);
            self::assertStringStartsWith('/layers/0/steps/0', $refused->refusals[0]->at);
        }
    }

    public function test_changes_written_down_and_applied_are_the_pie_they_were_made_from(): void
    {
        [$before, $after] = [TroutQuiche::pie(), TroutQuiche::withLeeks(280)->withPortions(12)];
        self::assertEquals(DocumentWriter::write($after), Change::applied(Change::ofPies($before, $after), DocumentWriter::write($before)));
    }

    /** Common practice, no source: of a kilogram of spinach about 400 g are left when it is squeezed. */
    public function test_a_weight_after_squeezing_brings_its_step_and_what_was_bought_for_it(): void
    {
        $spinach = new SolidLayer('spinach', Pantry::food('spinach'), new Amount('500 g', 500), [], null);
        $pie = TroutQuiche::pie()->withLayers([$spinach]);
        $typed = TypedIn::at($pie, '/layers/0/bought', self::mass('400 g squeezed', Pantry::food('spinach')), null, EggSizing::Us)->pie;
        $layer = $typed->layers[0];
        self::assertInstanceOf(SolidLayer::class, $layer);
        self::assertSame(400.0, $layer->now->grams);
        self::assertEqualsWithDelta(1000, $layer->bought->grams, 1);
        self::assertCount(1, $layer->steps);
        self::assertTrue($typed->assumes('/layers/spinach/bought'), 'what was bought for it was not said');
        // more of it later: the step that nobody weighed follows
        $assumed = $pie->withLayers([$spinach->withSteps([new Step('squeezed', new Amount('200 g', 200, 170, 230))])])->withAssumed(Assumed::all('/layers/spinach/steps/0/after'));
        $more = TypedIn::at($assumed, '/layers/0/bought', self::mass('1 kg', Pantry::food('spinach')), null, EggSizing::Us)->pie->layers[0];
        self::assertInstanceOf(SolidLayer::class, $more);
        self::assertSame([400.0, 340.0, 460.0], [$more->now->grams, $more->now->leastGrams, $more->now->mostGrams]);
    }

    public function test_a_weight_after_squeezing_is_that_of_the_last_step_and_the_steps_before_keep_their_salt(): void
    {
        $spinach = new SolidLayer('spinach', Pantry::food('spinach'), new Amount('1 kg', 1000), [new Step('wilted', Amount::of(700), 4.0), new Step('squeezed', Amount::of(500), 0.0, 10.0)], null);
        $pie = TroutQuiche::pie()->withLayers([$spinach]);
        $layer = TypedIn::at($pie, '/layers/0/bought', self::mass('400 g squeezed', Pantry::food('spinach')), null, EggSizing::Us)->pie->layers[0];
        self::assertInstanceOf(SolidLayer::class, $layer);
        self::assertSame(['wilted', 'squeezed'], array_map(static fn (Step $one): string => $one->preparation, $layer->steps));
        self::assertSame([700.0, 400.0], array_map(static fn (Step $one): float => $one->after->grams, $layer->steps));
        self::assertSame([4.0, 10.0], [$layer->steps[0]->saltGrams, $layer->steps[1]->waterSaltGramsPerLitre]);
    }

    public function test_a_sloped_tin_is_narrowed_from_either_end(): void
    {
        $pie = TroutQuiche::pie()->withTin(new SlopedTin(220, 240, 35));
        foreach ([['/tin/rimDiameterMm', '20 cm', [180.0, 200.0]], ['/tin/floorDiameterMm', '26 cm', [260.0, 280.0]], ['/tin/floorDiameterMm', '20 cm', [200.0, 240.0]]] as [$at, $words, $wide]) {
            $tin = TypedIn::at($pie, $at, QuantityParser::length($words), null, EggSizing::Us)->pie->tin;
            self::assertInstanceOf(SlopedTin::class, $tin);
            self::assertSame($wide, [$tin->floorDiameterMm, $tin->rimDiameterMm]);
        }
    }

    public function test_what_is_typed_is_assumed_no_more(): void
    {
        $pie = TroutQuiche::pie()->withAssumed(Assumed::all('/layers/leeks/bought', '/crust/thicknessMm'));
        $typed = TypedIn::at($pie, '/layers/0/bought', self::mass('450 g', Pantry::food('leeks')), null, EggSizing::Us)->pie;
        self::assertEquals(Assumed::all('/crust/thicknessMm'), $typed->assumed);
    }

    private static function mass(string $words, Food $food): Entry
    {
        return (new AmountParser(CookUnits::of(VolumeSystem::Metric)))->read($words, $food);
    }

    /** @return list<array{string, float}> */
    private static function eggs(Pie $pie): array
    {
        return array_map(static fn (Ingredient $one): array => [$one->food->id, $one->grams()], $pie->custard()->eggs ?? []);
    }
}
