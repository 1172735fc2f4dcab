<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Advice;

use Hojaldre\Core\Advice\Assumptions\Alternative;
use Hojaldre\Core\Advice\Assumptions\Question;
use Hojaldre\Core\Advice\Assumptions\Questions;
use Hojaldre\Core\Advice\Change;
use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Document\DocumentWriter;
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
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\PieKind;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\Step;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\Attributes\TestWith;
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

    /** Common practice, no source: the oven's fan moves a bake by minutes, whether it is cool or of the bench far less. */
    public function test_each_question_says_which_reading_it_moves_most_and_between_what(): void
    {
        $questions = [];
        foreach (Questions::of(self::assuming('/bake/stages/0/mode', '/bake/stages/0/ovenCelsius', '/layers/smoked-trout/fromCelsius', '/layers/custard/style'), EggSizing::Us) as $one) {
            $questions[$one->place] = $one;
        }
        foreach (['/bake/stages/0/mode', '/bake/stages/0/ovenCelsius', '/layers/smoked-trout/fromCelsius'] as $place) {
            $one = $questions[$place];
            self::assertGreaterThan(0, $one->tells, $place);
            self::assertSame($one->least?->name, $one->most?->name);
            self::assertLessThan($one->most?->value, $one->least?->value);
            self::assertEqualsWithDelta(($one->most?->value - $one->least?->value) / ($one->least?->scale[1] - $one->least?->scale[0]), $one->tells, 0.05);
        }
        self::assertGreaterThan(2 * $questions['/layers/smoked-trout/fromCelsius']->tells, $questions['/bake/stages/0/mode']->tells);
        self::assertSame([null, null, 0.0], [$questions['/layers/custard/style']->least, $questions['/layers/custard/style']->most, $questions['/layers/custard/style']->tells]);
    }

    /**
     * @param  list<string>  $codes
     * @param  list<float>  $values  of the place, in the order of the answers
     */
    #[TestWith(['/bake/stages/0/ovenCelsius', ['answer.heat', 'answer.heat', 'answer.heat'], [160.0, 175.0, 190.0]])]
    #[TestWith(['/bake/stages/0/minutes', ['answer.minutes', 'answer.minutes', 'answer.minutes'], [41.0, 46.0, 51.0]])]
    #[TestWith(['/crust/thicknessMm', ['answer.thickness', 'answer.thickness', 'answer.thickness'], [2.0, 3.0, 4.0]])]
    #[TestWith(['/tin/depthMm', ['answer.depth', 'answer.depth', 'answer.depth'], [30.0, 35.0, 40.0]])]
    #[TestWith(['/layers/smoked-trout/fromCelsius', ['answer.start', 'answer.start-fridge', 'answer.start-bench', 'answer.start-pan'], [10.0, 5.0, 20.0, 60.0]])]
    public function test_the_answers_are_what_kitchens_have_and_the_present_one_changes_nothing(string $place, array $codes, array $values): void
    {
        $question = self::asked($place);
        self::assertSame($codes, array_map(static fn (Alternative $one): string => $one->says->code, $question->alternatives));
        $pointer = str_replace('smoked-trout', '1', $place);
        $now = Change::valueAt(DocumentWriter::write(self::assuming()), $pointer);
        foreach ($question->alternatives as $at => $one) {
            self::assertSame(abs($values[$at] - $now) < 1e-9, $one->pie === null, "$values[$at]");
            if ($one->pie !== null) {
                self::assertEqualsWithDelta($values[$at], Change::valueAt(DocumentWriter::write($one->pie), $pointer), 1e-6);
            }
        }
    }

    public function test_rack_tin_seal_shell_and_dough_are_asked_in_words_and_one_answer_is_there_now(): void
    {
        foreach (['/bake/stages/0/rack' => 3, '/bake/tinMaterial' => 4, '/crust/seal' => 2, '/crust/shell' => 3, '/crust/dough' => 3] as $place => $count) {
            $alternatives = self::asked($place)->alternatives;
            self::assertCount($count, $alternatives, $place);
            self::assertCount(1, array_filter($alternatives, static fn (Alternative $one): bool => $one->pie === null), "$place: one is there now");
        }
    }

    public function test_a_vent_is_asked_in_hundredths_of_the_lid_that_are_open(): void
    {
        $pie = Beginning::of(PieKind::Pasty);
        $pie = $pie->withLayers([new SolidLayer('potatoes', Pantry::food('potatoes'), Amount::of(600), [], null)])->withAssumed(Assumed::all('/crust/lid/openShare', '/crust/lid/glaze'));
        $questions = [];
        foreach (Questions::of($pie, EggSizing::Us) as $one) {
            $questions[$one->place] = $one;
        }
        self::assertSame([0.0, 1.0, 3.0], array_map(static fn (Alternative $one): float => (float) $one->says->with['openPercent'], $questions['/crust/lid/openShare']->alternatives));
        self::assertSame(['answer.glaze-none', 'answer.glaze-egg', 'answer.glaze-yolk', 'answer.glaze-milk'], array_map(static fn (Alternative $one): string => $one->says->code, $questions['/crust/lid/glaze']->alternatives));
    }

    public function test_each_seasoning_is_asked_of_by_its_own_place(): void
    {
        $pie = TroutQuiche::pie()->withSeasonings([new Ingredient(Pantry::food('black-pepper'), Amount::of(1)), new Ingredient(Pantry::food('salt'), new Amount('some', 3, 1.5, 6))])
            ->withAssumed(Assumed::all('/seasonings/1/amount'));
        $question = Questions::of($pie, EggSizing::Us)[0];
        $salt = array_map(static fn (Alternative $one): float => $one->pie === null ? 3.0 : $one->pie->seasonings[1]->grams(), $question->alternatives);
        sort($salt);
        self::assertSame([1.5, 3.0, 6.0], $salt);
        foreach ($question->alternatives as $one) {
            self::assertSame(1.0, ($one->pie ?? $pie)->seasonings[0]->grams(), 'the pepper stays');
        }
    }

    public function test_a_vague_amount_is_asked_at_its_least_and_its_most(): void
    {
        $pie = self::assuming('/layers/leeks/bought');
        $leeks = $pie->solids()[0];
        $vague = $pie->withLayer(new SolidLayer('leeks', $leeks->food, new Amount('some', 450, 300, 600), [], null));
        $question = Questions::of($vague, EggSizing::Us)[0];
        $grams = array_map(static fn (Alternative $one): float => $one->pie === null ? 450.0 : $one->pie->solids()[0]->bought->grams, $question->alternatives);
        self::assertSame(300.0, min($grams));
        self::assertSame(600.0, max($grams));
        self::assertContains(450.0, $grams);
    }

    public function test_a_seasoning_and_a_dairy_that_nobody_weighed_are_asked_of(): void
    {
        $pie = TroutQuiche::pie();
        $custard = $pie->custard();
        self::assertNotNull($custard);
        $milk = new Ingredient($custard->dairies[1]->food, new Amount('a splash', 40, 20, 80));
        $pie = $pie->withLayer($custard->with($custard->eggs, [$custard->dairies[0], $milk]))->withSeasonings([new Ingredient(Pantry::food('salt'), new Amount('some', 3, 1.5, 6))])
            ->withAssumed(Assumed::all('/layers/custard/dairies/1/amount', '/seasonings/0/amount'));
        $questions = [];
        foreach (Questions::of($pie, EggSizing::Us) as $one) {
            $questions[$one->place] = $one;
        }
        self::assertSame(ReadingName::Salt, $questions['/seasonings/0/amount']->most?->name);
        self::assertGreaterThan(0, $questions['/layers/custard/dairies/1/amount']->tells);
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

    /** Of 49 g that weep, 20 g either way are not sure: the base is wider by the root of 1 and (1.2 * 0.41) squared, which is 1.11 (docs/model.md). */
    public function test_a_weep_that_is_not_sure_widens_the_base_by_what_the_model_says(): void
    {
        $pie = TroutQuiche::soggy(315);
        $leeks = $pie->solids()[0];
        $vague = $pie->withLayer($leeks->withSteps([new Step('sweated', new Amount('about 315 g', 315, 295, 335))]));
        $weeps = Weights::of($pie)->freeGrams;
        [$sure, $unsure] = array_map(static fn ($one) => Readings::named(Readings::of(Weights::of($one), SimulatedBake::searching(Weights::of($one))), ReadingName::Base), [$pie, $vague]);
        self::assertNotNull($sure);
        self::assertNotNull($unsure);
        self::assertEqualsWithDelta($sure->value, $unsure->value, 1e-9);
        $by = hypot(1.0, 1.2 * 20 / $weeps);
        self::assertEqualsWithDelta($by, ($unsure->high - $unsure->value) / ($sure->high - $sure->value), 0.01);
        self::assertEqualsWithDelta($by, ($unsure->value - $unsure->low) / ($sure->value - $sure->low), 0.01);
    }

    /** A tenth of the filling that is not sure moves the minutes by 0.9 of a tenth, together with what kitchens differ by (docs/model.md). */
    public function test_a_mass_that_is_not_sure_widens_the_minutes_by_what_the_model_says(): void
    {
        $pie = TroutQuiche::pie();
        $custard = $pie->custard();
        self::assertNotNull($custard);
        $tenth = 0.1 * Weights::of($pie)->fillingGrams;
        $milk = $custard->dairies[1];
        $vague = $pie->withLayer($custard->with($custard->eggs, [$custard->dairies[0], new Ingredient($milk->food, new Amount('some', $milk->grams(), $milk->grams() - $tenth, $milk->grams() + $tenth))]));
        $shares = static function (Pie $one): array {
            $bake = SimulatedBake::searching(Weights::of($one));
            self::assertNotNull($bake);

            return array_map(static fn (float $end): float => abs($end / $bake->minute(BakeEvent::Safe) - 1), $bake->range(BakeEvent::Safe));
        };
        [$sure, $unsure] = array_map($shares, [$pie, $vague]);
        self::assertEqualsWithDelta(hypot($sure[1], 0.09), $unsure[1], 0.002);
        self::assertEqualsWithDelta(hypot($sure[0], 0.09), $unsure[0], 0.002);
    }

    private static function asked(string $place): Question
    {
        return Questions::of(self::assuming($place), EggSizing::Us)[0];
    }

    private static function assuming(string ...$places): Pie
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
