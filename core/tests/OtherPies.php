<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests;

use Hojaldre\Core\Custard\CustardStyle;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\ShellBake;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\Step;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\RectangularTin;
use Hojaldre\Core\Tin\SlopedTin;
use Hojaldre\Core\Tin\Springform;
use Hojaldre\Core\Tin\Tin;

/** Made-up pies of other forms: a deep one, a shallow oblong one, raw-filled folds, one with nuts on top. */
final class OtherPies
{
    public static function deep(): Pie
    {
        return self::pie(
            new Springform(230, 65), 5, ShellBake::ParBaked,
            [self::solid('onions', 400, 225), self::solid('celeriac', 700, 580), self::custard(['egg' => 250], ['double-cream' => 297, 'whole-milk' => 257.5])],
            new BakePlan([new Stage(170, OvenMode::Static, 50), new Stage(170, OvenMode::Static, 52, tent: true)]),
        );
    }

    public static function shallow(): Pie
    {
        return self::pie(
            new RectangularTin(350, 110, 30, 4), 3, ShellBake::FullyBaked,
            [self::solid('fennel', 460, 310), self::solid('blue-cheese', 80, 80), self::custard(['egg' => 132], ['creme-fraiche' => 150, 'whole-milk' => 92.7])],
            BakePlan::plain(160, OvenMode::Fan, 34),
        );
    }

    /** Six folds of raw chicken. */
    public static function folds(): Pie
    {
        return self::pie(
            FoldedPieces::halfMoons(6, 180), 4, ShellBake::Raw, [self::solid('chicken-thigh', 660, 660), self::solid('leeks', 330, 231)],
            new BakePlan([new Stage(190, OvenMode::Static, 20), new Stage(170, OvenMode::Static, 28)]),
        );
    }

    public static function nutsOnTop(): Pie
    {
        return self::pie(
            new SlopedTin(240, 260, 32), 3.5, ShellBake::ParBaked,
            [self::solid('pumpkin', 700, 455), self::custard(['egg' => 200, 'egg-yolk' => 34], ['ricotta' => 250, 'double-cream' => 148.5]), self::solid('hazelnuts', 60, 59)],
            BakePlan::plain(165, OvenMode::Static, 43),
        );
    }

    /** @param  list<Layer>  $layers */
    private static function pie(Tin $tin, float $thicknessMm, ShellBake $shell, array $layers, BakePlan $bake): Pie
    {
        return new Pie('Another pie', 6, '', $tin, new Crust(Pantry::food('shortcrust'), $thicknessMm, ShellStage::usual($shell), Seal::None), $layers, [], $bake);
    }

    private static function solid(string $food, float $bought, float $now): SolidLayer
    {
        return new SolidLayer($food, Pantry::food($food), Amount::of($bought), $now < $bought ? [new Step('cooked', Amount::of($now))] : [], null);
    }

    /**
     * @param  array<string, float>  $eggs
     * @param  array<string, float>  $dairies
     */
    private static function custard(array $eggs, array $dairies): CustardLayer
    {
        $list = static fn (array $foods): array => array_map(static fn (string $id, float $grams): Ingredient => new Ingredient(Pantry::food($id), Amount::of($grams)), array_keys($foods), array_values($foods));

        return new CustardLayer('custard', CustardStyle::Sliceable, $list($eggs), $list($dairies));
    }
}
