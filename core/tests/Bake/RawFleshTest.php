<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\PieceCentre;
use Hojaldre\Core\Bake\RawPiece;
use Hojaldre\Core\Custard\CustardStyle;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\ReadingState;
use Hojaldre\Core\Forecast\Readings\Verdict;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pastry\Lining;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\Step;
use Hojaldre\Core\Safety\WarmingLimits;
use Hojaldre\Core\Statement\Statement;
use Hojaldre\Core\Tests\RandomPie;
use Hojaldre\Core\Tests\TroutQuiche;
use Hojaldre\Core\Tin\MeasuredDish;
use Hojaldre\Core\Tin\Springform;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Raw flesh in a pie: the middle of its coldest piece decides. */
final class RawFleshTest extends TestCase
{
    /**
     * A sphere whose surface is at once as warm as the oven of the books: what is left of the difference in its middle at a t / R^2
     * (docs/sources.md#incropera, series of the sphere, summed by hand: 2 (e^(-pi^2 Fo) - e^(-4 pi^2 Fo) + e^(-9 pi^2 Fo))).
     */
    #[TestWith([0.05, 0.9660])]
    #[TestWith([0.1, 0.7071])]
    #[TestWith([0.2, 0.2771])]
    #[TestWith([0.3, 0.1035])]
    public function test_the_middle_of_a_sphere_warms_as_the_books_have_it(float $fourier, float $left): void
    {
        $piece = new PieceCentre(new RawPiece(10.0, 5.0, 1.4e-7));
        $seconds = $fourier * 0.010 ** 2 / 1.4e-7;
        $piece->after(75.0, 0.0);
        self::assertEqualsWithDelta($left, (75 - $piece->after(75.0, $seconds)) / 70, 0.004);
    }

    /** Where the surface rises by so much a second for long, the middle stays behind it by that times R^2 / (6 a) (docs/sources.md#incropera). */
    public function test_it_lags_behind_a_filling_that_warms_evenly(): void
    {
        $piece = new PieceCentre(new RawPiece(15.0, 5.0, 1.3e-7));
        $middle = $surface = 5.0;
        for ($n = 0; $n < 200; $n++) {
            $surface += 0.02 * 20;
            $middle = $piece->after($surface, 20.0);
        }
        self::assertEqualsWithDelta(0.02 * 0.015 ** 2 / (6 * 1.3e-7), $surface - $middle, 0.2);
    }

    /** Raw chicken from the fridge under gravy from the hob: the gravy's heat is not the chicken's. */
    public function test_hot_gravy_does_not_make_cold_chicken_warm(): void
    {
        $under = static fn (float $celsius, string $words = '500 g'): float => self::safeMinute(self::gravyPie($celsius, $words));
        self::assertGreaterThan(20.0, $under(90.0), 'by the mean of both it would be 12');
        self::assertGreaterThan($under(90.0) + 5, $under(90.0, '2 breasts'), 'a whole breast takes longer than dice');
        self::assertLessThan($under(20.0) + 0.5, $under(90.0), 'hot gravy is no worse than cold');
    }

    /** A step that says nothing of cooking leaves it raw, and asks. */
    public function test_trimmed_chicken_is_raw_and_the_reading_asks(): void
    {
        $pie = self::gravyPie(20.0, '500 g', 'trimmed', 400);
        self::assertSame(ReadingState::Outside, self::safe($pie->withBake($pie->bake->withMinutes(25)))->state);
        self::assertContains('safe.counts-as-raw', array_map(static fn (Statement $one): string => $one->code, self::safe($pie)->reasons));
        $boiled = self::gravyPie(20.0, '500 g', 'boiled', 400);
        self::assertNotContains('safe.counts-as-raw', array_map(static fn (Statement $one): string => $one->code, self::safe($boiled)->reasons));
    }

    /** Food codes: four hours in all between fridge and heat for what is raw, two for what is made hot again (docs/sources.md#food-code). */
    public function test_a_pie_that_warms_too_slowly_is_refused_however_hot_it_ends(): void
    {
        self::assertSame([240.0, 120.0], [WarmingLimits::minutes(false), WarmingLimits::minutes(true)]);
        $deep = self::deep(145.0, [240.0, 240.0]);
        $reading = self::safe($deep);
        self::assertSame([Verdict::WarmsTooSlowly, ReadingState::Outside], [$reading->verdict, $reading->state]);
        self::assertSame('safe.warms-too-slowly', $reading->reasons[0]->code);
        self::assertNotSame(Verdict::WarmsTooSlowly, self::safe(TroutQuiche::pie())->verdict);
    }

    public function test_what_is_not_simulated_is_not_called_safe(): void
    {
        $cool = self::deep(120.0, [240.0, 240.0]);
        self::assertSame([Verdict::NotSimulated, ReadingState::Outside], [self::safe($cool)->verdict, self::safe($cool)->state]);
        $of = static fn (SolidLayer $layer): Verdict => self::safe(TroutQuiche::pie()->withLayers([$layer, TroutQuiche::custard()]))->verdict;
        $breast = static fn (string $words, string $step = '', float $from = 5.0): SolidLayer => new SolidLayer('one', Pantry::food('chicken-breast'), new Amount($words, 300), $step === '' ? [] : [new Step($step, Amount::of(300))], null, $from);
        self::assertSame(Verdict::NotSimulated, $of($breast('2 stuffed breasts')));
        self::assertSame(Verdict::NotSimulated, $of($breast('300 g', 'sous-vide at 58 °C')));
        self::assertSame(Verdict::NotSimulated, $of($breast('300 g', '', -18.0)), 'frozen flesh in a filling that is not');
        self::assertNotSame(Verdict::NotSimulated, $of($breast('300 g')));
    }

    /** A custard that is taken out by its sign is hot by then; flesh gives none. */
    public function test_a_custard_is_safe_when_it_is_set_and_raw_flesh_never_by_a_sign(): void
    {
        $between = static function (Pie $pie): Verdict {
            $reading = self::safe($pie);

            return self::safe($pie->withBake($pie->bake->withMinutes(((float) $reading->value + (float) $reading->high) / 2)))->verdict;
        };
        self::assertSame(Verdict::SafeWhenSet, $between(TroutQuiche::pie()));
        self::assertSame(Verdict::NotYetSafe, $between(TroutQuiche::withRawFish()));
        $early = TroutQuiche::pie()->withBake(TroutQuiche::pie()->bake->withMinutes(20));
        self::assertSame(Verdict::NotYetSafe, self::safe($early)->verdict, 'not set, so not safe');
    }

    /** What is told agrees with the range beside it, to the digit. */
    public function test_minutes_to_spare_are_those_between_the_end_of_the_range_and_the_planned_ones(): void
    {
        foreach ([34, 38, 41, 44, 52] as $minutes) {
            $pie = TroutQuiche::withRawFish();
            $reading = self::safe($pie->withBake($pie->bake->withMinutes($minutes)));
            self::assertNotNull($reading->high);
            self::assertSame(ceil($reading->high), $reading->high, 'whole minutes');
            self::assertSame($reading->high <= $minutes ? Verdict::Safe : Verdict::NotYetSafe, $reading->verdict);
            $told = array_values(array_filter($reading->reasons, static fn (Statement $one): bool => in_array($one->code, ['safe.to-spare', 'safe.too-early'], true)))[0];
            self::assertSame(abs($reading->high - $minutes), $told->with['spareMinutes']);
        }
    }

    /** What the reading asks for is enough when it is given, however short the planned minutes were: past them it is only thought on. */
    public function test_the_minutes_that_are_asked_for_are_enough(): void
    {
        foreach ([TroutQuiche::withRawFish(), self::gravyPie(5.0, '500 g'), ...RandomPie::many(12, 77)] as $pie) {
            foreach ([6.0, 12.0, 20.0] as $minutes) {
                $one = $pie->withBake($pie->bake->withStages([$pie->bake->first()->with(minutes: $minutes)]));
                $bake = SimulatedBake::of(Weights::of($one));
                $asked = $bake?->safeByMinute() ?? INF;
                if (! is_finite($asked) || $asked > 200 || $asked <= $minutes) {
                    continue;
                }
                $given = SimulatedBake::of(Weights::of($one->withBake($one->bake->withMinutes($asked))));
                self::assertLessThanOrEqual($asked, $given?->safeByMinute());
            }
        }
    }

    private static function gravyPie(float $gravyCelsius, string $words, string $step = '', float $now = 500): Pie
    {
        $chicken = new SolidLayer('chicken', Pantry::food('chicken-breast'), new Amount($words, 500), $step === '' ? [] : [new Step($step, Amount::of($now))], null, 5.0);
        $gravy = new CustardLayer('gravy', CustardStyle::Tender, [], [new Ingredient(Pantry::food('chicken-stock'), Amount::of(400))], [], $gravyCelsius, [new Ingredient(Pantry::food('flour'), Amount::of(30))]);

        return new Pie('Chicken', 6, '', new MeasuredDish(1400, 50), new Crust(Pantry::food('shortcrust'), 3, [], Seal::None, lining: Lining::LidOnly, lid: new Lid(3, 0.02, Glaze::Egg)), [$chicken, $gravy], [], BakePlan::plain(200, OvenMode::Static, 45));
    }

    /** @param  list<float>  $stages  minutes */
    private static function deep(float $celsius, array $stages): Pie
    {
        $pork = new SolidLayer('pork', Pantry::food('minced-pork'), Amount::of(7000), [], null, 5.0);
        $bake = BakePlan::plain($celsius, OvenMode::Static, $stages[0]);

        return new Pie('Deep', 12, '', new Springform(280, 120), new Crust(Pantry::food('shortcrust'), 6, [], Seal::None), [$pork], [], $bake->withStages(array_map(static fn (float $minutes) => $bake->first()->with(minutes: $minutes), $stages)));
    }

    private static function safe(Pie $pie): Reading
    {
        $reading = Forecast::of($pie)->reading(ReadingName::Safe);
        self::assertNotNull($reading);

        return $reading;
    }

    private static function safeMinute(Pie $pie): float
    {
        $bake = SimulatedBake::of(Weights::of($pie));
        self::assertNotNull($bake);

        return $bake->minute(BakeEvent::Safe);
    }
}
