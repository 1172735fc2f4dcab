<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Record;

use Hojaldre\Core\AtOven\Compared;
use Hojaldre\Core\AtOven\Seen;
use Hojaldre\Core\AtOven\Trace;
use Hojaldre\Core\Bake\BakeDeviation;
use Hojaldre\Core\Bake\BakeInput;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Normal;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Oven\ColourWish;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Record\ColourWord;
use Hojaldre\Core\Record\KitchenDraw;
use Hojaldre\Core\Record\Observation;
use Hojaldre\Core\Record\OvenEvidence;
use Hojaldre\Core\Record\OvenLearned;
use Hojaldre\Core\Record\OvenNet;
use Hojaldre\Core\Record\PaceLearned;
use Hojaldre\Core\Record\SaltWord;
use Hojaldre\Core\Record\TrialBake;
use Hojaldre\Core\Record\WishLearned;
use Hojaldre\Core\Record\YieldLearned;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

/** What a kitchen learns, in kitchens whose truth is hidden from it. */
final class LearningTest extends TestCase
{
    private const KITCHENS = 40;

    /** @return list<Pie> */
    private static function pies(): array
    {
        return [TroutQuiche::pie(), OtherPies::shallow(), OtherPies::nutsOnTop(), OtherPies::folds(), TroutQuiche::withCustard(200, 400)];
    }

    private static function input(Pie $pie): BakeInput
    {
        return BakeInputs::of(Weights::of($pie));
    }

    /** A net is of its pie, whatever is told of it: each is baked once. */
    private static function net(Pie $pie): OvenNet
    {
        static $nets = [];

        return $nets[serialize($pie)] ??= OvenNet::of(self::input($pie), true);
    }

    /** @return list<Observation> the words that would be told of it */
    private static function words(TrialBake $true, Pie $pie): array
    {
        $underside = Observation::underside(BaseVerdict::of($true->baseRatio, $true->baseBakedShare));

        return [...($underside === null ? [] : [$underside]), Observation::colour(ColourWord::of($true->topIndex, $pie->bake->colour), $pie->bake->colour)];
    }

    private static function probed(Pie $pie, TrialBake $true, Normal $draw): OvenEvidence
    {
        $off = $draw->next();
        $readings = array_map(static fn (int $half): array => [$half / 2, $true->possible->celsiusAt($half / 2) + $off + 0.4 * $draw->next()], range(0, (int) (2 * $pie->bake->minutes())));

        return self::net($pie)->evidence(Trace::of($readings), self::words($true, $pie));
    }

    /** A look at 85 in 100 and one when it comes out, by an eye that is a minute and a half unsure. */
    private static function byEye(Pie $pie, TrialBake $true, Normal $draw): OvenEvidence
    {
        $picture = TrialBake::run(self::input($pie), new BakeDeviation)->possible;
        $told = self::words($true, $pie);
        foreach ([0.85, 1.0] as $share) {
            $minute = $share * $pie->bake->minutes();
            $mm = $picture->trembleMmAt($minute);
            if ($mm > 15) {
                $behind = $true->possible->tremblesUpToMinute($mm) - $minute + 1.5 * $draw->next();
                $told[] = Observation::seen(new Seen($minute, $mm, $behind > 1.5 ? Compared::More : ($behind < -1.5 ? Compared::Less : Compared::Like)));
            }
        }

        return self::net($pie)->evidence(null, $told);
    }

    public function test_an_oven_is_found_within_three_degrees_after_five_probed_bakes_and_five_after_eight_by_cues(): void
    {
        $draw = new Normal(19);
        $byProbe = $byEye = $in = 0;
        $before = $after = [];
        $closer = 0;
        $width = [0.0, 0.0];
        for ($kitchen = 0; $kitchen < self::KITCHENS; $kitchen++) {
            [$oven, $below] = [10 * $draw->next(), exp(0.25 * $draw->next())];
            $probed = $eyed = [];
            foreach (range(0, 7) as $n) {
                $pie = self::pies()[($kitchen + $n) % 5];
                $true = TrialBake::run(self::input($pie), KitchenDraw::one($draw, $oven, $below));
                if ($n < 5) {
                    $probed[] = self::probed($pie, $true, $draw);
                }
                $custard = [TroutQuiche::pie(), OtherPies::shallow(), OtherPies::nutsOnTop(), TroutQuiche::withCustard(200, 400)][($kitchen + $n) % 4];
                $eyed[] = self::byEye($custard, TrialBake::run(self::input($custard), KitchenDraw::one($draw, $oven, $below)), $draw);
            }
            $learned = OvenLearned::from($probed);
            $seen = OvenLearned::from($eyed);
            $byProbe += abs($learned->ovenKelvins - $oven) <= 3 ? 1 : 0;
            $byEye += abs($seen->ovenKelvins - $oven) <= 5 ? 1 : 0;
            $in += $oven >= $learned->lowKelvins && $oven <= $learned->highKelvins ? 1 : 0;
            [$missBefore, $missAfter] = self::misses($oven, $below, $learned);
            $before[] = $missBefore;
            $after[] = $missAfter;
            $closer += $missAfter < $missBefore ? 1 : 0;
            self::assertLessThanOrEqual(max(1.1 * $missBefore, 0.5), $missAfter, 'never worse by a tenth, or by half a minute where nothing was wrong');
            $width[0] += $learned->highKelvins - $learned->lowKelvins;
            $width[1] += $seen->highKelvins - $seen->lowKelvins;
        }
        self::assertGreaterThanOrEqual(0.85 * self::KITCHENS, $byProbe);
        self::assertGreaterThanOrEqual(0.85 * self::KITCHENS, $byEye);
        self::assertGreaterThanOrEqual(0.75 * self::KITCHENS, $in, 'eight in ten lie in the range');
        self::assertLessThan($width[1], $width[0], 'a probe is surer than an eye');
        self::assertGreaterThanOrEqual(0.95 * self::KITCHENS, $closer);
        self::assertLessThan(array_sum($before) / 4, array_sum($after));
    }

    /** @return array{float, float} minutes that the forecast of the next bake misses, before and after what was learned was taken */
    private static function misses(float $oven, float $below, OvenLearned $learned): array
    {
        $sum = [0.0, 0.0];
        foreach ([TroutQuiche::pie(), OtherPies::folds(), OtherPies::nutsOnTop()] as $pie) {
            $ready = static fn (BakeDeviation $kitchen): float => TrialBake::run(self::input($pie), $kitchen)->possible->readyMinute;
            $true = $ready(new BakeDeviation(ovenKelvins: $oven, fromBelowFactor: $below));
            $sum[0] += abs($ready(new BakeDeviation) - $true) / 3;
            $sum[1] += abs($ready(new BakeDeviation(ovenKelvins: $learned->ovenKelvins, fromBelowFactor: $learned->fromBelowFactor)) - $true) / 3;
        }

        return $sum;
    }

    public function test_without_any_bake_nothing_is_learned(): void
    {
        $none = OvenLearned::from([]);
        self::assertEqualsWithDelta(0.0, $none->ovenKelvins, 1e-9);
        self::assertEqualsWithDelta(1.0, $none->fromBelowFactor, 1e-9);
        self::assertEqualsWithDelta(1.2816 * 12, $none->highKelvins, 1.0, 'as wide as kitchens commonly are');
        self::assertSame(0, $none->bakes);
    }

    public function test_a_soggy_base_with_a_golden_top_says_weak_below_and_a_pale_one_says_a_cold_oven(): void
    {
        $pie = TroutQuiche::pie();
        $soggy = Observation::underside(BaseVerdict::Soggy) ?? self::fail('soggy is a word of the scale');
        $below = OvenLearned::from([self::net($pie)->evidence(null, [$soggy, Observation::colour(ColourWord::Golden, ColourWish::Gold)])]);
        self::assertLessThan(1.0, $below->fromBelowFactor);
        $pale = OvenLearned::from([self::net($pie)->evidence(null, [Observation::colour(ColourWord::Pale, ColourWish::Gold)])]);
        self::assertLessThan(-3.0, $pale->ovenKelvins);
        self::assertNull(Observation::underside(BaseVerdict::Raw));
    }

    public function test_a_yield_is_within_three_points_after_five_weighings(): void
    {
        $draw = new Normal(23);
        $within = 0;
        for ($kitchen = 0; $kitchen < 200; $kitchen++) {
            $true = 0.6 + 0.08 * $draw->next();
            $learned = YieldLearned::from(array_map(static fn (): float => $true + 0.04 * $draw->next(), range(1, 5)), 0.6);
            $within += abs($learned->share - $true) <= 0.03 ? 1 : 0;
            self::assertLessThan(0.06, $learned->high - $learned->low);
        }
        self::assertGreaterThanOrEqual(170, $within);
    }

    /** House 72 %, sure to 8 points; two weighings of 60 %, each to 4: (0.72/64 + 2 x 0.6/16) / (1/64 + 2/16). */
    public function test_a_yield_by_hand(): void
    {
        self::assertEqualsWithDelta((0.72 / 64 + 1.2 / 16) / (1 / 64 + 2 / 16), YieldLearned::from([0.6, 0.6], 0.72)->share, 1e-12);
        self::assertSame(0.72, round(YieldLearned::from([], 0.72)->share, 12));
    }

    /** By hand: logs of 1, 2 and 4 stand log 2 apart, so their deviation is 0.693; 1.2816 x 1.2533 x 0.693 / root 3 = 0.643, exp 1.902. */
    public function test_a_pace_by_hand(): void
    {
        $wide = PaceLearned::from([4.0, 1.0, 2.0]);
        self::assertEqualsWithDelta(2.0, $wide->factor, 1e-9);
        self::assertEqualsWithDelta(2 / 1.902, $wide->low, 0.002);
        self::assertEqualsWithDelta(2 * 1.902, $wide->high, 0.004);
        // marks that agree to the minute are no more than ten in a hundred sure: 1.606 x 0.1 / 2 = 0.0803, exp 1.0836
        $same = PaceLearned::from([1.5, 1.5, 1.5, 1.5]);
        self::assertEqualsWithDelta(1.5 * 1.0836, $same->high, 0.001);
        self::assertEqualsWithDelta(1.5 / 1.0836, $same->low, 0.001);
    }

    public function test_the_colour_that_is_nearest_to_a_brownness(): void
    {
        self::assertSame([ColourWish::Pale, ColourWish::Straw, ColourWish::Gold, ColourWish::Deep], array_map(ColourWish::nearest(...), [0.1, 0.6, 1.2, 1.9]));
    }

    public function test_salt_and_colour_are_learned_from_what_was_called_right(): void
    {
        $salt = WishLearned::salt([[0.8, SaltWord::Bland], [1.5, SaltWord::Enough], [1.6, SaltWord::Enough], [1.1, SaltWord::Bland], [1.5, SaltWord::Enough]]);
        self::assertEqualsWithDelta(1.5, $salt->value, 0.15);
        self::assertLessThan(1.15, WishLearned::salt([[0.9, SaltWord::Salty], [0.7, SaltWord::Enough]])->value);
        self::assertEqualsWithDelta(1.15, WishLearned::salt([])->value, 0.01);
        self::assertGreaterThan(1.3, WishLearned::colour([[1.2, ColourWord::Pale], [1.8, ColourWord::Golden], [1.9, ColourWord::Golden]])->value);
        self::assertSame(3, WishLearned::colour([[1.2, ColourWord::Pale], [1.8, ColourWord::Golden], [1.9, ColourWord::Golden]])->bakes);
        self::assertGreaterThan($salt->low, $salt->high);
    }
}
