<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Forecast;

use Hojaldre\Core\Bake\BakeInput;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;
use Hojaldre\Core\Tin\CupsTin;
use PHPUnit\Framework\TestCase;

/** What the simulation is told of a design, worked out by hand. */
final class BakeInputsTest extends TestCase
{
    /** 24 cm across less 3 mm of crust on either side; 250 g of egg, 242.4 and 185.4 of dairy; 450 g of leeks driven down to 315. */
    public function test_a_quiche_is_told_as_it_is_poured(): void
    {
        $input = self::of(TroutQuiche::pie());
        self::assertEqualsWithDelta([117.0, 3.0, 0.0, 0.6778], [$input->radiusMm, $input->crustMm, $input->lidMm, $input->liquidKg], 1e-9);
        self::assertSame([true, true, null], [$input->isLined, $input->hasWall, $input->lengthMm]);
        self::assertEqualsWithDelta(0.9 * 677.8 / Weights::of(TroutQuiche::pie())->fillingGrams, $input->runnyShare, 1e-9, 'all of it pours');
        self::assertEqualsWithDelta(0.315 + 0.18 + 0.6778 + 0.006, $input->fillingKg(), 0.02);
        // the leeks lost 135 g, of water and fat as they have them: 83 to 0.3
        $unpressed = self::of(TroutQuiche::pie()->withLayer(TroutQuiche::leeks()->withSteps([])));
        self::assertEqualsWithDelta(0.135 * 83 / 83.3, $unpressed->partsKg['water'] - $input->partsKg['water'], 1e-9);
        self::assertEqualsWithDelta(0.135 * 0.3 / 83.3, $unpressed->partsKg['fat'] - $input->partsKg['fat'], 1e-9);
        foreach (['protein', 'carbohydrate', 'fibre', 'ash'] as $part) {
            self::assertEqualsWithDelta($unpressed->partsKg[$part], $input->partsKg[$part], 1e-9, $part);
        }
        // 6 g of salt is ash
        self::assertEqualsWithDelta(0.006, $input->partsKg['ash'] - self::of(TroutQuiche::pie()->withSeasonings([]))->partsKg['ash'], 1e-4);
    }

    /** Gains of docs/model.md: custard 7.5, cheese 5, solids 5.5; a lid half of pastry 1, milk 1.6, egg 2.2; a fold stands up and has it all. */
    public function test_what_lies_on_top_decides_how_fast_it_browns(): void
    {
        $pie = TroutQuiche::pie();
        $topped = static fn (string $food): Pie => $pie->withLayers([...$pie->layers, new SolidLayer('top', Pantry::food($food), Amount::of(200), [], null)]);
        $alone = $pie->withLayers([$pie->layers[0], $pie->layers[1]]);
        $lidded = static fn (Glaze $glaze): Pie => $pie->withCrust($pie->crust->withLid(new Lid(3, 0.0, $glaze)));
        foreach ([[$pie, 7.5, 1.3], [$topped('blue-cheese'), 5.0, 1.3], [$alone, 5.5, 1.3], [$lidded(Glaze::None), 0.5, 0.12], [$lidded(Glaze::Milk), 0.8, 0.12], [$lidded(Glaze::Egg), 1.1, 0.12], [OtherPies::folds(), 2.2, 0.12]] as $i => [$one, $gain, $half]) {
            self::assertEqualsWithDelta([$gain, $half], [self::of($one)->topGain, self::of($one)->topHalfWaterRatio], 1e-9, "$i");
        }
        self::assertNull(self::of($pie)->toppingKg, 'custard all through');
        self::assertNull(self::of($lidded(Glaze::Egg))->toppingKg);
        self::assertNotNull(self::of($topped('blue-cheese'))->toppingKg);
    }

    /** A pocket of 180 mm is 82 mm deep to its crimp: half a circle of it, 0.6 as high on the average as in the middle, is a cylinder of r = 44.9 mm. */
    public function test_a_fold_is_a_short_cylinder_of_one_sixth_of_the_filling(): void
    {
        $input = self::of(OtherPies::folds());
        self::assertSame(6, BakeInputs::units(OtherPies::folds()));
        self::assertEqualsWithDelta(82 * sqrt(0.6 / 2), $input->radiusMm, 1e-6);
        self::assertEqualsWithDelta((0.660 + 0.231) / 6, $input->fillingKg(), 0.004);
        self::assertSame([false, true, 4.0, 0.01], [$input->hasWall, $input->isLined, $input->lidMm, $input->openShare]);
        self::assertSame([[], null, 0.0], [$input->shell, $input->setsAtCelsius, $input->runnyShare]);
    }

    public function test_an_oblong_tin_has_a_length_and_a_tray_has_its_cups(): void
    {
        $oblong = self::of(OtherPies::shallow());
        self::assertNotNull($oblong->lengthMm);
        self::assertEqualsWithDelta(350, $oblong->lengthMm, 15);
        self::assertEqualsWithDelta(110 / 2, $oblong->radiusMm, 5);
        self::assertSame(1, BakeInputs::units(OtherPies::shallow()));
        $tray = TroutQuiche::pie()->withTin(new CupsTin(12, 60, 75, 35));
        self::assertSame(12, BakeInputs::units($tray));
        self::assertEqualsWithDelta(self::of(TroutQuiche::pie())->fillingKg() / 12, self::of($tray)->fillingKg(), 1e-6);
        self::assertEqualsWithDelta(0.6778 / 12, self::of($tray)->liquidKg, 1e-9);
    }

    public function test_what_stands_on_a_spoon_does_not_pour(): void
    {
        $pie = OtherPies::nutsOnTop();
        // 234 g of egg and 148.5 of cream pour, 250 g of ricotta do not
        self::assertEqualsWithDelta(0.9 * (234 + 148.5) / Weights::of($pie)->fillingGrams, self::of($pie)->runnyShare, 1e-9);
    }

    public function test_roots_count_as_raw_until_a_step_has_cooked_them(): void
    {
        $with = static fn (Layer $layer): BakeInput => self::of(TroutQuiche::pie()->withLayers([$layer, ...TroutQuiche::pie()->layers]));
        $raw = new SolidLayer('swede', Pantry::food('swede'), Amount::of(200), [], null);
        self::assertSame([true, false], [$with($raw)->hasRawRoots, self::of(TroutQuiche::pie())->hasRawRoots]);
        self::assertFalse($with($raw->withNow(180))->hasRawRoots);
    }

    private static function of(Pie $pie): BakeInput
    {
        return BakeInputs::of(Weights::of($pie));
    }
}
