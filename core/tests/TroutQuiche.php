<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests;

use Hojaldre\Core\Custard\CustardStyle;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\ShellBake;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\Step;
use Hojaldre\Core\Tin\StraightTin;
use RuntimeException;

/** A made-up quiche to turn and change. Its figures check nothing; what is done to it does. */
final class TroutQuiche
{
    public static function pie(): Pie
    {
        $leeks = new SolidLayer('leeks', Pantry::food('leeks'), new Amount('3 medium', 450), [new Step('sweated and pressed', Amount::of(315))], null);
        $trout = new SolidLayer('smoked-trout', Pantry::food('smoked-trout'), Amount::of(180), [new Step('flaked', Amount::of(180))], null);
        $custard = new CustardLayer('custard', CustardStyle::Tender, [new Ingredient(Pantry::food('egg'), new Amount('5 large', 250))], [
            new Ingredient(Pantry::food('single-cream'), new Amount('240 ml', 242.4)), new Ingredient(Pantry::food('whole-milk'), new Amount('180 ml', 185.4)),
        ]);

        return new Pie(
            'Smoked trout and leek quiche', 8, '', new StraightTin(240, 35),
            new Crust(Pantry::food('shortcrust'), 3, ShellStage::usual(ShellBake::ParBaked), Seal::None),
            [$leeks, $trout, $custard], [new Ingredient(Pantry::food('salt'), new Amount('1 tsp', 6))], BakePlan::plain(175, OvenMode::Static, 46),
        );
    }

    /** The same quiche with raw fish in it, which gives no sign of when it is done. */
    public static function withRawFish(): Pie
    {
        return self::pie()->withLayers([self::pie()->layers[0], new SolidLayer('trout', Pantry::food('trout'), Amount::of(180), [], null, 5.0), self::custard()]);
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

    /** The same quiche on a raw crust, its leeks hardly pressed: its base goes soggy. */
    public static function soggy(float $grams = 420): Pie
    {
        return self::withLeeks($grams)->withCrust(self::pie()->crust->withShell([], Seal::None));
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
