<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Pastry;

use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\TinMaterial;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pastry\Lining;
use Hojaldre\Core\Pastry\PieWeight;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\ShellBake;
use Hojaldre\Core\Pastry\ShellLook;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pastry\ShellSupport;
use Hojaldre\Core\Pastry\Underlay;
use Hojaldre\Core\Tin\StraightTin;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PastryTest extends TestCase
{
    /** The bands of docs/model.md. */
    #[TestWith([0.119, 1.0, BaseVerdict::Crisp])]
    #[TestWith([0.121, 1.0, BaseVerdict::Dry])]
    #[TestWith([0.22, 1.0, BaseVerdict::Dry])]
    #[TestWith([0.221, 0.5, BaseVerdict::Soft])]
    #[TestWith([0.385, 1.0, BaseVerdict::Soft])]
    #[TestWith([0.386, 1.0, BaseVerdict::Soggy])]
    #[TestWith([0.1, 0.49, BaseVerdict::Raw])]
    #[TestWith([0.6, 0.0, BaseVerdict::Raw])]
    public function test_each_word_for_a_base_has_its_band_and_an_unbaked_one_is_raw_however_dry(float $ratio, float $baked, BaseVerdict $verdict): void
    {
        self::assertSame($verdict, BaseVerdict::of($ratio, $baked));
    }

    /** A scale has its words in order, and the last one has no end. */
    public function test_the_scales_of_words_rise_without_gaps(): void
    {
        foreach ([BaseVerdict::scale(), Brownness::scale()] as $scale) {
            $ends = array_column($scale, 1);
            self::assertNull(array_pop($ends));
            $sorted = $ends;
            sort($sorted);
            self::assertSame($sorted, $ends);
        }
    }

    /** By hand: the eye tells ratios past golden, so e times the browning is 0.9 more; and the way back. */
    public function test_browning_is_told_by_ratios_past_golden(): void
    {
        self::assertSame([0.4, 1.0], [Brownness::index(0.4), Brownness::index(1.0)]);
        self::assertEqualsWithDelta(1.9, Brownness::index(M_E), 1e-9);
        self::assertEqualsWithDelta(M_E, Brownness::browning(1.9), 1e-9);
        self::assertSame(0.7, Brownness::browning(0.7));
    }

    #[TestWith([15.1, ShellLook::Damp])]
    #[TestWith([15.0, ShellLook::Dull])]
    #[TestWith([7.0, ShellLook::Matt])]
    #[TestWith([3.6, ShellLook::Matt])]
    #[TestWith([3.5, ShellLook::Hollow])]
    public function test_an_empty_shell_looks_as_wet_as_it_is(float $percent, ShellLook $look): void
    {
        self::assertSame($look, ShellLook::of($percent));
    }

    #[TestWith([0.29, Brownness::Pale])]
    #[TestWith([0.3, Brownness::Straw])]
    #[TestWith([0.6, Brownness::LightGold])]
    #[TestWith([0.85, Brownness::Golden])]
    #[TestWith([1.5, Brownness::Dark])]
    #[TestWith([3.0, Brownness::Burnt])]
    public function test_each_word_for_a_colour_begins_where_the_one_before_ends(float $index, Brownness $word): void
    {
        self::assertSame($word, Brownness::of($index));
    }

    public function test_the_dough_of_a_lined_tin_is_its_floor_and_wall_and_a_lid_its_top(): void
    {
        $tin = new StraightTin(240, 35);
        $crust = new Crust(Pantry::food('shortcrust'), 3, [], Seal::None);
        $density = Pantry::food('shortcrust')->gramsPerMl;
        // by hand: a sheet of 0.3 cm on the floor, pi 12^2, and up the wall, 2 pi 12 x 3.5
        self::assertEqualsWithDelta((M_PI * 144 + 2 * M_PI * 12 * 3.5) * 0.3 * $density, $crust->grams($tin), 1e-6);
        self::assertSame(0.0, $crust->lidGrams($tin));
        // of the floor alone what is not water
        $dry = 1 - Pantry::food('shortcrust')->per100g->water / 100;
        self::assertEqualsWithDelta(M_PI * 144 * 0.3 * $density * $dry, $crust->baseDryGrams($tin), 1e-6);
        $lidded = new Crust(Pantry::food('shortcrust'), 3, [], Seal::None, Lining::Tin, new Lid(4, 0.0, Glaze::None));
        self::assertEqualsWithDelta(M_PI * 144 * 0.4 * $density, $lidded->lidGrams($tin), 0.03 * $lidded->lidGrams($tin));
        $lattice = new Crust(Pantry::food('shortcrust'), 3, [], Seal::None, Lining::Tin, new Lid(4, 0.4, Glaze::None));
        self::assertEqualsWithDelta(0.6 * $lidded->lidGrams($tin), $lattice->lidGrams($tin), 1e-9);
        self::assertSame(0.0, (new Crust(Pantry::food('shortcrust'), 3, [], Seal::None, Lining::LidOnly, new Lid(4, 0.0, Glaze::None)))->liningThicknessMm());
    }

    #[TestWith([0.09, false])]
    #[TestWith([0.1, true])]
    public function test_a_lid_with_a_tenth_open_is_a_lattice(float $openShare, bool $isLattice): void
    {
        self::assertSame($isLattice, (new Lid(3, $openShare, Glaze::Egg))->isLattice());
    }

    public function test_ten_minutes_without_weights_bake_a_shell_through(): void
    {
        $stage = static fn (ShellSupport $how, float $minutes): ShellStage => new ShellStage($how, 190, OvenMode::Static, $minutes, Rack::Middle);
        self::assertSame(ShellBake::Raw, ShellStage::reaches([]));
        self::assertSame(ShellBake::ParBaked, ShellStage::reaches([$stage(ShellSupport::Weighted, 30), $stage(ShellSupport::Bare, 9.9)]));
        self::assertSame(ShellBake::FullyBaked, ShellStage::reaches([$stage(ShellSupport::Weighted, 15), $stage(ShellSupport::Bare, 10)]));
        self::assertSame(ShellBake::FullyBaked, ShellStage::reaches([$stage(ShellSupport::Propped, 5), $stage(ShellSupport::Bare, 5)]));
    }

    public function test_cheese_keeps_more_water_off_than_crumbs_and_a_seal_helps_either(): void
    {
        // the shares of docs/model.md, all judgement
        self::assertSame([1.0, 0.5, 0.6], array_map(static fn (Underlay $one): float => $one->barrierShare(Seal::None), Underlay::cases()));
        self::assertSame([0.42, 0.2, 0.25], array_map(static fn (Underlay $one): float => $one->barrierShare(Seal::Egg), Underlay::cases()));
        foreach (Underlay::cases() as $underlay) {
            self::assertLessThan($underlay->barrierShare(Seal::None), $underlay->barrierShare(Seal::Egg));
            self::assertGreaterThan(0.0, $underlay->barrierShare(Seal::Egg));
        }
    }

    /** Common practice, no source: a litre of beads weighs about 1.5 kg, of dried pulses 0.8, of rice or sugar 0.85. */
    public function test_weights_lie_as_heavy_as_kitchens_find_them(): void
    {
        self::assertSame([1.5, 0.8, 0.85, 0.85], array_map(static fn (PieWeight $one): float => $one->gramsPerMl(), PieWeight::cases()));
    }

    /** Handbook values, from memory: density times specific heat in MJ/m3 K, conductivity in W/m K. */
    #[TestWith([TinMaterial::DarkSteel, 3.7, 50.0])]
    #[TestWith([TinMaterial::Aluminium, 2.43, 237.0])]
    #[TestWith([TinMaterial::Glass, 1.85, 1.1])]
    #[TestWith([TinMaterial::Ceramic, 2.0, 1.5])]
    public function test_a_tin_holds_and_carries_heat_as_its_material_does(TinMaterial $material, float $megajoules, float $watts): void
    {
        self::assertEqualsWithDelta($megajoules, $material->heatCapacity() / 1e6, 0.15 * $megajoules);
        self::assertEqualsWithDelta($watts, $material->conductivity(), 0.16 * $watts);
        self::assertGreaterThan(0.0003, $material->metres());
        self::assertLessThan(0.01, $material->metres());
    }

    /** Handbook values, from memory: what is black or glazed gives and takes nearly all, bright metal a quarter. */
    public function test_dark_tins_take_radiation_and_bright_ones_throw_it_back(): void
    {
        foreach ([[TinMaterial::DarkSteel, 0.80, 0.90], [TinMaterial::Perforated, 0.80, 0.90], [TinMaterial::Glass, 0.88, 0.95], [TinMaterial::Ceramic, 0.88, 0.95], [TinMaterial::ShinySteel, 0.2, 0.3], [TinMaterial::Aluminium, 0.2, 0.35]] as [$material, $low, $high]) {
            self::assertTrue($material->emissivity() >= $low && $material->emissivity() <= $high, $material->value);
        }
        // sheet of 0.6 mm, aluminium of 0.8, glass and stoneware of half a centimetre (common practice, no source)
        self::assertSame([0.0006, 0.0006, 0.0008, 0.005, 0.005, 0.0006], array_map(static fn (TinMaterial $one): float => $one->metres(), TinMaterial::cases()));
    }

    public function test_only_holes_let_much_steam_out_below(): void
    {
        foreach (TinMaterial::cases() as $material) {
            $isOpen = $material === TinMaterial::Perforated;
            self::assertSame($isOpen, $material->gapMetresPerSecond() > 1e-3, $material->value);
            self::assertSame($isOpen, $material->boilsOutBelowShare() > 0.5, $material->value);
            self::assertGreaterThan(0.0, $material->emissivity());
            self::assertLessThan(1.0, $material->emissivity());
        }
    }
}
