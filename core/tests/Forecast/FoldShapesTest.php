<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Forecast;

use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Section;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\FoldShape;
use PHPUnit\Framework\TestCase;

/** The bake runs on every way to close dough. Directions: what lies flatter is safe sooner (common practice, no source). */
final class FoldShapesTest extends TestCase
{
    public function test_every_shape_is_baked_and_read(): void
    {
        foreach (FoldShape::cases() as $shape) {
            $pie = OtherPies::folds()->withTin(new FoldedPieces($shape, 6, 180, $shape === FoldShape::Rectangle ? 160 : null));
            self::assertNotNull(self::reading(Forecast::of($pie), ReadingName::Safe)?->value, $shape->value);
            self::assertSame($shape, Section::of(Weights::of($pie))->fold);
        }
    }

    public function test_the_same_filling_lying_flatter_is_safe_sooner(): void
    {
        $safe = static fn (FoldShape $shape): float => self::reading(Forecast::of(OtherPies::folds()->withTin(new FoldedPieces($shape, 6, 180, null))), ReadingName::Safe)->value ?? 999.0;
        self::assertLessThan($safe(FoldShape::HalfMoon), $safe(FoldShape::Patty));
        self::assertLessThan($safe(FoldShape::TopCrimp), $safe(FoldShape::HalfMoon), 'what stands is thicker');
    }

    /** Steam that cannot leave softens a lid from below (common practice, no source). */
    public function test_a_vent_that_is_cut_late_bakes_closed(): void
    {
        $folds = OtherPies::folds();
        $with = static fn (float $open, bool $late): Lid => new Lid(4, $open, Glaze::Egg, $late);
        self::assertSame(0.0, $with(0.02, true)->bakedOpenShare());
        self::assertSame(0.02, $with(0.02, false)->bakedOpenShare());
        self::assertSame(0.4, $with(0.4, true)->bakedOpenShare(), 'a lattice is open from the start');
        $colour = static fn (Lid $lid): float => self::reading(Forecast::of($folds->withCrust($folds->crust->withLid($lid))), ReadingName::Colour)->value ?? -1.0;
        self::assertSame($colour($with(0.0, false)), $colour($with(0.02, true)));
    }

    private static function reading(Forecast $forecast, ReadingName $name): ?Reading
    {
        foreach ($forecast->readings as $one) {
            if ($one->name === $name) {
                return $one;
            }
        }

        return null;
    }
}
