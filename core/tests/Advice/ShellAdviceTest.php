<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Advice;

use Hojaldre\Core\Advice\ShellAdvice;
use Hojaldre\Core\Forecast\BakeReport;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

/** Par-bake or not, and what a bake reports. */
final class ShellAdviceTest extends TestCase
{
    public function test_the_choice_is_the_least_work_that_keeps_the_base_dry(): void
    {
        foreach ([TroutQuiche::pie(), TroutQuiche::withLeeks(280), self::demo('fennel-and-blue-cheese-tart')] as $pie) {
            $advice = ShellAdvice::of($pie);
            self::assertNotNull($advice);
            $dry = array_values(array_filter($advice['options'], static fn (array $one): bool => $one['basePercent'] <= BaseVerdict::DRY_TO));
            self::assertSame($dry[0]['name'] ?? 'bake through', $advice['choice']);
            self::assertSame(['no', 'par-bake', 'bake through'], array_column($advice['options'], 'name'));
            $wet = array_column($advice['options'], 'basePercent');
            self::assertTrue($wet[0] > $wet[1] && $wet[1] > $wet[2], 'the further the shell is baked the drier it comes out');
        }
    }

    public function test_a_base_that_is_dry_anyway_is_not_baked_blind(): void
    {
        $pie = TroutQuiche::withLeeks(280)->withBake(new BakePlan([new Stage(190, 'static', 50, 'low')], 'steel'));
        $advice = ShellAdvice::of($pie);
        self::assertSame('no', $advice['choice'] ?? null, (string) ($advice['why'] ?? ''));
        self::assertStringContainsString('nothing else is needed', (string) ($advice['without'] ?? ''));
    }

    public function test_weights_fill_the_lined_tin_to_its_rim(): void
    {
        $weights = ShellAdvice::of(TroutQuiche::pie())['weights'] ?? null;
        self::assertIsArray($weights);
        // a cylinder of 23.4 cm by 3.2 cm; dried pulses weigh about 0.8 g a ml (common practice, no source)
        self::assertEqualsWithDelta(M_PI * 11.7 ** 2 * 3.2, $weights['millilitres'], 5.1);
        self::assertEqualsWithDelta(0.8 * $weights['millilitres'], array_column($weights['grams'], 'grams', 'name')['dried pulses'], 6);
    }

    public function test_there_is_no_shell_to_bake_in_a_fold_nor_in_an_empty_tin(): void
    {
        self::assertNull(ShellAdvice::of(self::demo('chicken-tarragon-and-leek-pasties')));
        self::assertNull(ShellAdvice::of(Pie::blank()));
    }

    public function test_a_report_tells_events_in_their_order_with_ranges_around_them(): void
    {
        $report = self::report(TroutQuiche::pie());
        $minutes = array_column($report['events'], 'minute');
        $sorted = $minutes;
        sort($sorted);
        self::assertSame($sorted, $minutes);
        foreach ($report['events'] as $event) {
            self::assertLessThanOrEqual($event['minute'], $event['low']);
            self::assertGreaterThanOrEqual($event['minute'], $event['high']);
            self::assertSame($event['minute'] <= $report['minutes'] + 0.05, $event['isInPlan'], $event['name']);
        }
        $at = array_column($report['events'], 'minute', 'name');
        self::assertTrue($at['edge-set'] < $at['time-to-look'] && $at['time-to-look'] < $at['set'], 'a custard sets from its edge');
        self::assertTrue($at['light-gold'] < $at['golden'] && $at['golden'] < $at['dark']);
    }

    public function test_its_stages_follow_each_other_without_a_gap(): void
    {
        $stages = self::report(TroutQuiche::pie())['stages'];
        self::assertSame(['weighted', 'bare', 'bake', 'rest'], array_column($stages, 'name'));
        for ($i = 1; $i < count($stages); $i++) {
            self::assertSame($stages[$i - 1]['to'], $stages[$i]['from']);
        }
    }

    public function test_curves_have_as_many_points_each_and_end_when_it_comes_out(): void
    {
        $report = self::report(TroutQuiche::pie());
        $counts = array_map(count(...), $report['curves']);
        self::assertCount(1, array_unique($counts));
        self::assertLessThan(100, $counts['minutes']);
        self::assertEqualsWithDelta(46, $report['curves']['minutes'][$counts['minutes'] - 1], 0.01);
        self::assertLessThan($report['curves']['edge'][20], $report['curves']['centre'][20], 'the edge runs ahead of the middle');
    }

    public function test_it_loses_water_in_the_oven_as_quiches_do(): void
    {
        // 3 to 12 % of what goes in (common practice, no source)
        $lost = self::report(TroutQuiche::pie())['lostGrams'] / 1428;
        self::assertGreaterThan(0.03, $lost);
        self::assertLessThan(0.12, $lost);
    }

    public function test_a_dish_of_several_folds_counts_what_all_of_them_lose(): void
    {
        $pasties = self::demo('chicken-tarragon-and-leek-pasties');
        $baked = SimulatedBake::of($pasties);
        self::assertNotNull($baked);
        self::assertSame(6, $baked->units);
        self::assertEqualsWithDelta(6 * $baked->result->lostKg * 1000, BakeReport::of($baked)['lostGrams'], 0.1);
        self::assertSame([], array_filter(BakeReport::of($baked)['events'], static fn (array $event): bool => $event['name'] === 'set'), 'nothing sets without egg');
    }

    public function test_the_middle_still_rises_when_it_is_out(): void
    {
        // common practice, no source: a few degrees
        $rises = self::report(TroutQuiche::pie())['carriesOverKelvins'];
        self::assertGreaterThan(0.5, $rises);
        self::assertLessThan(10.0, $rises);
    }

    /** @return array<string, mixed> */
    private static function report(Pie $pie): array
    {
        $baked = SimulatedBake::of($pie);
        self::assertNotNull($baked);

        return BakeReport::of($baked);
    }

    private static function demo(string $name): Pie
    {
        return PieFile::read((string) file_get_contents(__DIR__."/../../../database/data/demo/$name.json"));
    }
}
