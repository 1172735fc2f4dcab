<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Pie;

use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\TinMaterial;
use Hojaldre\Core\Pastry\Lining;
use Hojaldre\Core\Pie\Beginning;
use Hojaldre\Core\Pie\PieKind;
use Hojaldre\Core\Pie\StartingPlace;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\MeasuredDish;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What each kind begins as: common practice, no source. */
final class BeginningTest extends TestCase
{
    #[TestWith([PieKind::Quiche, 240.0, 35.0, 'shortcrust', 3.0, 175.0, 35.0, 8])]
    #[TestWith([PieKind::RawCrustTart, 240.0, 32.0, 'shortcrust', 3.0, 180.0, 45.0, 8])]
    #[TestWith([PieKind::DoubleCrust, 230.0, 40.0, 'shortcrust', 3.0, 180.0, 55.0, 8])]
    #[TestWith([PieKind::DeepPie, 220.0, 62.0, 'shortcrust', 6.0, 190.0, 65.0, 8])]
    public function test_a_round_one_stands_in_its_usual_tin_and_bakes_as_long_as_it_usually_does(PieKind $kind, float $width, float $depth, string $dough, float $thick, float $celsius, float $minutes, int $portions): void
    {
        $pie = Beginning::of($kind);
        self::assertEqualsWithDelta([$width, $depth], [2 * $pie->tin->radiusMm($pie->tin->depthMm()), $pie->tin->depthMm()], 1e-6);
        self::assertSame([$dough, $thick, $celsius, $minutes, $portions], [$pie->crust->dough->id, $pie->crust->thicknessMm, $pie->bake->first()->ovenCelsius, $pie->bake->minutes(), $pie->portions]);
    }

    public function test_what_is_folded_is_four_pasties_or_eight_hand_pies(): void
    {
        foreach ([[PieKind::Pasty, 4, 200.0, 4.0, 190.0, 45.0], [PieKind::HandPie, 8, 120.0, 3.0, 210.0, 20.0]] as [$kind, $discs, $wide, $thick, $celsius, $minutes]) {
            $pie = Beginning::of($kind);
            self::assertInstanceOf(FoldedPieces::class, $pie->tin);
            self::assertSame([$discs, $wide, $thick, $celsius, $minutes], [$pie->tin->pieces, $pie->tin->lengthMm, $pie->crust->thicknessMm, $pie->bake->first()->ovenCelsius, $pie->bake->minutes()]);
        }
    }

    public function test_a_pot_pie_is_a_dish_of_a_litre_and_a_half_under_puff_alone(): void
    {
        $pie = Beginning::of(PieKind::PotPie);
        self::assertInstanceOf(MeasuredDish::class, $pie->tin);
        self::assertSame([1500.0, 50.0, 'ready-puff', Lining::LidOnly, TinMaterial::Ceramic, 200.0, 35.0, 6], [$pie->tin->waterMl, $pie->tin->depthMm(), $pie->crust->dough->id, $pie->crust->lining, $pie->bake->tinMaterial, $pie->bake->first()->ovenCelsius, $pie->bake->minutes(), $pie->portions]);
    }

    public function test_a_base_that_was_not_baked_before_bakes_low(): void
    {
        foreach ([PieKind::RawCrustTart, PieKind::DoubleCrust, PieKind::DeepPie] as $kind) {
            self::assertSame(Rack::Low, Beginning::of($kind)->bake->first()->rack, $kind->value);
        }
        foreach ([PieKind::Quiche, PieKind::PotPie, PieKind::Pasty, PieKind::HandPie] as $kind) {
            self::assertSame(Rack::Middle, Beginning::of($kind)->bake->first()->rack, $kind->value);
        }
    }

    public function test_where_a_layer_comes_from_says_how_warm_it_is(): void
    {
        self::assertSame([-18.0, 5.0, 10.0, 20.0, 40.0, 60.0], array_map(static fn (StartingPlace $one): float => $one->celsius(), StartingPlace::cases()));
    }

    /** Raw meat waits in the fridge, never on the bench. */
    public function test_what_has_to_be_cooked_through_comes_from_the_fridge(): void
    {
        foreach (['chicken-thigh', 'minced-beef', 'salmon', 'streaky-bacon'] as $id) {
            self::assertSame(StartingPlace::Fridge, StartingPlace::of(Pantry::food($id)), $id);
        }
        foreach (['leeks', 'cheddar', 'cooked-ham'] as $id) {
            self::assertSame(StartingPlace::Bench, StartingPlace::of(Pantry::food($id)), $id);
        }
    }
}
