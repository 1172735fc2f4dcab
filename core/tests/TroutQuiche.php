<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests;

use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\PieFile\PieFile;
use RuntimeException;

/** The made-up quiche of the demo kitchen, as a thing to turn and change. Its figures check nothing; what is done to it does. */
final class TroutQuiche
{
    public static function pie(): Pie
    {
        return PieFile::read((string) file_get_contents(__DIR__.'/../../database/data/demo/smoked-trout-and-leek-quiche.json'));
    }

    public static function leeks(): SolidLayer
    {
        return self::pie()->solids()[0] ?? throw new RuntimeException('The leeks are gone.');
    }

    public static function custard(): CustardLayer
    {
        return self::pie()->custard() ?? throw new RuntimeException('The custard is gone.');
    }

    /** The same quiche with its leeks at another weight. */
    public static function withLeeks(float $grams): Pie
    {
        return self::pie()->withLayer(self::leeks()->withNow($grams));
    }

    /** The same quiche with so many large eggs and so much of both dairies. */
    public static function withCustard(float $eggs, float $dairyGrams): Pie
    {
        $custard = self::custard();

        return self::pie()->withLayer($custard->with(
            $eggs > 0 ? [$custard->eggs[0]->with($eggs * 50)] : [],
            [$custard->dairies[0]->with($dairyGrams / 2), $custard->dairies[1]->with($dairyGrams / 2)],
        ));
    }
}
