<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Record;

use Hojaldre\Core\Bake\BakeDeviation;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Record\CauseName as Cause;
use Hojaldre\Core\Record\DoneBake;
use Hojaldre\Core\Record\NextTime;
use Hojaldre\Core\Record\TrialBake;
use Hojaldre\Core\Statement\Statement;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What to change, in grams, minutes and degrees. */
final class NextTimeTest extends TestCase
{
    private static function quiche(mixed ...$with): DoneBake
    {
        return new DoneBake(...['designed' => TroutQuiche::pie(), 'done' => TroutQuiche::pie(), ...$with]);
    }

    private static function lasted(float $minutes): Pie
    {
        return TroutQuiche::pie()->withBake(TroutQuiche::pie()->bake->withMinutes($minutes));
    }

    /** @return iterable<string, array{Cause, DoneBake, string, array<string, float|string>}> */
    public static function changes(): iterable
    {
        // 450 g of leeks are designed to end at 315, 180 of trout stay 180
        yield 'leeks that nobody weighed' => [Cause::WetFilling, self::quiche(), 'next.wet-filling-to', ['food' => 'Leeks', 'stopGrams' => 315.0]];
        yield 'leeks that were too wet' => [Cause::WetFilling, self::quiche(done: TroutQuiche::withLeeks(375), weighed: ['leeks']), 'next.wet-filling-to', ['food' => 'Leeks', 'stopGrams' => 315.0]];
        yield 'leeks that were too dry' => [Cause::DryFilling, self::quiche(done: TroutQuiche::withLeeks(250), weighed: ['leeks']), 'next.dry-filling-to', ['food' => 'Leeks', 'stopGrams' => 315.0]];
        yield 'onions have more to lose than celeriac' => [Cause::WetFilling, new DoneBake(OtherPies::deep(), OtherPies::deep()), 'next.wet-filling-to', ['food' => 'Onions', 'stopGrams' => 225.0]];
        yield 'custard as designed' => [Cause::ThinCustard, self::quiche(), 'next.thin-custard-to', ['eggGrams' => 250.0, 'dairyGrams' => 427.8]];
        yield 'and for egg' => [Cause::EggyCustard, self::quiche(), 'next.eggy-custard-to', ['eggGrams' => 250.0, 'dairyGrams' => 427.8]];
        yield 'no custard in it' => [Cause::ThinCustard, new DoneBake(OtherPies::folds(), OtherPies::folds()), 'next.thin-custard', []];
        yield 'an oven that read 18 too cold' => [Cause::OvenCold, self::quiche(ovenCelsius: -18.2), 'next.oven-cold-to', ['offKelvins' => 18.0]];
        yield 'an oven that read 12 too hot' => [Cause::OvenHot, self::quiche(ovenCelsius: 12.0), 'next.oven-hot-to', ['offKelvins' => 12.0]];
        yield 'one that read hot was not cold' => [Cause::OvenCold, self::quiche(ovenCelsius: 12.0), 'next.oven-cold', []];
        yield 'nobody measured' => [Cause::OvenCold, self::quiche(), 'next.oven-cold', []];
        yield 'a probe that ran ahead is no cold oven' => [Cause::OvenCold, self::quiche(behindMinutes: -4.0), 'next.oven-cold', []];
        yield 'out early' => [Cause::OutEarly, self::quiche(done: self::lasted(40)), 'next.out-early-to', ['bakeMinutes' => 46.0, 'lookMinutes' => 39.0]];
        yield 'out late' => [Cause::OutLate, self::quiche(done: self::lasted(60)), 'next.out-late-to', ['bakeMinutes' => 46.0, 'lookMinutes' => 39.0]];
        yield 'out as designed' => [Cause::OutLate, self::quiche(), 'next.out-late', []];
        yield 'early is not late' => [Cause::OutLate, self::quiche(done: self::lasted(40)), 'next.out-late', []];
        yield 'rolled too thick' => [Cause::ThickCrust, self::quiche(), 'next.thick-crust-to', ['crustMm' => 3.0]];
        yield 'a hot filling' => [Cause::HotFilling, self::quiche(fillingCelsius: 60.0), 'next.hot-filling-to', ['fillingCelsius' => round(Weights::of(TroutQuiche::pie())->startCelsius())]];
        yield 'what has no figure' => [Cause::NotGreased, self::quiche(), 'next.not-greased', []];
    }

    /** @param  array<string, float|string>  $with */
    #[DataProvider('changes')]
    public function test_the_change_is_told_in_figures_where_there_are_some(Cause $cause, DoneBake $bake, string $code, array $with): void
    {
        $says = NextTime::of($cause, $bake);
        self::assertSame($code, $says->code);
        self::assertEqualsWithDelta($with, $says->with, 1e-9);
    }

    public function test_salt_is_told_in_grams_over_and_under_what_cooks_aim_at(): void
    {
        $salted = static fn (float $grams): Pie => TroutQuiche::pie()->withSeasonings([TroutQuiche::pie()->seasonings[0]->with($grams)]);
        $at = static fn (Cause $cause, float $grams): Statement => NextTime::of($cause, self::quiche(done: $salted($grams)));
        // ten grams more, of which 99.8 in 100 are salt: (9.98 - 0.0105 x 10) / (1 - 0.0105) have to be left out again
        $much = $at(Cause::SaltOnSalt, 20.0);
        self::assertSame('next.salt-on-salt-to', $much->code);
        self::assertEqualsWithDelta((9.98 - 0.105) / 0.9895, (float) $at(Cause::SaltOnSalt, 30.0)->with['saltGrams'] - (float) $much->with['saltGrams'], 1e-6);
        self::assertSame('next.salt-on-salt', $at(Cause::SaltOnSalt, 0.0)->code, 'there is none to leave out');
        $cheesy = TroutQuiche::pie()->withLayers([TroutQuiche::leeks()->withNow(150), TroutQuiche::custard(), ...array_filter(OtherPies::shallow()->solids(), static fn (SolidLayer $one): bool => $one->id === 'blue-cheese')])->withSeasonings([TroutQuiche::pie()->seasonings[0]->with(9.0)]);
        self::assertLessThanOrEqual(9.0, NextTime::of(Cause::SaltOnSalt, self::quiche(done: $cheesy))->with['saltGrams'], 'no more than was put in');
        self::assertSame('next.salt-forgotten', $at(Cause::SaltForgotten, 20.0)->code);
        $little = $at(Cause::SaltForgotten, 0.0);
        self::assertSame('next.salt-forgotten-to', $little->code);
        self::assertGreaterThan(0.5, $little->with['saltGrams']);
    }

    public function test_a_probe_that_ran_behind_says_how_many_degrees_are_missing(): void
    {
        $input = BakeInputs::of(Weights::of(TroutQuiche::pie()));
        $ready = static fn (float $kelvins): float => TrialBake::run($input, new BakeDeviation(ovenKelvins: $kelvins))->possible->readyMinute;
        foreach ([-30.0, -20.0, -10.0] as $kelvins) {
            $says = NextTime::of(Cause::OvenCold, self::quiche(behindMinutes: $ready($kelvins) - $ready(0.0)));
            self::assertEqualsWithDelta(-$kelvins, $says->with['offKelvins'], 5.0, "an oven $kelvins K off");
        }
        $hot = NextTime::of(Cause::OvenHot, self::quiche(behindMinutes: $ready(15.0) - $ready(0.0)));
        self::assertEqualsWithDelta(15.0, $hot->with['offKelvins'], 5.0);
        self::assertSame(40.0, NextTime::of(Cause::OvenCold, self::quiche(behindMinutes: 300.0))->with['offKelvins'], 'no dial is turned further by that');
        self::assertSame(5.0, NextTime::of(Cause::OvenCold, self::quiche(behindMinutes: 0.2))->with['offKelvins']);
    }
}
