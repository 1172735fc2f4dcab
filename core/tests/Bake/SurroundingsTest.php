<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Bake\BakeDeviation;
use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Bake\Cue;
use Hojaldre\Core\Bake\Faces;
use Hojaldre\Core\Bake\Simulation;
use Hojaldre\Core\Bake\Surroundings;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Oven\Oven;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Oven\TinMaterial;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\ShellBake;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pastry\Underlay;
use Hojaldre\Core\Refusal\Fields;
use Hojaldre\Core\Refusal\Refusals;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Ovens, racks, tins and stages, and the words for what they do. */
final class SurroundingsTest extends TestCase
{
    public function test_an_oven_gives_as_much_heat_as_handbooks_say_a_domestic_one_does(): void
    {
        $total = static function (string $mode): float {
            $air = Surroundings::oven(180, $mode, 'middle', false, false, false);
            [$Ta, $Ts] = [453.15, 333.15];

            return $air->convectionAbove + $air->radiates * Faces::FOOD_RADIATION * Faces::SIGMA * ($Ta ** 2 + $Ts ** 2) * ($Ta + $Ts);
        };
        // 15 to 30 W/m2 K static, 25 to 40 with a fan: common ranges of ovens, from memory
        self::assertGreaterThan(18, $total('static'));
        self::assertLessThan(26, $total('static'));
        self::assertGreaterThan(25, $total('fan'));
        self::assertLessThan(33, $total('fan'));
    }

    public function test_racks_tents_and_shields_change_what_reaches_the_pie(): void
    {
        [$low, $middle, $high] = array_map(static fn (string $rack): Surroundings => Surroundings::oven(180, 'static', $rack, false, false, false), Stage::RACKS);
        self::assertTrue($low->belowCelsius > $middle->belowCelsius && $middle->belowCelsius > $high->belowCelsius);
        self::assertTrue($low->aboveCelsius < $middle->aboveCelsius && $middle->aboveCelsius < $high->aboveCelsius);
        $tent = Surroundings::oven(180, 'static', 'middle', true, false, false);
        self::assertLessThan($middle->radiates, $tent->radiates);
        self::assertLessThan($middle->dries, $tent->dries);
        self::assertLessThan(1.0, Surroundings::oven(180, 'static', 'middle', false, true, false)->rimShare);
        self::assertGreaterThan(50, Surroundings::oven(180, 'static', 'middle', false, false, true)->contact, 'steel gives heat by touch');
    }

    public function test_an_opened_oven_comes_back_within_half_an_hour_and_one_left_shut_never_dips(): void
    {
        $air = Surroundings::oven(180, 'static', 'middle', false, false, false);
        self::assertEqualsWithDelta(30, $air->dip(0), 1e-9);
        self::assertLessThan(0.3, $air->dip(1800));
        self::assertSame(0.0, $air->shut()->dip(0));
        self::assertSame(0.0, Surroundings::room()->dip(0));
    }

    public function test_smaller_things_take_heat_faster(): void
    {
        self::assertGreaterThan(
            Surroundings::oven(200, 'static', 'middle', false, false, false, 1.0, 230)->convectionAbove,
            Surroundings::oven(200, 'static', 'middle', false, false, false, 1.0, 80)->convectionAbove,
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
        self::assertSame(count(TinMaterial::cases()), count(array_unique(TinMaterial::values())));
    }

    public function test_an_oven_that_runs_cold_is_set_higher(): void
    {
        self::assertSame(187.0, (new Oven('Galley', -12))->dialCelsius(175));
        self::assertSame(171.0, (new Oven('Old', 4))->dialCelsius(175));
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function slips(): array
    {
        $stage = ['ovenCelsius' => 180, 'mode' => 'static', 'minutes' => 30, 'rack' => 'middle', 'tent' => false, 'shield' => false];

        return [
            'too hot' => [['ovenCelsius' => 400] + $stage, '/ovenCelsius', '280'],
            'no mode' => [['mode' => 'steam'] + $stage, '/mode', 'static'],
            'no minutes' => [['minutes' => 0] + $stage, '/minutes', '1'],
            'no rack' => [['rack' => 'floor'] + $stage, '/rack', 'low'],
            'something else' => [['steam' => true] + $stage, '/steam', ''],
        ];
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('slips')]
    public function test_a_slip_in_a_stage_is_named_with_its_mend(array $wrong, string $at, string $mend): void
    {
        $refusals = new Refusals;
        Stage::read(new Fields($wrong, '', $refusals));
        try {
            $refusals->throwIfAny();
            self::fail('It was taken.');
        } catch (Refused $refused) {
            self::assertSame($at, $refused->refusals[0]->at);
            self::assertStringContainsString($mend, $refused->refusals[0]->mend);
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
        self::assertSame(['pale', 'straw', 'light gold', 'golden', 'dark', 'burnt'], array_map(Brownness::word(...), [0.1, 0.45, 0.7, 1.0, 2.0, 3.2]));
    }

    public function test_every_event_has_a_cue_and_safe_names_the_temperature_wanted(): void
    {
        $input = BakeInputs::of(TroutQuiche::pie());
        foreach (Cue::EVENTS as $event) {
            self::assertStringEndsWith('.', Cue::of($event, $input));
        }
        self::assertStringContainsString('71 °C', Cue::of('safe', $input));
        self::assertStringContainsString('damp', Cue::ofShell(20, 0.1));
        self::assertStringContainsString('hollow', Cue::ofShell(1, 1.2));
    }

    public function test_what_lies_on_the_crust_keeps_water_off_and_two_things_more_than_one(): void
    {
        self::assertSame(1.0, Underlay::None->barrier(Seal::None));
        foreach (Underlay::cases() as $underlay) {
            self::assertLessThan($underlay->barrier(Seal::None), $underlay->barrier(Seal::Egg));
        }
    }

    /** @return array<string, array{BakeDeviation, string, bool}> a kitchen that differs, an event, whether it comes sooner */
    public static function kitchens(): array
    {
        return [
            'a hotter oven' => [new BakeDeviation(ovenKelvins: 10), 'set', true],
            'a colder oven' => [new BakeDeviation(ovenKelvins: -10), 'safe', false],
            'more heat from the same oven' => [new BakeDeviation(heatTransfer: 1.1), 'set', true],
            'a custard that sets later' => [new BakeDeviation(setKelvins: 2), 'set', false],
            'a warmer filling' => [new BakeDeviation(startKelvins: 10), 'set', true],
            'a quicker browning' => [new BakeDeviation(browning: 1.3), 'golden', true],
        ];
    }

    #[DataProvider('kitchens')]
    public function test_a_kitchen_that_differs_moves_the_minutes_the_way_it_must(BakeDeviation $deviation, string $event, bool $sooner): void
    {
        $input = BakeInputs::of(TroutQuiche::pie());
        $usual = Simulation::run($input, coarse: true)->events[$event] ?? INF;
        $other = Simulation::run($input, $deviation, coarse: true)->events[$event] ?? INF;
        self::assertTrue($sooner ? $other < $usual : $other > $usual, "$usual, $other");
    }

    public function test_solids_that_weep_more_and_a_thirstier_crust_wet_the_base(): void
    {
        $input = BakeInputs::of(TroutQuiche::pie());
        $usual = Simulation::run($input, coarse: true)->basePercent;
        self::assertGreaterThan($usual, Simulation::run($input, new BakeDeviation(weep: 1.5), coarse: true)->basePercent);
        self::assertGreaterThan($usual, Simulation::run($input, new BakeDeviation(uptake: 1.3), coarse: true)->basePercent);
    }
}
