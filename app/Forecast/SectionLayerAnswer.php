<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use Hojaldre\Core\Food\Texture;
use Hojaldre\Core\Food\Tint;
use Hojaldre\Core\Forecast\SectionLayer;

#[Schema('SectionLayer')]
final readonly class SectionLayerAnswer
{
    /**
     * @param  'solid'|'custard'|'scattered'  $kind
     * @param  float  $packing  share that is the food and not gaps, 0 to 1
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
        public float $packing,
        public float $waterPercent,
        public bool $hasBinder,
    ) {
    }

    public static function of(SectionLayer $layer): self
    {
        return new self(
            $layer->id, $layer->kind, $layer->texture, $layer->tint, round($layer->bottomMm, 2), round($layer->topMm, 2), round($layer->packingShare, 3), round($layer->waterPercent, 1), $layer->hasBinder,
        );
    }
}
