<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Custard\CustardStyle;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Oven\TinMaterial;
use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Pastry\Glaze;
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
use Hojaldre\Core\Pie\ScatteredLayer;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\Step;
use Hojaldre\Core\Tin\FlutedTin;
use Hojaldre\Core\Tin\FoldedDiscs;
use Hojaldre\Core\Tin\MeasuredDish;
use Hojaldre\Core\Tin\RectangularTin;
use Hojaldre\Core\Tin\SlopedTin;
use Hojaldre\Core\Tin\Springform;
use Hojaldre\Core\Tin\StraightTin;
use Hojaldre\Core\Tin\Tin;

/**
 * Bakes as cooks commonly do them, with the minutes they commonly take (common practice, no source), and what happens then:
 * the custard sets, the top is light gold or golden, or the middle is safe.
 */
final class Practice
{
    /** @return array<string, array{Pie, float, float, BakeEvent}> pie, from and to minutes, event */
    public static function cases(): array
    {
        $salt = [new Ingredient(Pantry::food('salt'), Amount::of(5))];

        return [
            'puff shell 24.5 cm weighted 18, cooled; eggs, cream, salty solids; 165 °C' => [self::pie(
                new StraightTin(245, 35), new Crust(Pantry::food('ready-puff'), 3, [self::weighted(200, 18)], Seal::None),
                [self::solid('streaky-bacon', 400, 200), self::solid('gruyere', 200, 200), self::solid('onions', 180, 100), self::custard(['egg' => 150], ['single-cream' => 180])],
                [new Stage(165, OvenMode::Static, 38)],
            ), 35, 40, BakeEvent::LightGold],
            'raw 4 mm crust 25 cm; thick yoghurt and cheese, few eggs, cooked-down vegetables; 180 °C' => [self::pie(
                new StraightTin(250, 35), new Crust(Pantry::food('shortcrust'), 4, [], Seal::None),
                [new ScatteredLayer('crumbs', Pantry::food('dry-crumbs'), Amount::of(20)), self::solid('courgettes', 550, 330), self::custard(['egg' => 100], ['strained-yoghurt' => 300, 'cream-cheese' => 150])],
                [new Stage(180, OvenMode::Static, 40)],
            ), 36, 44, BakeEvent::Golden],
            'oblong 35 by 11 cm, 190 °C weighted 10, bare 12; eggs, cream, cultured cream, cheese, bacon; 190 °C' => [self::pie(
                new RectangularTin(350, 110, 28, 4), new Crust(Pantry::food('shortcrust'), 3, [self::weighted(190, 10), self::bare(190, 12)], Seal::None),
                [self::solid('streaky-bacon', 200, 100), self::solid('gruyere', 100, 100), self::custard(['egg' => 150], ['single-cream' => 120, 'creme-fraiche' => 200])],
                [new Stage(190, OvenMode::Static, 28)],
            ), 25, 30, BakeEvent::Set],
            'puff double crust 26 cm; eggs, cream, bacon; 180 °C' => [self::pie(
                new StraightTin(260, 30), new Crust(Pantry::food('ready-puff'), 3, [], Seal::None, Lining::Tin, new Lid(3, 0.01, Glaze::Egg)),
                [self::solid('streaky-bacon', 300, 150), self::custard(['egg' => 200], ['single-cream' => 300])],
                [new Stage(180, OvenMode::Static, 36)],
            ), 30, 40, BakeEvent::Golden],
            'raw 4.5 mm crust 20 cm; eggs, cultured cream, fried vegetables; 180 °C' => [self::pie(
                new StraightTin(200, 40), new Crust(Pantry::food('shortcrust'), 4.5, [], Seal::None),
                [self::solid('leeks', 360, 250), self::custard(['egg' => 150], ['creme-fraiche' => 200])],
                [new Stage(180, OvenMode::Static, 40)],
            ), 36, 44, BakeEvent::LightGold],
            'deep fluted 23 cm, 180 °C weighted 11, sealed bare 3; eggs, cream, cooked onion; 180 °C' => [self::pie(
                new FlutedTin(220, 235, 35, 32, 4), new Crust(Pantry::food('shortcrust'), 3.5, [self::weighted(180, 11), self::bare(180, 3)], Seal::Egg),
                [self::solid('onions', 360, 200), self::custard(['egg' => 150], ['single-cream' => 303])],
                [new Stage(180, OvenMode::Static, 35)],
            ), 32, 38, BakeEvent::LightGold],
            'double crust 23 cm, base 218 °C weighted 8, bare 2.5; vegetables, eggs, little cream; 177 °C' => [self::pie(
                new SlopedTin(200, 230, 40), new Crust(Pantry::food('shortcrust'), 3.5, [self::weighted(218, 8), self::bare(218, 2.5)], Seal::None, Lining::Tin, new Lid(3, 0.02, Glaze::None)),
                [self::solid('onions', 300, 170), self::solid('mushrooms', 400, 220), self::solid('leeks', 300, 210), self::custard(['egg' => 200], ['single-cream' => 100])],
                [new Stage(177, OvenMode::Static, 60)],
            ), 55, 65, BakeEvent::Golden],
            'deep springform 23 cm, 6 mm raw; fresh cheese, seven eggs, meats; 190 °C, low first' => [self::pie(
                new Springform(230, 70), new Crust(Pantry::food('shortcrust'), 6, [], Seal::None),
                [self::solid('cooked-ham', 250, 250), self::solid('provolone', 150, 150), self::custard(['egg' => 350], ['ricotta' => 900])],
                [new Stage(190, OvenMode::Static, 15, Rack::Low), new Stage(190, OvenMode::Static, 20), new Stage(190, OvenMode::Static, 35, tent: true)],
            ), 60, 70, BakeEvent::TimeToLook],
            'shell 22 cm 232 °C weighted 17; salted drained tomatoes, cheese on top; 177 °C' => [self::pie(
                new StraightTin(220, 30), new Crust(Pantry::food('shortcrust'), 3, [self::weighted(232, 17)], Seal::None),
                [self::solid('tomatoes', 700, 560), self::solid('hard-cheese', 250, 250)],
                [new Stage(177, OvenMode::Static, 38)],
            ), 35, 40, BakeEvent::Golden],
            'pot pie, 3 mm lid on a hot stew; 200 °C' => [self::pie(
                new MeasuredDish(1800, 55), new Crust(Pantry::food('ready-puff'), 3, [], Seal::None, Lining::LidOnly, new Lid(3, 0.02, Glaze::Egg)),
                [self::solid('chicken-thigh', 700, 560, 60.0), self::solid('carrots', 300, 290, 60.0), self::solid('leeks', 300, 210, 60.0), self::custard([], ['single-cream' => 350], 60.0)],
                [new Stage(200, OvenMode::Static, 42)],
            ), 38, 45, BakeEvent::Golden],
            'pasty 20 cm, raw meat and roots; 200 °C' => [self::pie(
                new FoldedDiscs(4, 200), new Crust(Pantry::food('shortcrust'), 4, [], Seal::None),
                [self::solid('beef-skirt', 400, 400, 5.0), self::solid('potatoes', 300, 300), self::solid('swede', 150, 150), self::solid('onions', 120, 120)],
                [new Stage(200, OvenMode::Static, 40)],
            ), 30, 60, BakeEvent::Safe],
            'small hand pie 12 cm, cooked filling; 220 °C' => [self::pie(
                new FoldedDiscs(12, 120), new Crust(Pantry::food('ready-puff'), 3, [], Seal::None),
                [self::solid('minced-beef', 560, 400), self::solid('onions', 180, 100)],
                [new Stage(220, OvenMode::Static, 16)],
            ), 14, 20, BakeEvent::Golden],
        ];
    }

    /**
     * @param  list<Layer>  $layers
     * @param  non-empty-list<Stage>  $stages
     */
    private static function pie(Tin $tin, Crust $crust, array $layers, array $stages): Pie
    {
        return new Pie('Practice', 8, '', $tin, $crust, $layers, [], new BakePlan($stages, tinMaterial: $tin instanceof MeasuredDish ? TinMaterial::Ceramic : TinMaterial::DarkSteel));
    }

    private static function solid(string $food, float $bought, float $now, float $from = 18.0): SolidLayer
    {
        return new SolidLayer($food, Pantry::food($food), Amount::of($bought), $now < $bought ? [new Step('cooked', Amount::of($now))] : [], null, $from);
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
