<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Closure;
use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Oven\StandsOn;
use Hojaldre\Core\Oven\TinMaterial;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pastry\ShellSupport;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\ScatteredLayer;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What moves a bake, and which way (facts of the trade; common practice, no source). */
final class DirectionsTest extends TestCase
{
    /** @return array<string, array{list<Pie>, Closure(SimulatedBake): float, bool}> pies in order, what is read of them, whether it falls */
    public static function directions(): array
    {
        $base = static fn (SimulatedBake $baked): float => $baked->base();
        $set = static fn (SimulatedBake $baked): float => $baked->minute(BakeEvent::Set);
        $top = static fn (SimulatedBake $baked): float => $baked->result->browned->topIndex;
        $window = static fn (SimulatedBake $baked): float => $baked->minute(BakeEvent::Over) - $baked->minute(BakeEvent::TimeToLook);
        $trout = TroutQuiche::pie();
        $shell = static fn (float $bare): Pie => $trout->withCrust($trout->crust->withShell([new ShellStage(ShellSupport::Weighted, 190, OvenMode::Static, 12, Rack::Middle), new ShellStage(ShellSupport::Bare, 190, OvenMode::Static, $bare, Rack::Middle)], Seal::None));
        $sealed = static fn (Seal $seal): Pie => TroutQuiche::withLeeks(340)->withCrust($trout->crust->withShell($trout->crust->shell, $seal));
        $oven = static fn (float $celsius, OvenMode $mode = OvenMode::Static, Rack $rack = Rack::Middle, bool $tent = false): Pie => $trout->withBake(new BakePlan([new Stage($celsius, $mode, 46, $rack, $tent)]));
        $tinMaterial = static fn (TinMaterial $tinMaterial, StandsOn $on = StandsOn::Rack): Pie => $trout->withCrust($trout->crust->withShell([], Seal::None))->withBake(new BakePlan($trout->bake->stages, $on, null, $tinMaterial));
        $warm = static function (float $celsius) use ($trout): Pie {
            $document = (array) json_decode(PieFile::write($trout), true);
            foreach (array_keys($document['layers']) as $i) {
                $document['layers'][$i]['fromCelsius'] = $celsius;
            }

            return PieFile::fromDocument($document);
        };
        $crumbs = static fn (float $grams): Pie => new Pie('Scattered', 8, '', $trout->tin, $trout->crust, [new ScatteredLayer('crumbs', Pantry::food('dry-crumbs'), Amount::of($grams)), ...TroutQuiche::withLeeks(380)->layers], [], $trout->bake);
        $poured = static fn (float $factor): Pie => $trout->withLayer(TroutQuiche::custard()->scaled($factor));

        return [
            'the longer the shell is baked bare, the drier the base' => [array_map($shell, [2.0, 6.0, 10.0, 14.0]), $base, true],
            'the less the leeks are pressed, the wetter the base' => [array_map(TroutQuiche::withLeeks(...), [280.0, 310.0, 350.0, 420.0]), $base, false],
            'a seal keeps water off the base' => [[$sealed(Seal::None), $sealed(Seal::Egg)], $base, true],
            'what is scattered takes up water' => [[$crumbs(5), $crumbs(25)], $base, true],
            'a hotter oven sets sooner' => [array_map($oven, [150.0, 165.0, 180.0, 195.0]), $set, true],
            'a hotter oven leaves a shorter window' => [array_map($oven, [150.0, 170.0, 190.0]), $window, true],
            'fan sets sooner than static' => [[$oven(170), $oven(170, OvenMode::Fan)], $set, true],
            'fan is about static twenty degrees hotter' => [[$oven(165), $oven(165, OvenMode::Fan), $oven(200)], $set, true],
            'under foil the top stays paler' => [[$oven(175), $oven(175, tent: true)], $top, true],
            'high in the oven the top browns more' => [[$oven(175, rack: Rack::Low), $oven(175, rack: Rack::Middle), $oven(175, rack: Rack::High)], $top, false],
            'low in the oven the base is drier' => [[$oven(175, rack: Rack::High), $oven(175, rack: Rack::Middle), $oven(175, rack: Rack::Low)], $base, true],
            'dark steel dries a base better than shiny, and holes better still' => [[$tinMaterial(TinMaterial::ShinySteel), $tinMaterial(TinMaterial::DarkSteel), $tinMaterial(TinMaterial::Perforated)], $base, true],
            'glass dries a base better than shiny steel' => [[$tinMaterial(TinMaterial::ShinySteel), $tinMaterial(TinMaterial::Glass)], $base, true],
            'hot steel below dries the base' => [[$tinMaterial(TinMaterial::DarkSteel), $tinMaterial(TinMaterial::DarkSteel, StandsOn::Steel)], $base, true],
            'a warmer filling sets sooner' => [array_map($warm, [5.0, 20.0, 40.0, 60.0]), $set, true],
            'more custard in the same tin takes longer' => [array_map($poured, [0.8, 1.0, 1.15]), $set, false],
            'more dairy to an egg sets later' => [[TroutQuiche::withCustard(6, 330), TroutQuiche::withCustard(5, 380), TroutQuiche::withCustard(4, 430)], $set, false],
        ];
    }

    /**
     * @param  list<Pie>  $pies
     * @param  Closure(SimulatedBake): float  $read
     */
    #[DataProvider('directions')]
    public function test_it_moves_the_way_the_trade_knows(array $pies, Closure $read, bool $falls): void
    {
        $values = array_map(static function (Pie $pie) use ($read): float {
            $baked = SimulatedBake::roughly(Weights::of($pie));
            self::assertNotNull($baked);

            return $read($baked);
        }, $pies);
        for ($i = 1; $i < count($values); $i++) {
            $told = implode(', ', array_map(static fn (float $value): string => sprintf('%.2f', $value), $values));
            self::assertTrue($falls ? $values[$i] < $values[$i - 1] : $values[$i] > $values[$i - 1], $told);
        }
    }
}
