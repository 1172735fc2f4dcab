<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Advice;

use Hojaldre\Core\Advice\Assumptions\Alternative;
use Hojaldre\Core\Advice\Assumptions\Question;
use Hojaldre\Core\Advice\Assumptions\Questions;
use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\Readings;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Assumed;
use Hojaldre\Core\Pie\Beginning;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Form;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\PieKind;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\Step;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

/** What nobody said: asked most telling first, and an answer moves what the trade says it moves. */
final class QuestionsTest extends TestCase
{
    /** Common practice, no source: a fan bakes faster than a static oven at the same heat. */
    public function test_with_a_fan_the_custard_is_set_sooner(): void
    {
        $question = self::asked('/bake/stages/0/mode');
        $fan = self::answer($question, 'answer.mode-fan');
        self::assertNotNull($fan->pie);
        self::assertSame(OvenMode::Fan, $fan->pie->bake->first()->mode);
        $set = static fn ($pie): float => Readings::named(Readings::of(Weights::of($pie), SimulatedBake::searching(Weights::of($pie))), ReadingName::Set)->value ?? NAN;
        self::assertLessThan($set(TroutQuiche::pie()), $set($fan->pie));
    }

    public function test_the_answers_of_eggs_are_as_heavy_as_eggs_of_that_size(): void
    {
        $question = self::asked('/layers/custard/eggs/0/amount');
        $layer = self::answer($question, 'answer.eggs-medium')->pie?->custard();
        // five eggs of 44 g (docs/sources.md#usda-sr-legacy)
        self::assertEqualsWithDelta(220, $layer?->eggs[0]->grams() ?? 0, 0.5);
    }

    public function test_the_most_telling_stands_first_and_what_moves_nothing_last(): void
    {
        $questions = Questions::of(self::assuming('/bake/stages/0/mode', '/bake/tinMaterial', '/layers/custard/style', '/portions'), EggSizing::Us);
        $tells = array_map(static fn (Question $one): float => $one->tells, $questions);
        $sorted = $tells;
        rsort($sorted);
        self::assertSame($sorted, $tells);
        self::assertSame('/layers/custard/style', $questions[count($questions) - 1]->place, 'a wish moves no reading');
        self::assertCount(3, $questions, 'nothing is asked of portions');
    }

    public function test_what_stands_at_a_place_that_is_gone_is_not_asked(): void
    {
        self::assertSame([], Questions::of(self::assuming('/layers/nowhere/fromCelsius'), EggSizing::Us));
    }

    /** The wetter answer leaves more water in, the drier less; the usual one is what is assumed. */
    public function test_a_step_that_nobody_weighed_may_have_left_it_wetter_or_drier(): void
    {
        $question = self::asked('/layers/leeks/steps/0/after');
        $grams = array_map(static fn (Alternative $one): float => (float) $one->says->with['massGrams'], $question->alternatives);
        self::assertGreaterThan($grams[1], $grams[0]);
        self::assertLessThan($grams[1], $grams[2]);
    }

    public function test_each_of_the_eight_kinds_is_the_form_it_is_called_and_assumes_all_of_it(): void
    {
        $forms = [
            'quiche' => Form::Open, 'raw-crust-tart' => Form::Open, 'puff-tart' => Form::Open, 'double-crust' => Form::DoubleCrust, 'deep-pie' => Form::Lattice,
            'pot-pie' => Form::PotPie, 'pasty' => Form::Folded, 'hand-pie' => Form::Folded,
        ];
        foreach (PieKind::cases() as $kind) {
            $pie = Beginning::of($kind);
            self::assertSame($forms[$kind->value], $pie->form(), $kind->value);
            self::assertSame($kind === PieKind::Quiche, $pie->crust->shell !== [], $kind->value);
            foreach (['/tin', '/crust/dough', '/bake/stages/0/ovenCelsius', '/bake/stages/0/minutes'] as $place) {
                self::assertTrue($pie->assumes($place), "$kind->value $place");
            }
        }
    }

    /** An amount that is not sure makes its readings wider, and leaves them where they were. */
    public function test_what_nobody_weighed_widens_the_readings(): void
    {
        $pie = TroutQuiche::pie();
        $custard = $pie->custard();
        self::assertInstanceOf(CustardLayer::class, $custard);
        $milk = $custard->dairies[0];
        $vague = $pie->withLayer($custard->with($custard->eggs, [new Ingredient($milk->food, new Amount('some', $milk->grams(), 0.6 * $milk->grams(), 1.4 * $milk->grams())), ...array_slice($custard->dairies, 1)]));
        foreach ([ReadingName::Custard, ReadingName::Fill, ReadingName::Set, ReadingName::Colour] as $name) {
            [$sure, $unsure] = array_map(static fn ($one) => Readings::named(Readings::of(Weights::of($one), SimulatedBake::searching(Weights::of($one))), $name), [$pie, $vague]);
            self::assertNotNull($sure);
            self::assertNotNull($unsure);
            self::assertEqualsWithDelta($sure->value, $unsure->value, 1e-6, $name->value);
            self::assertGreaterThan($sure->high - $sure->low, $unsure->high - $unsure->low, $name->value);
        }
    }

    private static function asked(string $place): Question
    {
        return Questions::of(self::assuming($place), EggSizing::Us)[0];
    }

    private static function assuming(string ...$places): \Hojaldre\Core\Pie\Pie
    {
        $pie = TroutQuiche::pie();
        $leeks = $pie->layers[0];
        self::assertInstanceOf(SolidLayer::class, $leeks);
        self::assertSame(Pantry::food('leeks')->id, $leeks->food->id);
        $steps = [new Step('sweated', new Amount('about 315 g', 315, 290, 340))];

        return $pie->withLayer($leeks->withSteps($steps))->withAssumed(Assumed::all(...$places));
    }

    private static function answer(Question $question, string $code): Alternative
    {
        foreach ($question->alternatives as $one) {
            if ($one->says->code === $code) {
                return $one;
            }
        }
        self::fail("There is no answer \"$code\".");
    }
}
