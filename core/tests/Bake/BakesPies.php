<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Custard\CustardStyle;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\ColourWish;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Oven\TinMaterial;
use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pastry\Lining;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pastry\ShellSupport;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\Step;
use Hojaldre\Core\Tin\MeasuredDish;
use Hojaldre\Core\Tin\Tin;

/** Pies of practice in few words. */
trait BakesPies
{
    /** Of the filling, as cooks season by taste (common practice, no source). */
    private const USUAL_SALT_PERCENT = 0.95;

    /**
     * @param  list<Layer>  $layers
     * @param  non-empty-list<Stage>  $stages
     * @param  float  $salt  added to the filling, g; null to season as usual
     */
    private static function pie(Tin $tin, Crust $crust, array $layers, array $stages, ColourWish $colour = ColourWish::Gold, ?float $salt = null): Pie
    {
        $pie = new Pie(
            'Practice', 8, '', $tin, $crust, $layers, [],
            new BakePlan($stages, tinMaterial: $tin instanceof MeasuredDish ? TinMaterial::Ceramic : TinMaterial::DarkSteel, colour: $colour),
        );
        $grams = max(0.0, $salt ?? Weights::of($pie)->salt()->gramsToReach(self::USUAL_SALT_PERCENT));

        return $grams > 0 ? $pie->withSeasonings([new Ingredient(Pantry::food('salt'), Amount::of($grams))]) : $pie;
    }

    private static function stage(float $celsius, float $minutes, Rack $rack = Rack::Middle, bool $tent = false): Stage
    {
        return new Stage($celsius, OvenMode::Static, $minutes, $rack, $tent);
    }

    /** @param  list<ShellStage>  $shell */
    private static function crust(string $dough, float $mm, array $shell = [], ?Lid $lid = null, Seal $seal = Seal::None, Lining $lining = Lining::Tin): Crust
    {
        return new Crust(Pantry::food($dough), $mm, $shell, $seal, $lining, $lid);
    }

    /**
     * @param  float|null  $now  as it goes in; null as bought
     * @param  float  $drainedSalt  g rubbed on before it was drained
     * @param  float  $boiledSalt  g in a litre of the water it was boiled in
     */
    private static function solid(string $food, float $bought, ?float $now = null, float $from = 18.0, float $drainedSalt = 0.0, float $boiledSalt = 0.0): SolidLayer
    {
        return new SolidLayer($food, Pantry::food($food), Amount::of($bought), $now === null ? [] : [new Step('cooked', Amount::of($now), $drainedSalt, $boiledSalt)], null, $from);
    }

    /**
     * @param  array<string, float>  $eggs
     * @param  array<string, float>  $dairies
     */
    private static function custard(array $eggs, array $dairies, float $from = 8.0): CustardLayer
    {
        $list = static fn (array $foods): array => array_map(static fn (string $id, float $grams): Ingredient => new Ingredient(Pantry::food($id), Amount::of($grams)), array_keys($foods), array_values($foods));

        return new CustardLayer('custard', CustardStyle::Tender, $list($eggs), $list($dairies), [], $from);
    }

    private static function weighted(float $celsius, float $minutes): ShellStage
    {
        return new ShellStage(ShellSupport::Weighted, $celsius, OvenMode::Static, $minutes, Rack::Middle);
    }

    private static function bare(float $celsius, float $minutes): ShellStage
    {
        return new ShellStage(ShellSupport::Bare, $celsius, OvenMode::Static, $minutes, Rack::Middle);
    }
}
