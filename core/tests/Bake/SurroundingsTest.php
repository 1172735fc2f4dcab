<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Bake\BakeDeviation;
use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Bake\Radiation;
use Hojaldre\Core\Bake\Resolution;
use Hojaldre\Core\Bake\Simulation;
use Hojaldre\Core\Bake\Surroundings;
use Hojaldre\Core\Document\DocumentReader;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Oven\Oven;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Oven\TinMaterial;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\ShellBake;
use Hojaldre\Core\Pastry\ShellLook;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pastry\Underlay;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Ovens, racks, tins and stages, and the words for what they do. */
final class SurroundingsTest extends TestCase
{
    public function test_an_oven_gives_as_much_heat_as_handbooks_say_a_domestic_one_does(): void
    {
        $total = static function (OvenMode $mode): float {
            $air = Surroundings::oven(180, $mode, Rack::Middle, false, false, false);
            [$Ta, $Ts] = [453.15, 333.15];

            // Stefan and Boltzmann, 5.67e-8 W/m2 K4, made linear between the two
            return $air->convectionAbove + $air->radiates * Radiation::FOOD_SHARE * 5.67e-8 * ($Ta ** 2 + $Ts ** 2) * ($Ta + $Ts);
        };
        // 15 to 30 W/m2 K static, 25 to 40 with a fan: common ranges of ovens, from memory
        self::assertGreaterThan(18, $total(OvenMode::Static));
        self::assertLessThan(26, $total(OvenMode::Static));
        self::assertGreaterThan(25, $total(OvenMode::Fan));
        self::assertLessThan(33, $total(OvenMode::Fan));
    }

    public function test_racks_tents_and_shields_change_what_reaches_the_pie(): void
    {
        [$low, $middle, $high] = array_map(static fn (Rack $rack): Surroundings => Surroundings::oven(180, OvenMode::Static, $rack, false, false, false), Rack::cases());
        self::assertTrue($low->belowCelsius > $middle->belowCelsius && $middle->belowCelsius > $high->belowCelsius);
        self::assertTrue($low->aboveCelsius < $middle->aboveCelsius && $middle->aboveCelsius < $high->aboveCelsius);
        $tent = Surroundings::oven(180, OvenMode::Static, Rack::Middle, true, false, false);
        self::assertLessThan($middle->radiates, $tent->radiates);
        self::assertLessThan($middle->dries, $tent->dries);
        self::assertLessThan(1.0, Surroundings::oven(180, OvenMode::Static, Rack::Middle, false, true, false)->rimShare);
        self::assertGreaterThan(50, Surroundings::oven(180, OvenMode::Static, Rack::Middle, false, false, true)->contact, 'steel gives heat by touch');
    }

    /** As docs/model.md states them. Vapour by the gas law from the steam table: 8 kPa at 180 °C, half of 2.339 kPa at 20, 0.7 of 0.8135 at 4. */
    public function test_what_stands_around_a_pie_is_what_the_model_states(): void
    {
        $of = static fn (OvenMode $mode = OvenMode::Static, Rack $rack = Rack::Middle, bool $tent = false, float $factor = 1.0): Surroundings => Surroundings::oven(180, $mode, $rack, $tent, true, true, $factor);
        $plain = $of();
        self::assertSame([8.5, 7.0, 180.0, 180.0, 0.4, 80.0, 800.0], [$plain->convectionAbove, $plain->convectionBelow, $plain->aboveCelsius, $plain->belowCelsius, $plain->rimShare, $plain->contact, $plain->lewis]);
        self::assertSame([15.5, 11.5], [$of(OvenMode::Fan)->convectionAbove, $of(OvenMode::Fan)->convectionBelow]);
        self::assertSame([175.0, 195.0, 188.0, 172.0], [$of(rack: Rack::Low)->aboveCelsius, $of(rack: Rack::Low)->belowCelsius, $of(rack: Rack::High)->aboveCelsius, $of(rack: Rack::High)->belowCelsius]);
        self::assertEqualsWithDelta([6.8, 7.0, 0.6, 0.6], [$of(tent: true)->convectionAbove, $of(tent: true)->convectionBelow, $of(tent: true)->radiates, $of(tent: true)->dries], 1e-9);
        self::assertEqualsWithDelta([9.35, 7.7, 1.1], [$of(factor: 1.1)->convectionAbove, $of(factor: 1.1)->convectionBelow, $of(factor: 1.1)->radiates], 1e-9);
        $dense = static fn (float $pascal, float $celsius): float => $pascal * 0.018015 / 8.314 / ($celsius + 273.15);
        self::assertEqualsWithDelta($dense(8000, 180), $plain->vapourKgPerM3, 1e-4);
        self::assertEqualsWithDelta($dense(0.5 * 2339, 20), Surroundings::room()->vapourKgPerM3, 1e-4);
        self::assertEqualsWithDelta($dense(0.7 * 813.5, 4), Surroundings::fridge()->vapourKgPerM3, 1e-4);
        foreach ([[Surroundings::room(), 20.0, 5.0], [Surroundings::fridge(), 4.0, 8.0]] as [$air, $celsius, $watts]) {
            self::assertSame([$celsius, $celsius, $watts, $watts, 1.0, 1.0, 1.0, 1100.0, 0.0], [$air->aboveCelsius, $air->belowCelsius, $air->convectionAbove, $air->convectionBelow, $air->radiates, $air->rimShare, $air->dries, $air->lewis, $air->contact]);
        }
        // the door costs 44 K, and 7.5 min later an e-th of it
        self::assertEqualsWithDelta([44.0, 44 / M_E], [$plain->dip(0), $plain->dip(450)], 1e-9);
        // h ~ L^(-1/4): a sixteenth of the width, twice the heat
        self::assertEqualsWithDelta(17.0, Surroundings::oven(180, OvenMode::Static, Rack::Middle, false, false, false, 1.0, 230 / 16)->convectionAbove, 1e-9);
    }

    public function test_an_opened_oven_comes_back_within_half_an_hour_and_one_left_shut_never_dips(): void
    {
        $air = Surroundings::oven(180, OvenMode::Static, Rack::Middle, false, false, false);
        self::assertGreaterThan(25, $air->dip(0));
        self::assertLessThan(60, $air->dip(0));
        self::assertLessThan(1.0, $air->dip(1800));
        self::assertEqualsWithDelta($air->dip(600), $air->shutFor(600)->dip(0), 1e-9, 'it goes on coming back');
        self::assertSame(0.0, Surroundings::room()->dip(0));
    }

    public function test_smaller_things_take_heat_faster(): void
    {
        self::assertGreaterThan(
            Surroundings::oven(200, OvenMode::Static, Rack::Middle, false, false, false, 1.0, 230)->convectionAbove,
            Surroundings::oven(200, OvenMode::Static, Rack::Middle, false, false, false, 1.0, 80)->convectionAbove,
        );
    }

    public function test_tins_hold_the_heat_that_their_metal_and_thickness_give(): void
    {
        // steel 7,850 kg/m3 x 0.47 kJ/kg K; aluminium 2,700 x 0.90; glass 2,230 x 0.83 (handbook values, from memory)
        foreach ([[TinMaterial::DarkSteel, 7850 * 470], [TinMaterial::Aluminium, 2700 * 900], [TinMaterial::Glass, 2230 * 830]] as [$tinMaterial, $joules]) {
            self::assertEqualsWithDelta($joules, $tinMaterial->heatCapacity(), 0.16 * $joules, $tinMaterial->value);
        }
        self::assertGreaterThan(TinMaterial::ShinySteel->emissivity(), TinMaterial::DarkSteel->emissivity());
        self::assertGreaterThan(TinMaterial::DarkSteel->gapMetresPerSecond(), TinMaterial::Perforated->gapMetresPerSecond());
    }

    public function test_an_oven_that_runs_cold_is_set_higher(): void
    {
        self::assertSame(187.0, (new Oven('Galley', -12))->dialCelsius(175));
        self::assertSame(171.0, (new Oven('Old', 4))->dialCelsius(175));
    }

    /** @return array<string, array{array<string, mixed>, string, string}> what is sent, where it is wrong, how */
    public static function slips(): array
    {
        $stage = ['ovenCelsius' => 180, 'mode' => 'static', 'minutes' => 30, 'rack' => 'middle', 'tent' => false, 'shield' => false];

        return [
            'too hot' => [['ovenCelsius' => 400] + $stage, '/ovenCelsius', 'out-of-range'],
            'no mode' => [['mode' => 'steam'] + $stage, '/mode', 'not-one-of'],
            'no minutes' => [['minutes' => 0] + $stage, '/minutes', 'out-of-range'],
            'no rack' => [['rack' => 'floor'] + $stage, '/rack', 'not-one-of'],
            'something else' => [['steam' => true] + $stage, '/steam', 'unknown-field'],
            'nothing where a flag belongs' => [['tent' => null] + $stage, '/tent', 'missing-flag'],
        ];
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('slips')]
    public function test_a_slip_in_a_stage_is_named_with_its_place(array $wrong, string $at, string $code): void
    {
        try {
            DocumentReader::read(Stage::class, $wrong);
            self::fail('It was taken.');
        } catch (Refused $refused) {
            self::assertSame([[$code, $at]], array_map(static fn (Refusal $one): array => [$one->code, $one->at], $refused->refusals));
        }
    }

    public function test_usual_stages_bring_the_shell_as_far_as_they_say(): void
    {
        foreach (ShellBake::cases() as $bake) {
            self::assertSame($bake, ShellStage::reaches(ShellStage::usual($bake)));
        }
    }

    public function test_the_words_of_colour_rise_with_it(): void
    {
        self::assertSame(Brownness::cases(), array_map(Brownness::of(...), [0.1, 0.45, 0.7, 1.0, 2.0, 3.2]));
    }

    public function test_a_shell_looks_damp_then_dull_then_matt_and_sounds_hollow_at_last(): void
    {
        self::assertSame(ShellLook::cases(), array_map(ShellLook::of(...), [20.0, 10.0, 5.0, 1.0]));
    }

    public function test_what_lies_on_the_crust_keeps_water_off_and_two_things_more_than_one(): void
    {
        self::assertSame(1.0, Underlay::None->barrierShare(Seal::None));
        foreach (Underlay::cases() as $underlay) {
            self::assertLessThan($underlay->barrierShare(Seal::None), $underlay->barrierShare(Seal::Egg));
        }
    }

    public function test_a_seal_and_an_underlay_let_through_what_the_model_states(): void
    {
        $through = static fn (Seal $seal): array => array_map(static fn (Underlay $one): float => $one->barrierShare($seal), [Underlay::None, Underlay::Cheese, Underlay::Crumbs]);
        self::assertSame([[1.0, 0.5, 0.6], [0.42, 0.2, 0.25]], [$through(Seal::None), $through(Seal::Egg)]);
    }

    /** @return array<string, array{BakeDeviation, BakeEvent, bool}> a kitchen that differs, an event, whether it comes sooner */
    public static function kitchens(): array
    {
        return [
            'a hotter oven' => [new BakeDeviation(ovenKelvins: 10), BakeEvent::Set, true],
            'a colder oven' => [new BakeDeviation(ovenKelvins: -10), BakeEvent::Safe, false],
            'more heat from the same oven' => [new BakeDeviation(heatTransferFactor: 1.1), BakeEvent::Set, true],
            'a hotter oven browns sooner' => [new BakeDeviation(ovenKelvins: 10), BakeEvent::Golden, true],
            'a custard that sets hotter' => [new BakeDeviation(setKelvins: 2), BakeEvent::Set, false],
            'a filling that goes in warmer' => [new BakeDeviation(startKelvins: 8), BakeEvent::Set, true],
            'more filling' => [new BakeDeviation(fillingFactor: 1.15), BakeEvent::Set, false],
            'a top that browns faster' => [new BakeDeviation(brownFactor: 1.3), BakeEvent::Golden, true],
            'a thicker crust' => [new BakeDeviation(crustFactor: 1.4), BakeEvent::Set, false],
        ];
    }

    #[DataProvider('kitchens')]
    public function test_a_kitchen_that_differs_moves_the_minutes_the_way_it_must(BakeDeviation $deviation, BakeEvent $event, bool $sooner): void
    {
        $input = BakeInputs::of(Weights::of(TroutQuiche::pie()));
        $usual = Simulation::run($input, resolution: Resolution::coarse())->minute($event);
        $other = Simulation::run($input, $deviation, resolution: Resolution::coarse())->minute($event);
        self::assertTrue($sooner ? $other < $usual : $other > $usual, "$usual, $other");
    }

    public function test_solids_that_weep_more_and_a_thirstier_crust_wet_the_base(): void
    {
        $input = BakeInputs::of(Weights::of(TroutQuiche::pie()));
        $usual = Simulation::run($input, resolution: Resolution::coarse())->baseRatio;
        self::assertGreaterThan($usual, Simulation::run($input, new BakeDeviation(weepFactor: 1.5), resolution: Resolution::coarse())->baseRatio);
        self::assertGreaterThan($usual, Simulation::run($input, new BakeDeviation(uptakeFactor: 1.3), resolution: Resolution::coarse())->baseRatio);
    }
}
