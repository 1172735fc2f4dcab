<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Advice;

use Hojaldre\Core\Advice\ShellAdvice;
use Hojaldre\Core\Advice\ShellOption;
use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\FilmStage;
use Hojaldre\Core\Forecast\BakeReport;
use Hojaldre\Core\Forecast\ReportEvent;
use Hojaldre\Core\Forecast\ReportStage;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Oven\StandsOn;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Pastry\PieWeight;
use Hojaldre\Core\Pastry\ShellBake;
use Hojaldre\Core\Pie\Beginning;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\PieKind;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

/** Par-bake or not, and what a bake reports. */
final class ShellAdviceTest extends TestCase
{
    public function test_the_choice_is_the_least_work_that_keeps_the_base_dry(): void
    {
        foreach ([TroutQuiche::pie(), TroutQuiche::withLeeks(280), OtherPies::shallow()] as $pie) {
            $advice = ShellAdvice::of($pie);
            self::assertNotNull($advice);
            $dry = array_values(array_filter($advice->options, static fn (ShellOption $one): bool => $one->baseRatio <= BaseVerdict::DRY_TO_RATIO));
            self::assertSame($dry[0]->shell ?? ShellBake::FullyBaked, $advice->choice);
            self::assertSame([ShellBake::Raw, ShellBake::ParBaked, ShellBake::FullyBaked], array_map(static fn (ShellOption $one): ShellBake => $one->shell, $advice->options));
            $wet = array_map(static fn (ShellOption $one): float => $one->baseRatio, $advice->options);
            self::assertTrue($wet[0] > $wet[1] && $wet[1] > $wet[2], 'the further the shell is baked the drier it comes out');
        }
    }

    public function test_a_base_that_is_dry_anyway_is_not_baked_blind(): void
    {
        $pie = TroutQuiche::withLeeks(280)->withBake(new BakePlan([new Stage(190, OvenMode::Static, 50, Rack::Low)], StandsOn::Steel));
        $advice = ShellAdvice::of($pie);
        self::assertNotNull($advice);
        self::assertSame(ShellBake::Raw, $advice->choice);
        self::assertTrue($advice->isDryWithout);
        self::assertNull($advice->without, 'nothing else is needed');
    }

    public function test_weights_fill_the_lined_tin_to_its_rim(): void
    {
        $advice = ShellAdvice::of(TroutQuiche::pie());
        self::assertNotNull($advice);
        // a cylinder of 23.4 cm by 3.2 cm; dried pulses weigh about 0.8 g a ml (common practice, no source)
        self::assertEqualsWithDelta(M_PI * 11.7 ** 2 * 3.2, $advice->roomMl, 5.1);
        self::assertContains(PieWeight::Pulses, $advice->pieWeights);
        self::assertEqualsWithDelta(0.8, PieWeight::Pulses->gramsPerMl(), 0.05);
    }

    public function test_there_is_no_shell_to_bake_in_a_fold_nor_in_an_empty_tin(): void
    {
        self::assertNull(ShellAdvice::of(OtherPies::folds()));
        self::assertNull(ShellAdvice::of(Beginning::of(PieKind::Quiche)));
    }

    public function test_a_report_tells_events_in_their_order_with_ranges_around_them(): void
    {
        $report = self::report(TroutQuiche::pie());
        $minutes = array_map(static fn (ReportEvent $one): float => round($one->minutes, 1), $report->events);
        $sorted = $minutes;
        sort($sorted);
        self::assertSame($sorted, $minutes);
        foreach ($report->events as $event) {
            self::assertLessThanOrEqual($event->minutes, $event->lowMinutes);
            self::assertGreaterThanOrEqual($event->minutes, $event->highMinutes);
            self::assertSame($event->minutes <= $report->result->outMinutes, $event->isInPlan, $event->event->value);
        }
        $at = array_combine(array_map(static fn (ReportEvent $one): string => $one->event->value, $report->events), $minutes);
        self::assertTrue($at['edge-set'] < $at['time-to-look'] && $at['time-to-look'] < $at['set'], 'a custard sets from its edge');
        self::assertTrue($at['light-gold'] < $at['golden'] && $at['golden'] < ($at['dark'] ?? INF));
        self::assertTrue($at['set'] < $at['over'] && $at['over'] < ($at['tough'] ?? INF), 'nothing is past its best before it is set');
    }

    public function test_its_stages_follow_each_other_without_a_gap(): void
    {
        $stages = self::report(TroutQuiche::pie())->stages;
        self::assertSame([FilmStage::Weighted, FilmStage::Bare, FilmStage::Bake, FilmStage::Rest], array_map(static fn (ReportStage $one): FilmStage => $one->stage, $stages));
        for ($i = 1; $i < count($stages); $i++) {
            self::assertSame($stages[$i - 1]->toMinutes, $stages[$i]->fromMinutes);
        }
    }

    public function test_curves_have_as_many_points_each_and_end_when_it_comes_out(): void
    {
        $curves = self::report(TroutQuiche::pie())->curves;
        $counts = array_map(count(...), get_object_vars($curves));
        self::assertCount(1, array_unique($counts));
        self::assertLessThan(100, $counts['minutes']);
        self::assertGreaterThan(40, $counts['minutes']);
        $steps = array_map(static fn (float $to, float $from): float => $to - $from, array_slice($curves->minutes, 21, 10), array_slice($curves->minutes, 20, 10));
        self::assertEqualsWithDelta(max($steps), min($steps), 1e-9, 'evenly thinned');
        self::assertEqualsWithDelta(46, $curves->minutes[$counts['minutes'] - 1], 0.01);
        self::assertLessThan($curves->edgeCelsius[20], $curves->centreCelsius[20], 'the edge runs ahead of the middle');
    }

    public function test_it_loses_water_in_the_oven_as_quiches_do(): void
    {
        // 3 to 12 % of what goes in (common practice, no source)
        $lost = self::report(TroutQuiche::pie())->lostGrams / 1428;
        self::assertGreaterThan(0.03, $lost);
        self::assertLessThan(0.12, $lost);
    }

    public function test_a_dish_of_several_folds_counts_what_all_of_them_lose(): void
    {
        $pasties = OtherPies::folds();
        $baked = SimulatedBake::of(Weights::of($pasties));
        self::assertNotNull($baked);
        self::assertSame(6, $baked->units);
        self::assertEqualsWithDelta(6 * $baked->result->lostKg * 1000, BakeReport::of($baked)->lostGrams, 0.1);
        self::assertSame([], array_filter(BakeReport::of($baked)->events, static fn (ReportEvent $one): bool => $one->event === BakeEvent::Set), 'nothing sets without egg');
    }

    public function test_the_middle_still_rises_when_it_is_out(): void
    {
        // common practice, no source: a few degrees
        $rises = self::report(TroutQuiche::pie())->result->carriesOverKelvins;
        self::assertGreaterThan(0.5, $rises);
        self::assertLessThan(10.0, $rises);
    }

    private static function report(Pie $pie): BakeReport
    {
        $baked = SimulatedBake::of(Weights::of($pie));
        self::assertNotNull($baked);

        return BakeReport::of($baked);
    }
}
