<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Advice;

use Hojaldre\Core\Advice\Levers\AddCrumbs;
use Hojaldre\Core\Advice\Levers\BakeLonger;
use Hojaldre\Core\Advice\Levers\BakeShell;
use Hojaldre\Core\Advice\Levers\BrushSeal;
use Hojaldre\Core\Advice\Levers\LessOf;
use Hojaldre\Core\Advice\Levers\Lever;
use Hojaldre\Core\Advice\Levers\MoveCustard;
use Hojaldre\Core\Advice\Levers\MoveDairy;
use Hojaldre\Core\Advice\Levers\MoveEggs;
use Hojaldre\Core\Advice\Levers\MoveSalt;
use Hojaldre\Core\Advice\Levers\PressOut;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\ShellBake;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

/** Each lever by itself: how far it may be pulled, what it does to the pie, and what it tells the cook. */
final class LeversTest extends TestCase
{
    public function test_leeks_can_be_pressed_down_to_their_floor_and_no_further(): void
    {
        $lever = new PressOut(TroutQuiche::leeks());
        $pie = TroutQuiche::pie();
        self::assertSame(36.0, $lever->most($pie));
        self::assertEquals(new Statement('act.press-out', ['lessGrams' => 35.0, 'food' => 'Leeks', 'nowGrams' => 280.0]), $lever->act($pie, 35));
        self::assertEqualsWithDelta(36 - 35, Weights::of($lever->pull($pie, 35))->water['leeks']->weepGrams, 1e-9);
        $pressed = TroutQuiche::leeks()->withNow(280);
        self::assertSame(0.0, (new PressOut($pressed))->most($pie), 'a gram or two is not worth a way out');
    }

    public function test_fish_is_not_pressed_it_is_driven_off(): void
    {
        $trout = TroutQuiche::pie()->solids()[1];
        self::assertSame('act.dry-out', (new PressOut($trout))->act(TroutQuiche::pie(), 5)->code);
    }

    public function test_crumbs_hold_what_they_are_said_to_and_are_added_to_those_already_there(): void
    {
        $lever = new AddCrumbs(TroutQuiche::leeks());
        $pie = TroutQuiche::pie();
        self::assertEquals(new Statement('act.fold-in', ['addGrams' => 10.0, 'food' => 'Dry breadcrumbs', 'into' => 'Leeks']), $lever->act($pie, 10));
        $with = $lever->pull($pie, 10);
        self::assertEqualsWithDelta(10 * 1.75, Weights::of($with)->water['leeks']->boundGrams, 1e-9);
        $again = (new AddCrumbs($with->solids()[0]))->pull($with, 4);
        self::assertSame(14.0, $again->solids()[0]->binder?->grams());
        self::assertLessThanOrEqual(TroutQuiche::leeks()->now->grams / 5, $lever->most($pie), 'more than a fifth is stuffing');
    }

    public function test_a_seal_is_brushed_on_a_hot_shell_only_and_once(): void
    {
        $lever = new BrushSeal;
        $crust = TroutQuiche::pie()->crust;
        self::assertSame(1.0, $lever->most(TroutQuiche::pie()));
        self::assertSame(0.0, $lever->most(TroutQuiche::pie()->withCrust($crust->withShell([], Seal::None))));
        self::assertSame(0.0, $lever->most($lever->pull(TroutQuiche::pie(), 1)));
        self::assertSame('act.egg-seal', $lever->act(TroutQuiche::pie(), 1)->code);
    }

    public function test_only_a_raw_shell_can_still_be_par_baked(): void
    {
        $crust = TroutQuiche::pie()->crust;
        $raw = TroutQuiche::pie()->withCrust($crust->withShell([], Seal::None));
        self::assertSame(0.0, (new BakeShell)->most(TroutQuiche::pie()));
        self::assertSame(ShellBake::ParBaked, (new BakeShell)->pull($raw, 1)->crust->shellBake());
    }

    public function test_eggs_move_whole_in_the_size_the_cook_uses(): void
    {
        $add = new MoveEggs(TroutQuiche::custard(), 1);
        $one = $add->pull(TroutQuiche::pie(), 1)->custard();
        self::assertSame(['6 large', 300.0], [$one?->eggs[0]->amount->words, $one?->eggs[0]->grams()]);
        self::assertEquals(new Statement('act.add-eggs', ['eggs' => 2]), $add->act(TroutQuiche::pie(), 2));
        $less = new MoveEggs(TroutQuiche::custard(), -1);
        self::assertSame(4.0, $less->most(TroutQuiche::pie()), 'the last egg stays');
        self::assertSame('4 large', $less->pull(TroutQuiche::pie(), 1)->custard()?->eggs[0]->amount->words);
        self::assertEquals(new Statement('act.leave-out-eggs', ['eggs' => 1]), $less->act(TroutQuiche::pie(), 1));
    }

    public function test_an_egg_is_put_where_there_was_none(): void
    {
        $none = TroutQuiche::withCustard(0, 400);
        $custard = $none->custard();
        self::assertNotNull($custard);
        $with = (new MoveEggs($custard, 1))->pull($none, 3)->custard();
        self::assertSame(['3 large', 3.0], [$with?->eggs[0]->amount->words, $with?->eggCount()]);
    }

    public function test_dairy_is_taken_from_what_there_is_most_of_and_never_below_nothing(): void
    {
        $lever = new MoveDairy(TroutQuiche::custard(), -1);
        self::assertEquals(new Statement('act.leave-out-dairy', ['amountGrams' => 40.0, 'food' => 'Single cream']), $lever->act(TroutQuiche::pie(), 40));
        self::assertSame(242.0, $lever->most(TroutQuiche::pie()));
        $pulled = $lever->pull(TroutQuiche::pie(), 500)->custard();
        self::assertSame([0.0, 185.4], [$pulled?->dairies[0]->grams(), $pulled?->dairies[1]->grams()]);
    }

    public function test_less_custard_is_less_of_everything_in_it(): void
    {
        $lever = new MoveCustard(TroutQuiche::custard(), -1);
        $before = TroutQuiche::custard();
        $after = $lever->pull(TroutQuiche::pie(), 100)->custard();
        self::assertNotNull($after);
        self::assertEqualsWithDelta($before->grams() - 100, $after->grams(), 1e-9);
        self::assertEqualsWithDelta($before->liquidGrams() / $before->eggCount(), $after->liquidGrams() / $after->eggCount(), 1e-9);
        self::assertEquals(new Statement('act.less-custard', ['amountGrams' => 100.0]), $lever->act(TroutQuiche::pie(), 100));
        self::assertEquals(new Statement('act.more-custard', ['amountGrams' => 50.0]), (new MoveCustard($before, 1))->act(TroutQuiche::pie(), 50));
    }

    public function test_salt_goes_straight_to_a_good_middle_and_is_told_in_level_spoons(): void
    {
        $unsalted = TroutQuiche::pie()->withSeasonings([]);
        $lever = new MoveSalt(1);
        $by = $lever->most($unsalted);
        self::assertEqualsWithDelta(1.05, Weights::of($lever->pull($unsalted, $by))->salt()->percent(), 0.02);
        // by hand: 5.45 g are in it (leeks keep 0.14 of their 0.23 when they are pressed), 1.05 % of 1172.8 g and of itself wants 6.94 more, up to a tenth
        self::assertSame([7.0, 5], [round((float) $lever->act($unsalted, $by)->with['saltGrams'], 1), $lever->act($unsalted, $by)->with['quarterTeaspoons']], 'a level teaspoon is about 6 g');
        self::assertSame(0, $lever->act($unsalted, 0.4)->with['quarterTeaspoons'], 'a pinch');
        self::assertSame(0.0, (new MoveSalt(-1))->most($unsalted), 'salt that was not added cannot be left out');
        $salty = $lever->pull($unsalted, 20);
        $less = (new MoveSalt(-1))->pull($salty, (new MoveSalt(-1))->most($salty));
        self::assertEqualsWithDelta(1.3, Weights::of($less)->salt()->percent(), 0.02, 'a little inside 1.4 %, and no further');
        $saltyByItself = Weights::of($unsalted)->salt()->percent();
        self::assertLessThan(1.3, $saltyByItself);
        self::assertSame([], (new MoveSalt(-1))->pull($salty, 20)->seasonings, 'none left is no line');
    }

    public function test_less_of_a_layer_keeps_how_far_it_was_pressed(): void
    {
        $lever = new LessOf(TroutQuiche::leeks());
        $after = $lever->pull(TroutQuiche::pie(), 63)->solids()[0];
        self::assertEqualsWithDelta(315 / 450, $after->now->grams / $after->bought->grams, 1e-9);
        self::assertEquals(new Statement('act.less-of', ['lessGrams' => 63.0, 'food' => 'Leeks', 'nowGrams' => 252.0]), $lever->act(TroutQuiche::pie(), 63));
    }

    public function test_minutes_are_added_and_heat_never_is(): void
    {
        $pie = (new BakeLonger)->pull(TroutQuiche::pie(), 6);
        self::assertSame([52.0, 175.0], [$pie->bake->minutes(), $pie->bake->first()->ovenCelsius]);
        self::assertEquals(new Statement('act.bake-longer', ['moreMinutes' => 6.0, 'outMinutes' => 52.0]), (new BakeLonger)->act(TroutQuiche::pie(), 6));
    }

    public function test_every_lever_has_a_name_a_cost_and_a_step_that_fits_into_its_pull(): void
    {
        $pie = TroutQuiche::pie();
        foreach (self::all($pie) as $lever) {
            self::assertMatchesRegularExpression('/^[a-z-]+$/', $lever->id());
            self::assertGreaterThanOrEqual(1, $lever->cost());
            self::assertLessThanOrEqual(5, $lever->cost());
            self::assertGreaterThan(0, $lever->step($pie), $lever->id());
            self::assertGreaterThanOrEqual(0, $lever->most($pie), $lever->id());
        }
    }

    /** @return list<Lever> */
    private static function all(Pie $pie): array
    {
        $leeks = TroutQuiche::leeks();
        $custard = TroutQuiche::custard();

        return [
            new PressOut($leeks), new AddCrumbs($leeks), new BrushSeal, new BakeShell, new MoveEggs($custard, 1), new MoveEggs($custard, -1),
            new MoveDairy($custard, 1), new MoveDairy($custard, -1), new MoveCustard($custard, 1), new MoveSalt(1), new MoveSalt(-1), new LessOf($leeks), new BakeLonger,
        ];
    }
}
