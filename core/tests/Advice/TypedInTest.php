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
use Hojaldre\Core\Measure\QuantityParser;
use Hojaldre\Core\Measure\VolumeSystem;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TypedInTest extends TestCase
{
    public function test_an_amount_keeps_its_words_and_everything_else_stays(): void
    {
        $typed = TypedIn::at(TroutQuiche::pie(), '/layers/0/bought', self::mass('4 medium', Pantry::food('leeks')), null, EggSizing::Us);
        self::assertEquals([new Change('/layers/0/bought', ['words' => '4 medium', 'grams' => 600.0])], $typed->changes);
        self::assertSame(600.0, $typed->pie->solids()[0]->bought->grams);
        self::assertEquals($typed->pie, TroutQuiche::pie()->withLayer($typed->pie->layers[0]));
    }

    public function test_an_oven_is_whole_degrees_and_brings_its_fan_along(): void
    {
        $typed = TypedIn::at(TroutQuiche::pie(), '/bake/stages/0/ovenCelsius', QuantityParser::temperature('325 °F fan'), null, EggSizing::Us);
        self::assertSame([163.0, OvenMode::Fan], [$typed->pie->bake->first()->ovenCelsius, $typed->pie->bake->first()->mode]);
        $plain = TypedIn::at(TroutQuiche::pie(), '/crust/shell/1/ovenCelsius', QuantityParser::temperature('200 °C'), null, EggSizing::Us);
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
