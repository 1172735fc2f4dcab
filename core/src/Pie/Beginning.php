<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

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
use Hojaldre\Core\Pastry\ShellBake;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\MeasuredDish;
use Hojaldre\Core\Tin\RectangularTin;
use Hojaldre\Core\Tin\SlopedTin;
use Hojaldre\Core\Tin\Springform;
use Hojaldre\Core\Tin\StraightTin;
use Hojaldre\Core\Tin\Tin;

/**
 * What each kind commonly begins as (common practice, no source): tin, dough, stages, style, glaze and vents, with nothing in it yet.
 * All of it is marked as assumed.
 */
final readonly class Beginning
{
    public const CUSTARD_ID = 'custard';

    public static function of(PieKind $kind): Pie
    {
        $layers = $kind->isPoured() ? [new CustardLayer(self::CUSTARD_ID, self::style($kind), [], [])] : [];

        return new Pie('New pie', self::portions($kind), '', self::tin($kind), self::crust($kind), $layers, [], self::bake($kind), Assumed::all(...self::assumed($kind)));
    }

    private static function style(PieKind $kind): CustardStyle
    {
        return $kind === PieKind::DeepPie ? CustardStyle::Firm : CustardStyle::Tender;
    }

    private static function portions(PieKind $kind): int
    {
        return match ($kind) {
            PieKind::PotPie => 6,
            PieKind::Pasty => 4,
            default => 8,
        };
    }

    private static function tin(PieKind $kind): Tin
    {
        return match ($kind) {
            PieKind::Quiche => new StraightTin(240, 35),
            PieKind::RawCrustTart => new SlopedTin(210, 240, 32),
            PieKind::PuffTart => new RectangularTin(320, 220, 20, 0),
            PieKind::DoubleCrust => new SlopedTin(190, 230, 40),
            PieKind::DeepPie => new Springform(220, 62),
            PieKind::PotPie => new MeasuredDish(1500, 50),
            PieKind::Pasty => FoldedPieces::halfMoons(4, 200),
            PieKind::HandPie => FoldedPieces::halfMoons(8, 120),
        };
    }

    private static function crust(PieKind $kind): Crust
    {
        $thickness = match ($kind) {
            PieKind::DeepPie => 6.0,
            PieKind::Pasty => 4.0,
            default => 3.0,
        };
        $dough = in_array($kind, [PieKind::PuffTart, PieKind::PotPie], true) ? 'ready-puff' : 'shortcrust';
        $lid = match ($kind) {
            PieKind::DoubleCrust, PieKind::PotPie, PieKind::Pasty, PieKind::HandPie => new Lid($thickness, Lid::VENT_SHARE, Glaze::Egg),
            PieKind::DeepPie => new Lid(3, Lid::USUAL_LATTICE_SHARE, Glaze::Egg),
            default => null,
        };

        return new Crust(
            Pantry::food($dough), $thickness, $kind === PieKind::Quiche ? ShellStage::usual(ShellBake::ParBaked) : [], Seal::None,
            $kind === PieKind::PotPie ? Lining::LidOnly : Lining::Tin, $lid,
        );
    }

    private static function bake(PieKind $kind): BakePlan
    {
        [$celsius, $minutes, $rack] = match ($kind) {
            PieKind::Quiche => [175, 35, Rack::Middle],
            PieKind::RawCrustTart => [180, 45, Rack::Low],
            PieKind::PuffTart => [200, 30, Rack::Middle],
            PieKind::DoubleCrust => [180, 55, Rack::Low],
            PieKind::DeepPie => [190, 65, Rack::Low],
            PieKind::PotPie => [200, 35, Rack::Middle],
            PieKind::Pasty => [190, 45, Rack::Middle],
            PieKind::HandPie => [210, 20, Rack::Middle],
        };

        return new BakePlan([new Stage($celsius, OvenMode::Static, $minutes, $rack)], tinMaterial: $kind === PieKind::PotPie ? TinMaterial::Ceramic : TinMaterial::DarkSteel);
    }

    /** @return list<string> */
    private static function assumed(PieKind $kind): array
    {
        return [
            '/portions', '/tin', '/crust/dough', '/crust/thicknessMm', ...($kind === PieKind::Quiche || $kind === PieKind::RawCrustTart ? ['/crust/shell', '/crust/seal'] : []),
            ...(in_array($kind, [PieKind::DoubleCrust, PieKind::DeepPie, PieKind::PotPie, PieKind::Pasty, PieKind::HandPie], true) ? ['/crust/lid/glaze', '/crust/lid/openShare'] : []),
            ...($kind->isPoured() ? ['/layers/'.self::CUSTARD_ID.'/style'] : []),
            '/bake/stages/0/ovenCelsius', '/bake/stages/0/mode', '/bake/stages/0/minutes', '/bake/stages/0/rack', '/bake/tinMaterial',
        ];
    }
}
