<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Bake\FilmFrame;
use Hojaldre\Core\Bake\Resolution;
use Hojaldre\Core\Bake\Simulation;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\BakeReport;
use Hojaldre\Core\Forecast\FilmField;
use Hojaldre\Core\Forecast\ReportEvent;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pastry\ShellLook;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pastry\ShellSupport;
use Hojaldre\Core\Pie\Beginning;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\PieKind;
use Hojaldre\Core\Safety\CoolingVerdict;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\RandomPie;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

/** The simulated bake: its books close, nothing breaks, and it lies near to what kitchens see. */
final class BakeTest extends TestCase
{
    public function test_no_random_pie_breaks_the_sums_and_its_water_and_heat_are_accounted_for(): void
    {
        $far = 0;
        foreach (RandomPie::many(300, seed: 7) as $pie) {
            $baked = SimulatedBake::roughly(Weights::of($pie));
            if ($baked === null) {
                continue;
            }
            $result = $baked->result;
            self::assertLessThan(1e-10, $result->massErrorShare, $pie->name);
            // two hours in a dish of lean fish: a bake that dries its filling out is accounted for least
            self::assertLessThan(0.06, $result->energyErrorShare, $pie->name);
            $far += $result->energyErrorShare > 0.035 ? 1 : 0;
            foreach ([$result->basePercentOut, $result->lostKg, $result->browned->topIndex, $result->setShare] as $value) {
                self::assertFalse(is_infinite($value), $pie->name);
                self::assertTrue(is_nan($value) ? ! $pie->form()->hasBase() : $value >= 0.0, "$pie->name: $value");
            }
        }
        self::assertLessThanOrEqual(3, $far);
    }

    public function test_the_fine_bake_closes_its_books_nearer(): void
    {
        foreach (Practice::timed() as $name => [$pie]) {
            $result = Simulation::run(BakeInputs::of(Weights::of($pie)));
            self::assertLessThan(1e-10, $result->massErrorShare, $name);
            self::assertLessThan(0.012, $result->energyErrorShare, $name);
        }
    }

    public function test_nothing_gets_hotter_than_the_oven_nor_drier_than_dry(): void
    {
        foreach (Practice::timed() as $name => [$pie]) {
            $result = Simulation::run(BakeInputs::of(Weights::of($pie)), resolution: Resolution::coarse(), film: true);
            $stages = [...$pie->crust->shell, ...$pie->bake->stages];
            $hottest = max(array_map(static fn (Stage|ShellStage $stage): float => $stage->ovenCelsius, $stages)) + 15;
            foreach ($result->film as $frame) {
                self::assertLessThanOrEqual($hottest, max($frame->T), $name);
                self::assertGreaterThanOrEqual(0.0, min($frame->W), $name);
            }
        }
    }

    public function test_a_coarser_grid_says_nearly_the_same(): void
    {
        foreach (Practice::timed() as $name => [$pie]) {
            $input = BakeInputs::of(Weights::of($pie));
            [$fine, $rough] = [Simulation::run($input), Simulation::run($input, resolution: Resolution::coarse())];
            self::assertLessThan($fine->cells(), $rough->cells());
            foreach ([[BakeEvent::Set, 2.5], [BakeEvent::Safe, 2.5], [BakeEvent::Golden, 4.0]] as [$event, $minutes]) {
                if (is_finite($fine->minute($event)) && is_finite($rough->minute($event))) {
                    // of a pie that bakes two hours, in proportion
                    self::assertEqualsWithDelta($fine->minute($event), $rough->minute($event), max($minutes, 0.04 * $fine->minute($event)), "$name: $event->value");
                }
            }
            if (! is_nan($fine->basePercent)) {
                self::assertEqualsWithDelta($fine->baseRatio, $rough->baseRatio, 0.05, $name);
            }
        }
    }

    public function test_most_bakes_of_practice_come_out_when_kitchens_say(): void
    {
        $near = [];
        foreach (Practice::timed() as $name => [$pie, $from, $to, $event]) {
            $minute = Simulation::run(BakeInputs::of(Weights::of($pie)))->minute($event);
            // 15 % on either side is how well such times are known
            $near[$name] = $minute >= 0.85 * $from && $minute <= 1.15 * $to;
        }
        self::assertGreaterThanOrEqual(0.9 * count($near), count(array_filter($near)), (string) json_encode($near, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE));
    }

    public function test_a_shell_goes_from_damp_and_pale_to_dry_and_gold_as_practice_has_it(): void
    {
        $stages = [new ShellStage(ShellSupport::Weighted, 220, OvenMode::Static, 16, Rack::Low), new ShellStage(ShellSupport::Bare, 220, OvenMode::Static, 3, Rack::Low), new ShellStage(ShellSupport::Bare, 220, OvenMode::Static, 3.5, Rack::Low)];
        $crust = TroutQuiche::pie()->crust;
        $shell = Simulation::run(BakeInputs::of(Weights::of(TroutQuiche::pie()->withCrust($crust->withShell($stages, $crust->seal)))), resolution: Resolution::coarse())->shell;
        self::assertSame([true, true], [$shell[0]->basePercent > $shell[1]->basePercent, $shell[1]->basePercent > $shell[2]->basePercent]);
        self::assertLessThan(5, $shell[1]->basePercent, 'dry and matt after three bare minutes');
        self::assertContains(Brownness::of($shell[0]->rimBrownIndex), [Brownness::Straw, Brownness::LightGold], 'a light edge when the weights come out');
        self::assertContains(Brownness::of($shell[2]->rimBrownIndex), [Brownness::Golden, Brownness::Dark], 'deep gold at the end');
        self::assertSame(ShellLook::Hollow, ShellLook::of($shell[2]->basePercent));
    }

    public function test_a_raw_filled_pasty_is_safe_only_after_half_an_hour_and_never_called_so_before(): void
    {
        [$pasty] = Practice::timed()['pasty 20 cm, raw meat and roots; 200 °C'];
        $baked = SimulatedBake::of(Weights::of($pasty->withBake(new BakePlan([new Stage(200, OvenMode::Static, 20)]))));
        self::assertNotNull($baked);
        self::assertGreaterThan(25, $baked->minute(BakeEvent::Safe));
        $safe = array_values(array_filter(BakeReport::of($baked)->events, static fn (ReportEvent $one): bool => $one->event === BakeEvent::Safe))[0];
        self::assertFalse($safe->isInPlan, 'it would be safe only if it stayed in');
    }

    public function test_a_deep_pie_left_whole_cools_too_slowly_to_be_kept_and_a_shallow_one_fast_enough(): void
    {
        $cooling = static function (Pie $pie): BakeReport {
            $baked = SimulatedBake::of(Weights::of($pie));
            self::assertNotNull($baked);

            return BakeReport::of($baked);
        };
        $deep = $cooling(OtherPies::deep());
        $shallow = $cooling(OtherPies::shallow());
        self::assertSame([CoolingVerdict::TooSlowToWarm, CoolingVerdict::WithinLimits], [$deep->cooling, $shallow->cooling]);
        self::assertGreaterThan($shallow->result->cooling->warmMinutes, $deep->result->cooling->warmMinutes ?? INF);
    }

    public function test_the_film_has_every_cell_in_every_frame_and_time_goes_one_way(): void
    {
        $baked = SimulatedBake::filmed(Weights::of(TroutQuiche::pie()));
        self::assertNotNull($baked);
        $grid = $baked->result->grid;
        $cells = $grid->rows * $grid->columns;
        self::assertCount($cells, $grid->kind);
        $minutes = array_map(static fn (FilmFrame $frame): float => $frame->minutes, $baked->result->film);
        self::assertGreaterThan(20, count($minutes));
        $sorted = $minutes;
        sort($sorted);
        self::assertSame($sorted, $minutes, 'time goes one way');
        foreach ($baked->result->film as $frame) {
            self::assertSame([$cells, $cells, $cells], [count(FilmField::celsius($frame)), count(FilmField::waterPercents($frame, $baked->result)), count(FilmField::setPercents($frame, $baked->input->setsAtCelsius))]);
        }
    }

    public function test_an_empty_tin_is_not_baked(): void
    {
        self::assertNull(SimulatedBake::of(Weights::of(Beginning::of(PieKind::Quiche))));
        self::assertNull(SimulatedBake::filmed(Weights::of(Beginning::of(PieKind::Quiche))));
    }
}
