<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Bake\BakeInput;
use Hojaldre\Core\Bake\Browning;
use Hojaldre\Core\Custard\Custard;
use Hojaldre\Core\Food\DoughKind;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Roots;
use Hojaldre\Core\Oven\StandsOn;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pastry\Lining;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Form;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\RectangularTin;

/**
 * What the simulation has to know of a design. The filling is taken as one even mixture; of its layers only what lies on the
 * crust and what lies on top are told apart. A fold becomes a short cylinder as high as its middle and of the same volume.
 */
final readonly class BakeInputs
{
    /** A custard or a cream runs this freely, before it sets, against water (judgement). */
    private const POURS = 0.9;

    /** From here on an egg or a dairy pours before it sets; what stands on a spoon does not (judgement). */
    private const POURS_LIQUID_SHARE = 0.9;

    private const POURS_EGGS_PER_100G = 1.5;

    /** How fast a top browns against plain pastry, and the water to solids at which it browns half as fast (fitted). */
    private const TOPS = ['custard' => [7.5, 1.3], 'cheese' => [5.0, 1.3], 'solids' => [5.5, 1.3]];

    private const GLAZES = [Glaze::None->value => 1.0, Glaze::Milk->value => 1.6, Glaze::Egg->value => 2.2, Glaze::Yolk->value => 2.4];

    /** A lid lies flat in the steam of its pie and browns slower than a rim or a fold that stands up from it (fitted). */
    private const LID_SHARE = 0.5;

    /** A fold is closed but for its vents, and commonly glazed with egg (common practice, no source). */
    public const FOLD_OPEN_SHARE = Lid::VENT_SHARE;

    public const FOLD_GLAZE = Glaze::Egg;

    /** Less across than this is no pie, mm (definition). */
    private const LEAST_RADIUS = 10.0;

    public static function of(Weights $weights): BakeInput
    {
        $pie = $weights->pie;
        $units = self::units($pie);
        $lined = $weights->lined;
        $isFold = $pie->tin instanceof FoldedPieces;
        $radius = $isFold ? sqrt($lined->floorAreaMm2() / $units * FoldedPieces::MEAN_SHARE / M_PI) : $lined->radiusMm(min($lined->depthMm(), $weights->fillMm()) / 2);
        $lid = $pie->crust->lid;
        $layer = $pie->custard();
        $custard = $weights->custard();
        [$gain, $halfWater] = self::top($weights);

        return new BakeInput(
            radiusMm: max(self::LEAST_RADIUS, $radius),
            lengthMm: $lined instanceof RectangularTin ? $lined->floorAreaMm2() / (2 * $lined->radiusMm(0)) : null,
            crustMm: $pie->crust->thicknessMm,
            isLined: $isFold || $pie->crust->lining === Lining::Tin,
            hasWall: ! $isFold,
            lidMm: $isFold ? $pie->crust->thicknessMm : ($lid->thicknessMm ?? 0.0),
            openShare: $lid?->bakedOpenShare() ?? ($isFold ? self::FOLD_OPEN_SHARE : 0.0),
            tinMaterial: $pie->bake->tinMaterial,
            pastry: $pie->crust->dough->per100g,
            pastryKgPerM3: $pie->crust->dough->gramsPerMl * 1000,
            doughKind: $pie->crust->dough->doughKind ?? DoughKind::Short,
            partsKg: array_map(static fn (float $kg): float => $kg / $units, self::partsKg($pie->layers, $pie->seasonings)),
            toppingKg: self::topping($pie),
            startCelsius: $weights->startCelsius(),
            setsAtCelsius: $custard !== null && $custard->eggs > 0 && $weights->hasToSet() ? $custard->setsAtCelsius() : null,
            toughDose: $custard === null ? Custard::TOUGH_DOSE : $custard->toughDose($weights->starchShare()),
            liquidKg: ($layer?->grams() ?? 0.0) / 1000 / $units,
            weep: WeepOrder::of($weights)->scaled(1 / 1000 / $units),
            bindsKg: ($weights->looseGrams - $weights->freeGrams) / 1000 / $units,
            runnyShare: $layer === null ? 0.0 : self::POURS * self::pourableGrams($layer) / max(1.0, $weights->fillingGrams),
            seal: $pie->crust->seal,
            underlay: $pie->underlay(),
            topGain: $gain,
            topHalfWaterRatio: $halfWater,
            shell: $pie->form()->canBeBakedBlind() ? $pie->crust->shell : [],
            stages: $pie->bake->stages,
            onSteel: $pie->bake->on === StandsOn::Steel,
            safeCelsius: $weights->safeCelsius(),
            hasRawRoots: array_filter($pie->solids(), static fn (SolidLayer $layer): bool => Roots::isRoot($layer->food) && $layer->steps === []) !== [],
            isReheated: $weights->isReheated(),
            startLayers: $weights->startLayers(),
            rawPiece: $weights->rawPiece(),
            hasRawFlesh: $weights->hasRawFlesh(),
        );
    }

    /** How many alike there are: cups of a tray, folds on a sheet. */
    public static function units(Pie $pie): int
    {
        return $pie->tin instanceof RectangularTin ? 1 : max(1, (int) round($pie->tin->floorAreaMm2() / (M_PI * $pie->tin->radiusMm(0) ** 2)));
    }

    /**
     * @param  list<Layer>  $layers
     * @param  list<\Hojaldre\Core\Pie\Ingredient>  $seasonings
     * @return array<string, float> kg of each part of them together
     */
    private static function partsKg(array $layers, array $seasonings): array
    {
        $parts = ['water' => 0.0, 'protein' => 0.0, 'fat' => 0.0, 'carbohydrate' => 0.0, 'fibre' => 0.0, 'ash' => 0.0];
        $add = static function (Food $food, float $grams, float $water = 0.0, float $fat = 0.0) use (&$parts): void {
            $in = $food->per100g->parts();
            foreach ($parts as $part => $kg) {
                $parts[$part] = $kg + $grams * $in[$part] / 100000;
            }
            $parts['water'] -= $water / 1000;
            $parts['fat'] -= $fat / 1000;
        };
        foreach ($layers as $layer) {
            if ($layer instanceof SolidLayer) {
                $lost = $layer->bought->grams - $layer->now->grams;
                $share = $layer->food->waterShareOfLoss();
                $add($layer->food, $layer->bought->grams, $lost * $share, $lost * (1 - $share));
                if ($layer->binder !== null) {
                    $add($layer->binder->food, $layer->binder->grams());
                }
            } else {
                foreach ($layer->ingredients() as $one) {
                    $add($one->food, $one->grams());
                }
            }
        }
        foreach ($seasonings as $one) {
            $add($one->food, $one->grams());
        }

        return array_map(static fn (float $kg): float => max(1e-6, $kg), $parts);
    }

    /** Of the custard, what pours before it sets. */
    private static function pourableGrams(CustardLayer $custard): float
    {
        $grams = 0.0;
        foreach ($custard->ingredients() as $one) {
            $grams += $one->grams() * ($one->food->liquidShare >= self::POURS_LIQUID_SHARE || $one->food->eggsPer100g >= self::POURS_EGGS_PER_100G ? 1.0 : 0.0);
        }

        return $grams;
    }

    /**
     * Parts of what lies on top, where it is another thing than the mixture below it.
     *
     * @return array<string, float>|null
     */
    private static function topping(Pie $pie): ?array
    {
        $last = $pie->layers[count($pie->layers) - 1] ?? null;

        return $last instanceof SolidLayer && $pie->form() === Form::Open && count($pie->layers) > 1 ? self::partsKg([$last], []) : null;
    }

    /** @return array{float, float} */
    private static function top(Weights $weights): array
    {
        $pie = $weights->pie;
        if ($pie->form() === Form::Folded) {
            return [self::GLAZES[($pie->crust->lid->glaze ?? self::FOLD_GLAZE)->value], Browning::PASTRY_HALF_WATER_RATIO];
        }
        if ($pie->crust->lid !== null) {
            return [self::LID_SHARE * self::GLAZES[$pie->crust->lid->glaze->value], Browning::PASTRY_HALF_WATER_RATIO];
        }
        $last = $pie->layers[count($pie->layers) - 1] ?? null;

        return match (true) {
            $last instanceof SolidLayer && $last->food->isCheese() => self::TOPS['cheese'],
            $weights->custardMl > 0 && $weights->custardMl >= $weights->heapMl - $weights->solidMl => self::TOPS['custard'],
            default => self::TOPS['solids'],
        };
    }
}
