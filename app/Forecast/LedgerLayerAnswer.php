<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use Hojaldre\Core\Forecast\LedgerLayer;

#[Schema('LedgerLayer')]
final readonly class LedgerLayerAnswer
{
    /**
     * @param  list<float>  $stepLossesGrams  driven off by each step
     * @param  float  $intoBaseGrams  of what is free; what lies above a set custard does not get there
     * @param  float  $floorGrams  no oven brings it lower
     */
    private function __construct(
        public string $id,
        public array $stepLossesGrams,
        public float $boughtGrams,
        public float $drivenOffGrams,
        public float $nowGrams,
        public float $floorGrams,
        public float $weepGrams,
        public float $boundGrams,
        public float $freeGrams,
        public float $intoBaseGrams,
    ) {
    }

    public static function of(LedgerLayer $layer): self
    {
        $water = $layer->water;

        return new self(
            $layer->id, Rounded::all($layer->stepLossesGrams, 2), round($water->rawGrams, 2), round($water->drivenOffGrams, 2), round($water->nowGrams, 2),
            round($water->floorGrams, 2), round($water->weepGrams, 2), round($water->boundGrams, 2), round($water->freeGrams, 2), round($layer->intoBaseGrams, 2),
        );
    }
}
