<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Forecast;

use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Section;
use Hojaldre\Core\Forecast\Weights;
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
