<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Bake\Cue;
use Hojaldre\Core\Bake\Grid;
use Hojaldre\Core\Bake\Simulation;
use Hojaldre\Core\Forecast\BakeFilm;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\BakeReport;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Tests\RandomPie;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

/** The simulated bake: its books close, nothing breaks, and it lies near to what kitchens see. */
final class BakeTest extends TestCase
{
    public function test_no_random_pie_breaks_the_sums_and_its_water_and_heat_are_accounted_for(): void
    {
        foreach (RandomPie::many(300, seed: 7) as $pie) {
            $baked = SimulatedBake::roughly($pie);
            if ($baked === null) {
                continue;
            }
            $result = $baked->result;
            self::assertLessThan(1e-10, $result->massErrorShare, $pie->name);
            self::assertLessThan(0.03, $result->energyErrorShare, $pie->name);
            foreach ([$result->basePercentOut, $result->lostKg, $result->topBrownOut, $result->setShareOut] as $value) {
                self::assertFalse(is_infinite($value), $pie->name);
                self::assertTrue(is_nan($value) ? ! $pie->form()->hasBase() : $value >= 0.0, "$pie->name: $value");
            }
        }
    }

    public function test_the_fine_bake_closes_its_books_nearer(): void
    {
        foreach (Practice::cases() as $name => [$pie]) {
            $result = Simulation::run(BakeInputs::of($pie));
            self::assertLessThan(1e-10, $result->massErrorShare, $name);
            self::assertLessThan(0.01, $result->energyErrorShare, $name);
        }
    }

    public function test_nothing_gets_hotter_than_the_oven_nor_drier_than_dry(): void
    {
        foreach (Practice::cases() as $name => [$pie]) {
            $result = Simulation::run(BakeInputs::of($pie), coarse: true, film: true);
            $stages = [...$pie->crust->shell, ...$pie->bake->stages];
            $hottest = max(array_map(static fn (Stage|ShellStage $stage): float => $stage->ovenCelsius, $stages)) + 15;
            foreach ($result->film->frames as $frame) {
                self::assertLessThanOrEqual($hottest, max($frame['T']), $name);
                self::assertGreaterThanOrEqual(0.0, min($frame['W']), $name);
            }
        }
    }

    public function test_a_coarser_grid_says_nearly_the_same(): void
    {
        foreach (Practice::cases() as $name => [$pie]) {
            $input = BakeInputs::of($pie);
            [$fine, $rough] = [Simulation::run($input), Simulation::run($input, coarse: true)];
            self::assertLessThan($fine->cells, $rough->cells);
            foreach (['set' => 2.5, 'safe' => 2.5, 'golden' => 4.0] as $event => $minutes) {
                if (isset($fine->events[$event], $rough->events[$event])) {
                    self::assertEqualsWithDelta($fine->events[$event], $rough->events[$event], $minutes, "$name: $event");
                }
            }
            if (! is_nan($fine->basePercent)) {
                self::assertEqualsWithDelta($fine->basePercent, $rough->basePercent, 2.0, $name);
            }
        }
    }

    public function test_most_bakes_of_practice_come_out_when_kitchens_say(): void
    {
        $near = [];
        foreach (Practice::cases() as $name => [$pie, $from, $to, $event]) {
            $minute = Simulation::run(BakeInputs::of($pie))->events[$event] ?? INF;
            // 15 % on either side is how well such times are known
            $near[$name] = $minute >= 0.85 * $from && $minute <= 1.15 * $to;
        }
        self::assertGreaterThanOrEqual(10, count(array_filter($near)), (string) json_encode($near, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE));
    }

    public function test_a_shell_goes_from_damp_and_pale_to_dry_and_gold_as_practice_has_it(): void
    {
        $stages = [new ShellStage('weighted', 220, 'static', 16, 'low'), new ShellStage('bare', 220, 'static', 3, 'low'), new ShellStage('bare', 220, 'static', 3.5, 'low')];
        $crust = TroutQuiche::pie()->crust;
        $shell = Simulation::run(BakeInputs::of(TroutQuiche::pie()->withCrust($crust->withShell($stages, $crust->seal))), coarse: true)->shell;
        self::assertSame([true, true], [$shell[0]['basePercent'] > $shell[1]['basePercent'], $shell[1]['basePercent'] > $shell[2]['basePercent']]);
        self::assertLessThan(5, $shell[1]['basePercent'], 'dry and matt after three bare minutes');
        self::assertContains(Brownness::word($shell[0]['rim']), ['straw', 'light gold'], 'a light edge when the weights come out');
        self::assertContains(Brownness::word($shell[2]['rim']), ['golden', 'dark'], 'deep gold at the end');
        self::assertStringContainsString('hollow', Cue::ofShell($shell[2]['basePercent'], $shell[2]['rim']));
    }

    public function test_a_raw_filled_pasty_is_safe_only_after_half_an_hour_and_never_called_so_before(): void
    {
        [$pasty] = Practice::cases()['pasty 20 cm, raw meat and roots; 200 °C'];
        $baked = SimulatedBake::of($pasty->withBake(new BakePlan([new Stage(200, 'static', 20)])));
        self::assertNotNull($baked);
        self::assertGreaterThan(25, $baked->minute('safe'));
        $events = array_column(BakeReport::of($baked)['events'], null, 'name');
        self::assertFalse($events['safe']['isInPlan'], 'it would be safe only if it stayed in');
        self::assertStringContainsString('probe', $events['safe']['cue']);
    }

    public function test_a_deep_pie_left_whole_cools_too_slowly_to_be_kept_and_a_shallow_one_fast_enough(): void
    {
        $cooling = static function (string $file): array {
            $baked = SimulatedBake::of(PieFile::read((string) file_get_contents(__DIR__."/../../../database/data/demo/$file.json")));
            self::assertNotNull($baked);

            return BakeReport::of($baked)['cooling'];
        };
        $deep = $cooling('celeriac-and-cider-deep-pie');
        $shallow = $cooling('fennel-and-blue-cheese-tart');
        self::assertFalse($deep['isWithinLimits']);
        self::assertTrue($shallow['isWithinLimits']);
        self::assertGreaterThan($shallow['below21Minutes'], $deep['below21Minutes']);
    }

    public function test_the_film_has_every_cell_in_every_frame_and_ends_as_the_course_does(): void
    {
        $baked = SimulatedBake::filmed(TroutQuiche::pie());
        self::assertNotNull($baked);
        $film = BakeFilm::of($baked);
        $cells = $film['grid']['rows'] * $film['grid']['columns'];
        self::assertSame($cells, count($film['grid']['kinds']));
        $minutes = array_column($film['frames'], 'minute');
        $sorted = $minutes;
        sort($sorted);
        self::assertSame($sorted, $minutes, 'time goes one way');
        foreach ($film['frames'] as $frame) {
            self::assertSame([$cells, $cells, $cells], [count($frame['celsius']), count($frame['waterPercent']), count($frame['setPercent'])]);
        }
        self::assertSame(array_sum(array_map(static fn (string $kind): int => (int) ($kind === 'filling' || $kind === 'topping'), $film['grid']['kinds'])), count(array_filter($baked->result->grid()->kind, static fn (int $kind): bool => $kind === Grid::FILLING || $kind === Grid::TOPPING)));
    }

    public function test_an_empty_tin_is_not_baked(): void
    {
        self::assertNull(SimulatedBake::of(Pie::blank()));
        self::assertNull(SimulatedBake::filmed(Pie::blank()));
    }
}
