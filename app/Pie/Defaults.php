<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Schema;
use App\Measure\Saying;
use App\Pastry\DoughFoods;
use Hojaldre\Core\Batch\Batch;
use Hojaldre\Core\Batch\BatchLine;
use Hojaldre\Core\Batch\DoughChoice;
use Hojaldre\Core\Batch\FoldChoice;
use Hojaldre\Core\Custard\Custard;
use Hojaldre\Core\Custard\CustardStyle;
use Hojaldre\Core\Custard\Solver\CustardSolver;
use Hojaldre\Core\Food\Allergen;
use Hojaldre\Core\Food\AllergenName;
use Hojaldre\Core\Food\DoughKind;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Bill;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pastry\Rolled\LiningChoice;
use Hojaldre\Core\Pastry\ShellBake;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Tin\CupsTin;
use Hojaldre\Core\Tin\FlutedTin;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\MeasuredDish;
use Hojaldre\Core\Tin\RectangularTin;
use Hojaldre\Core\Tin\SlopedTin;
use Hojaldre\Core\Tin\Springform;
use Hojaldre\Core\Tin\StraightTin;
use Hojaldre\Core\Tin\Tin;

/**
 * What a cook commonly begins with, and the limits that words turn on (common practice, no source). `./hojaldre generate`
 * writes it down for the screen, so that the screen has no rule of the trade of its own.
 */
#[Schema('Defaults')]
final readonly class Defaults
{
    private const COMMON_FOODS = [
        'egg', 'double-cream', 'whole-milk', 'creme-fraiche', 'cheddar', 'gruyere', 'feta', 'ricotta',
        'leeks', 'onions', 'spinach', 'mushrooms', 'potatoes', 'carrots', 'broccoli', 'courgettes', 'tomatoes', 'pumpkin',
        'streaky-bacon', 'cooked-ham', 'chicken-thigh', 'minced-beef', 'smoked-trout', 'salmon',
        'shortcrust', 'ready-puff', 'flour', 'chicken-stock',
    ];

    /**
     * @param  float  $crispToRatio  water to solids of a base
     * @param  list<ShellStage>  $parBake
     * @param  list<ShellStage>  $puffBake  the same of puff
     * @param  ShellStage  $anotherShellStage  one stage more of a blind bake
     * @param  float  $anotherStageMinutes  one stage more of the bake
     * @param  Ingredient  $crumbs  folded into a wet layer
     * @param  float  $rubbedSaltGrams  rubbed on a layer
     * @param  float  $boiledSaltGramsPerLitre  in the water it is boiled in
     * @param  float  $latticeFromShare  of the top that is open; below it is a lid
     * @param  float  $eggGrams  a large egg without its shell
     * @param  int  $mostEggs  of the fridge, as the next two
     * @param  int  $mostTins  of a bill
     * @param  BatchLine  $batchLine  one of a pie, as cooks commonly line it; its uuid is to be put in
     * @param  DoughChoice  $doughChoice  what is usual for a dough; its id is to be put in
     * @param  DoughFoods  $doughFoods  what commonly goes into a dough
     * @param  list<Allergen>  $allergens
     * @param  list<AllergenName>  $allergenNames
     * @param  list<Tin>  $tins  one of each shape
     * @param  list<Saying>  $sayings  how amounts, lengths, heats and times may be said
     * @param  list<string>  $commonFoods  ids of what most kitchens have, to be ticked where one begins with what is there
     */
    private function __construct(
        public float $crispToRatio,
        public float $dryToRatio,
        public float $softToRatio,
        public array $parBake,
        public array $puffBake,
        public ShellStage $anotherShellStage,
        public float $anotherStageMinutes,
        public Lid $lid,
        public Lid $lattice,
        public float $latticeFromShare,
        public CustardLayer $custard,
        public Ingredient $crumbs,
        public Food $salt,
        public float $rubbedSaltGrams,
        public float $boiledSaltGramsPerLitre,
        public float $eggGrams,
        public int $mostEggs,
        public int $mostYolks,
        public int $mostDairies,
        public int $mostShellStages,
        public int $mostStages,
        public int $mostTins,
        public BatchLine $batchLine,
        public DoughChoice $doughChoice,
        public float $kitchenCelsius,
        public float $panGrams,
        public DoughFoods $doughFoods,
        public array $allergens,
        public array $allergenNames,
        public array $tins,
        public array $commonFoods,
        public array $sayings,
    ) {
    }

    public static function usual(): self
    {
        $parBake = ShellStage::usual(ShellBake::ParBaked);

        return new self(
            BaseVerdict::CRISP_TO_RATIO, BaseVerdict::DRY_TO_RATIO, BaseVerdict::SOFT_TO_RATIO,
            $parBake, ShellStage::usual(ShellBake::ParBaked, DoughKind::Puff), $parBake[1], 10, new Lid(3, Lid::VENT_SHARE, Glaze::Egg), new Lid(3, Lid::USUAL_LATTICE_SHARE, Glaze::Egg), Lid::LATTICE_SHARE,
            new CustardLayer('custard', CustardStyle::Tender, [], []), new Ingredient(Pantry::food('dry-crumbs'), Amount::of(10)),
            Pantry::food('salt'), 5, 10, Custard::EGG_GRAMS,
            CustardSolver::MOST_EGGS, CustardSolver::MOST_YOLKS, CustardSolver::MOST_DAIRIES, Crust::MOST_STAGES, BakePlan::MOST_STAGES, Bill::MOST_TINS,
            new BatchLine('00000000-0000-0000-0000-000000000000', 1, LiningChoice::usual(), FoldChoice::asDesigned()), DoughChoice::usual('shortcrust'), 21, Batch::USUAL_PAN_GRAMS, DoughFoods::usual(),
            Allergen::cases(), AllergenName::cases(),
            [
                new StraightTin(240, 35), new Springform(240, 70), new SlopedTin(220, 240, 35), new FlutedTin(220, 240, 35, 32, 4),
                new RectangularTin(240, 240, 35, 0), new CupsTin(12, 50, 70, 35), new MeasuredDish(1500, 35), FoldedPieces::halfMoons(4, 200),
            ],
            self::COMMON_FOODS,
            Saying::all(),
        );
    }
}
