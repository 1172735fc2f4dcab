<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Food\Texture;
use Hojaldre\Core\Food\Tint;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\ScatteredLayer;
use Hojaldre\Core\Pie\SolidLayer;

/** One layer of a section, mm from the floor of the tin. */
final readonly class SectionLayer
{
    /**
     * @param  'solid'|'custard'|'scattered'  $kind  as in the design
     * @param  float  $packingShare  of the layer that is the food and not gaps
     * @param  float  $waterPercent  wet basis
     * @param  bool  $hasBinder  whether something in it takes up water
     */
    private function __construct(
        public string $id,
        public string $kind,
        public Texture $texture,
        public Tint $tint,
        public float $bottomMm,
        public float $topMm,
        public float $packingShare,
        public float $waterPercent,
        public bool $hasBinder,
    ) {
    }

    public static function of(Layer $layer, float $bottomMm, float $topMm): self
    {
        $kind = match (true) {
            $layer instanceof SolidLayer => 'solid',
            $layer instanceof ScatteredLayer => 'scattered',
            default => 'custard',
        };
        [$texture, $packing, $water, $hasBinder] = match (true) {
            $layer instanceof SolidLayer => [$layer->food->texture, $layer->heapMl() > 0 ? $layer->trueMl() / $layer->heapMl() : 0.0, self::solidWaterPercent($layer), $layer->binder !== null],
            $layer instanceof ScatteredLayer => [$layer->food->texture, $layer->food->packingShare(), $layer->food->per100g->water, true],
            $layer instanceof CustardLayer => [Texture::Plain, 1.0, self::custardWaterPercent($layer), false],
            default => [Texture::Plain, 1.0, 0.0, false],
        };

        $tint = $layer instanceof CustardLayer ? Tint::Custard : Tint::of($layer->ingredients()[0]->food);

        return new self($layer->id(), $kind, $texture, $tint, $bottomMm, $topMm, $packing, $water, $hasBinder);
    }

    private static function solidWaterPercent(SolidLayer $solid): float
    {
        $water = $solid->food->waterGrams($solid->bought->grams) - $solid->food->waterShareOfLoss() * ($solid->bought->grams - $solid->now->grams);

        return $solid->grams() > 0 ? 100 * max(0.0, $water) / $solid->grams() : 0.0;
    }

    private static function custardWaterPercent(CustardLayer $custard): float
    {
        $water = 0.0;
        foreach ($custard->ingredients() as $ingredient) {
            $water += $ingredient->food->waterGrams($ingredient->grams());
        }

        return 100 * $water / max(1e-9, $custard->grams());
    }
}
