<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Bake\BakeInput;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Form;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Tin\FoldedDiscs;
use Hojaldre\Core\Tin\RectangularTin;

/**
 * What the simulation has to know of a design. The filling is taken as one even mixture; of its layers only what lies on the
 * crust and what lies on top are told apart. A fold becomes a short cylinder as high as its middle and of the same volume.
 */
final readonly class BakeInputs
{
    /** A custard or a cream runs this freely, before it sets, against water (judgement). */
    private const POURS = 0.9;

    /** How fast a top browns against plain pastry, and the water to solids at which it browns half as fast (fitted). */
    private const TOPS = ['custard' => [7.5, 1.3], 'cheese' => [2.8, 1.3], 'solids' => [4.0, 1.3]];

    private const GLAZES = ['none' => 1.0, 'milk' => 1.6, 'egg' => 2.2];

    private const PASTRY_X0 = 0.12;

    public static function of(Pie $pie): BakeInput
    {
        $weights = Weights::of($pie);
        $units = self::units($pie);
        $parts = array_map(static fn (float $kg): float => $kg / $units, self::parts($pie));
        $lined = $weights->lined;
        $folded = $pie->tin instanceof FoldedDiscs;
        $radius = $lined->radiusMm(min($lined->depthMm(), $weights->fillMm()) / 2);
        if ($folded) {
            $radius = sqrt($lined->floorAreaMm2() / $units * FoldedDiscs::MEAN_SHARE / M_PI);
        }
        $lid = $pie->crust->lid;
        $custard = $pie->custard();
        $seasons = $weights->custard();
        [$gain, $x0] = self::top($pie, $weights);

        return new BakeInput(
            radiusMm: max(10.0, $radius),
            lengthMm: $lined instanceof RectangularTin ? $lined->floorAreaMm2() / (2 * $lined->radiusMm(0)) : null,
            crustMm: $pie->crust->thicknessMm,
            isLined: $folded || $pie->crust->lining === 'tin',
            hasWall: ! $folded,
            lidMm: $folded ? $pie->crust->thicknessMm : ($lid->thicknessMm ?? 0.0),
            openShare: $folded ? 0.01 : ($lid->openShare ?? 0.0),
            rimGain: 1.0,
            tinMaterial: $pie->bake->tinMaterial,
            pastry: $pie->crust->dough->per100g,
            pastryKgPerM3: $pie->crust->dough->gramsPerMl * 1000,
            isPuff: str_contains($pie->crust->dough->id, 'puff'),
            parts: $parts,
            topping: self::topping($pie, $weights),
            startCelsius: max(1.0, $weights->startCelsius()),
            setsAtCelsius: $seasons !== null && $seasons->eggs > 0 ? $seasons->setsAtCelsius() : null,
            liquidKg: ($custard?->grams() ?? 0.0) / 1000 / $units,
            weepKg: $weights->looseGrams / 1000 / $units,
            bindsKg: ($weights->looseGrams - $weights->freeGrams) / 1000 / $units,
            runniness: $custard === null ? 0.0 : self::POURS * self::pourable($custard) / max(1.0, $weights->fillingGrams),
            seal: $pie->crust->seal,
            underlay: $pie->underlay(),
            topGain: $gain,
            topX0: $x0,
            shell: $pie->form()->canBeBakedBlind() ? $pie->crust->shell : [],
            stages: $pie->bake->stages,
            onSteel: $pie->bake->on === 'steel',
            wantedCelsius: $weights->safeCelsius(),
        );
    }

    /** How many alike there are: cups of a tray, folds on a sheet. */
    public static function units(Pie $pie): int
    {
        return $pie->tin instanceof RectangularTin ? 1 : max(1, (int) round($pie->tin->floorAreaMm2() / (M_PI * $pie->tin->radiusMm(0) ** 2)));
    }

    /** @return array<string, float> kg of each part of the whole filling */
    private static function parts(Pie $pie): array
    {
        $parts = ['water' => 0.0, 'protein' => 0.0, 'fat' => 0.0, 'carbohydrate' => 0.0, 'fibre' => 0.0, 'ash' => 0.0];
        $add = static function (Food $food, float $grams, float $water = 0.0, float $fat = 0.0) use (&$parts): void {
            foreach ($parts as $part => $kg) {
                $parts[$part] = $kg + $grams * $food->per100g->toArray()[$part] / 100000;
            }
            $parts['water'] -= $water / 1000;
            $parts['fat'] -= $fat / 1000;
        };
        foreach ($pie->layers as $layer) {
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
        foreach ($pie->seasonings as $one) {
            $add($one->food, $one->grams());
        }

        return array_map(static fn (float $kg): float => max(1e-6, $kg), $parts);
    }

    /** g of the custard that pours before it sets; what stands on a spoon does not. */
    private static function pourable(CustardLayer $custard): float
    {
        $grams = 0.0;
        foreach ($custard->ingredients() as $one) {
            $grams += $one->grams() * ($one->food->liquidShare >= 0.9 || $one->food->eggsPer100g >= 1.5 ? 1.0 : 0.0);
        }

        return $grams;
    }

    /**
     * Parts of what lies on top, where it is another thing than the mixture below it.
     *
     * @return array<string, float>|null
     */
    private static function topping(Pie $pie, Weights $weights): ?array
    {
        $last = $pie->layers === [] ? null : $pie->layers[count($pie->layers) - 1];
        if (! $last instanceof SolidLayer || $pie->form() !== Form::Open || count($pie->layers) === 1) {
            return null;
        }
        $alone = new Pie($pie->name, 1, '', $pie->tin, $pie->crust, [$last], [], $pie->bake);

        return self::parts($alone);
    }

    /** @return array{float, float} */
    private static function top(Pie $pie, Weights $weights): array
    {
        if ($pie->crust->lid !== null || $pie->form() === Form::Folded) {
            return [self::GLAZES[$pie->crust->lid->glaze ?? 'egg'], self::PASTRY_X0];
        }
        $last = $pie->layers === [] ? null : $pie->layers[count($pie->layers) - 1];

        return match (true) {
            $last instanceof SolidLayer && $last->food->isCheese() => self::TOPS['cheese'],
            $weights->custardMl > 0 && $weights->custardMl >= $weights->heapMl - $weights->solidMl => self::TOPS['custard'],
            default => self::TOPS['solids'],
        };
    }
}
