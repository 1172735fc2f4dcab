<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Advice;

use Hojaldre\Core\Advice\KitchenMatch;
use Hojaldre\Core\Advice\Told;
use Hojaldre\Core\Advice\ToldSet;
use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Document\DocumentReader;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\Matched;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Pie\Beginning;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\PieKind;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Statement\Statement;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Kitchens with planted differences are baked in, told in words, and found again. */
final class KitchenMatchTest extends TestCase
{
    /** One bake alone cannot tell a cold oven from one that is weak below; several bakes of one kitchen can. */
    #[TestWith([-20.0, 1.0, 1.0])]
    #[TestWith([16.0, 1.0, 1.0])]
    #[TestWith([10.0, 1.5, 1.0])]
    #[TestWith([0.0, 0.6, 1.0])]
    public function test_planted_differences_are_found_again_from_three_bakes(float $kelvins, float $fromBelow, float $weep): void
    {
        $trout = TroutQuiche::pie();
        $bakes = array_map(static fn (Pie $pie): array => [$pie, self::told($pie, new Matched($kelvins, $fromBelow, $weep))], [
            $trout, $trout->withBake(BakePlan::plain(190, OvenMode::Static, 38)), TroutQuiche::soggy(360)->withBake(BakePlan::plain(180, OvenMode::Static, 48)),
        ]);
        $match = KitchenMatch::ofAll($bakes);
        self::assertNotNull($match);
        self::assertEqualsWithDelta($kelvins, $match->matched->ovenKelvins, 9.0);
        self::assertEqualsWithDelta(log($fromBelow), log($match->matched->fromBelowFactor), 0.4);
        self::assertEqualsWithDelta(log($weep), log($match->matched->weepFactor), 0.4);
        self::assertLessThan(0.25 * $match->misfitBefore + 0.1, $match->misfit);
    }

    #[TestWith([-20.0])]
    #[TestWith([18.0])]
    public function test_one_bake_tells_a_cold_oven_from_a_hot_one(float $kelvins): void
    {
        $match = KitchenMatch::of(TroutQuiche::pie(), self::told(TroutQuiche::pie(), new Matched($kelvins, 1.0, 1.0)));
        self::assertNotNull($match);
        self::assertGreaterThan(0.0, $match->matched->ovenKelvins / $kelvins);
        self::assertLessThan(0.1 * $match->misfitBefore, $match->misfit);
    }

    public function test_with_the_match_the_forecast_says_what_was_told(): void
    {
        $pie = TroutQuiche::pie();
        foreach ([new Matched(-18, 0.8, 1.0), new Matched(18, 1.3, 1.0)] as $kitchen) {
            $told = self::told($pie, $kitchen);
            $match = KitchenMatch::of($pie, $told);
            self::assertNotNull($match);
            $bake = $match->after->bake;
            self::assertNotNull($bake);
            // the prior may stop it just short of a word: by this little nobody sees it
            $top = $bake->result->browned->topIndex;
            self::assertContains($told->top, [Brownness::of($top - 0.01), Brownness::of($top), Brownness::of($top + 0.01)]);
            self::assertContains($told->base, [BaseVerdict::of($bake->base() - 0.01, 1.0), BaseVerdict::of($bake->base(), 1.0), BaseVerdict::of($bake->base() + 0.01, 1.0)]);
            self::assertFalse($match->isUsual());
            self::assertContains('match.explains', self::codes($match));
        }
    }

    public function test_what_a_usual_oven_explains_moves_nothing(): void
    {
        $pie = TroutQuiche::pie();
        $match = KitchenMatch::of($pie, self::told($pie, new Matched(0, 1, 1)));
        self::assertNotNull($match);
        self::assertTrue($match->isUsual());
        self::assertSame(['match.as-usual'], self::codes($match));
        self::assertEqualsWithDelta(0.0, $match->matched->ovenKelvins, 1.0);
    }

    public function test_a_pale_underside_alone_is_heat_from_below_more_than_a_cold_oven(): void
    {
        $pie = TroutQuiche::pie()->withBake(TroutQuiche::pie()->bake->withMinutes(60));
        $told = self::told($pie, new Matched(0, 0.55, 1));
        $match = KitchenMatch::of($pie, $told);
        self::assertNotNull($match);
        self::assertLessThan(1.0, $match->matched->fromBelowFactor);
    }

    public function test_an_accepted_match_changes_the_forecast_and_stays_with_the_pie(): void
    {
        $pie = TroutQuiche::pie();
        $cold = $pie->withBake($pie->bake->withMatched(new Matched(-25, 1, 1)));
        $minute = static fn (Pie $one): float => Forecast::roughly($one)->bake?->minute(BakeEvent::TimeToLook) ?? NAN;
        self::assertGreaterThan($minute($pie) + 3, $minute($cold));
        self::assertContains('assumption.matched', array_map(static fn (Statement $one): string => $one->code, Forecast::roughly($cold)->assumptions()));
        self::assertEquals($cold->bake->matched, $cold->bake->withMinutes(50)->withColour($cold->bake->colour)->withOn($cold->bake->on)->matched);
    }

    public function test_nothing_told_is_refused_and_an_empty_tin_is_not_matched(): void
    {
        self::assertNull(KitchenMatch::of(Beginning::of(PieKind::Quiche), new Told(ToldSet::Tough)));
        $this->expectException(Refused::class);
        DocumentReader::read(Told::class, ['set' => null, 'base' => null, 'top' => null, 'underside' => null]);
    }

    /** What a cook in that kitchen would say. */
    private static function told(Pie $pie, Matched $kitchen): Told
    {
        $bake = Forecast::roughly($pie->withBake($pie->bake->withMatched($kitchen)))->bake;
        self::assertNotNull($bake);
        $out = $pie->bake->minutes();

        return new Told(match (true) {
            $out < $bake->minute(BakeEvent::TimeToLook) => ToldSet::Runny,
            $out < $bake->minute(BakeEvent::Over) => ToldSet::Tender,
            $out < $bake->minute(BakeEvent::Tough) => ToldSet::Firm,
            default => ToldSet::Tough,
        }, BaseVerdict::of($bake->base(), $bake->result->baseBakedShare), Brownness::of($bake->result->browned->topIndex), Brownness::of($bake->result->browned->undersideIndex));
    }

    /** @return list<string> */
    private static function codes(KitchenMatch $match): array
    {
        return array_map(static fn (Statement $one): string => $one->code, $match->says());
    }
}
