<?php

declare(strict_types=1);

namespace Tests\Forecast;

use App\Forecast\ScaleWords;
use App\Wording\Words;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

final class ScaleWordsTest extends TestCase
{
    public function test_a_base_that_is_paste_is_not_told_to_be_dry_as_well(): void
    {
        $between = static function (Pie $pie): string {
            $base = Forecast::roughly($pie)->reading(ReadingName::Base);
            self::assertNotNull($base);

            return ScaleWords::between($base, new Words);
        };
        self::assertMatchesRegularExpression('/^(crisp|dry) to (dry|soft)$/', $between(TroutQuiche::pie()));
        $hot = TroutQuiche::pie()->withLayers(array_map(static fn (Layer $layer): Layer => $layer->startingAt(60.0), TroutQuiche::pie()->layers));
        self::assertSame('', $between($hot->withCrust($hot->crust->withShell([], Seal::None))));
    }
}
